package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.pot.Pot;

/**
 * Pots of one kind to fill.
 *
 * @param count how many, 1 to 10,000
 * @param pot the pot
 * @param rootBallLitres volume that root ball, pole and stones take up in each [L]
 */
public record Fill(int count, Pot pot, double rootBallLitres) {

    public Fill {
        within("count", count, 1, 10_000, Limit.POTS);
        within("rootBallLitres", rootBallLitres, 0, 1000, Limit.L);
        if (rootBallLitres >= pot.mixLitres()) {
            throw new OutOfRangeException(
                    "rootBallLitres",
                    Quantity.trimmed(Dimension.VOLUME, rootBallLitres, 3).bare(),
                    BatchSentence.LESS_THAN_THE_POT_HOLDS.with(Quantity.of(Dimension.VOLUME, pot.mixLitres(), 2)));
        }
    }

    /** Settled mix that these pots take [L]. */
    public double litres() {
        return count * litresEach();
    }

    /** Settled mix that one of them takes [L]. */
    public double litresEach() {
        return pot.mixLitres() - rootBallLitres;
    }
}
