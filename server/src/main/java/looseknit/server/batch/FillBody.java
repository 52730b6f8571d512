package looseknit.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import looseknit.core.batch.Fill;
import looseknit.server.frame.Books;
import looseknit.server.need.PotBody;

/** Pots of one kind to fill, as it travels. */
public record FillBody(int count, @NotNull @Valid PotBody pot, double rootBallLitres) {

    static FillBody of(final Fill fill) {
        return new FillBody(fill.count(), PotBody.of(fill.pot()), fill.rootBallLitres());
    }

    /** The pots as the core understands them. */
    public Fill toCore(final Books books) {
        return new Fill(count, pot.toCore(books), rootBallLitres);
    }
}
