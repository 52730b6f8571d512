package looseknit.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import looseknit.core.batch.Fill;
import looseknit.server.frame.Books;
import looseknit.server.need.PotBody;

/** Pots of one kind to fill, as it travels and is stored. */
@Embeddable
public record FillRow(
        @Column(name = "pot_count") int count,
        @Embedded @NotNull @Valid PotBody pot,
        @Column(name = "root_ball_litres") double rootBallLitres) {

    static FillRow of(final Fill fill) {
        return new FillRow(fill.count(), PotBody.of(fill.pot()), fill.rootBallLitres());
    }

    Fill toCore(final Books books) {
        return new Fill(count, pot.toCore(books), rootBallLitres);
    }
}
