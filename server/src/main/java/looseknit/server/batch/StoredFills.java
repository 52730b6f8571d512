package looseknit.server.batch;

import java.util.List;
import looseknit.server.need.StoredPot;

/** The pots that a batch fills, as they are stored. */
record StoredFills(List<StoredFill> fills) {

    /** Pots of one kind. */
    record StoredFill(int count, StoredPot pot, double rootBallLitres) {}

    static StoredFills of(final List<FillBody> fills) {
        return new StoredFills(fills.stream()
                .map(each -> new StoredFill(each.count(), StoredPot.of(each.pot()), each.rootBallLitres()))
                .toList());
    }

    List<FillBody> body() {
        return fills.stream()
                .map(each -> new FillBody(each.count(), each.pot().body(), each.rootBallLitres()))
                .toList();
    }
}
