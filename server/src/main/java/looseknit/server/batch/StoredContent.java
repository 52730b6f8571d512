package looseknit.server.batch;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** What lay in a bin, as it is stored. */
record StoredContent(Map<String, Double> litres, List<StoredDosed> doses) {

    /** An amendment that went in. */
    record StoredDosed(String amendmentId, double grams, LocalDate on) {}

    static StoredContent of(final BinContent content) {
        return new StoredContent(
                content.litres(),
                content.doses().stream()
                        .map(each -> new StoredDosed(each.amendmentId(), each.grams(), each.on()))
                        .toList());
    }

    BinContent content() {
        return new BinContent(
                litres,
                doses.stream()
                        .map(each -> new BinContent.Dosed(each.amendmentId(), each.grams(), each.on()))
                        .toList());
    }
}
