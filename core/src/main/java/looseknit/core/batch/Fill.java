package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import java.util.Locale;
import looseknit.core.measure.OutOfRangeException;
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
        within("count", count, 1, 10_000, "pots");
        within("rootBallLitres", rootBallLitres, 0, 1000, "L");
        if (rootBallLitres >= pot.mixLitres()) {
            throw new OutOfRangeException(
                    "rootBallLitres",
                    rootBallLitres,
                    String.format(Locale.ROOT, "less than the %.2f L of mix that the pot holds", pot.mixLitres()));
        }
    }

    /** Settled mix that these pots take [L]. */
    public double litres() {
        return count * (pot.mixLitres() - rootBallLitres);
    }
}
