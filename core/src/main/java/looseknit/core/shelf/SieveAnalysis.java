package looseknit.core.shelf;

import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.material.GrainSize;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;

/**
 * Sieving with a set of kitchen sieves: what stays on each, by volume or by weight, and what falls through the finest.
 *
 * @param sieves sieves from the finest to the coarsest
 * @param throughAll what falls through the finest, in the same unit as what stays
 */
public record SieveAnalysis(List<Sieve> sieves, double throughAll) {

    /** Grains are taken to end at this share of the finest opening, and at this multiple of the coarsest. */
    private static final double FINEST_SHARE = 0.125;

    private static final double COARSEST_TIMES = 2;

    /** Least ratio between two of the sizes, so that they stay apart. */
    private static final double APART = 1.02;

    /**
     * One sieve.
     *
     * @param openingMm [mm], 0.02 to 50
     * @param stays what stays on it [any unit], 0 or more
     */
    public record Sieve(double openingMm, double stays) {

        public Sieve {
            within("sieve.openingMm", openingMm, 0.02, 50, Limit.MM);
            within("sieve.stays", stays, 0, 1e6, Limit.SAME_UNIT);
        }
    }

    public SieveAnalysis {
        sieves = List.copyOf(sieves);
        within("sieve.throughAll", throughAll, 0, 1e6, Limit.SAME_UNIT);
        within("sieve.count", sieves.size(), 2, 12, Limit.SIEVES);
        for (int i = 1; i < sieves.size(); i++) {
            if (sieves.get(i).openingMm() <= sieves.get(i - 1).openingMm()) {
                throw new OutOfRangeException(
                        "sieve.openingMm",
                        Quantity.trimmed(Dimension.GRAIN, sieves.get(i).openingMm(), 3)
                                .bare(),
                        ShelfSentence.SIEVES_RISE.with());
            }
        }
        if (throughAll + sieves.stream().mapToDouble(Sieve::stays).sum() <= 0) {
            throw new OutOfRangeException("sieve.stays", 0, ShelfSentence.SOMETHING_SIEVED.with());
        }
    }

    /** Sizes that 10, 50 and 90 % pass, straight in the logarithm of size between the sieves. */
    public GrainSize grainSize() {
        final double d10 = passing(0.1);
        final double d50 = Math.max(passing(0.5), APART * d10);
        return new GrainSize(d10, d50, Math.max(passing(0.9), APART * d50));
    }

    private double passing(final double share) {
        final double all =
                throughAll + sieves.stream().mapToDouble(Sieve::stays).sum();
        double sizeBelow = sieves.get(0).openingMm() * FINEST_SHARE;
        double shareBelow = 0;
        double passed = throughAll / all;
        for (final Sieve sieve : sieves) {
            if (passed >= share) {
                return between(sizeBelow, shareBelow, sieve.openingMm(), passed, share);
            }
            sizeBelow = sieve.openingMm();
            shareBelow = passed;
            passed += sieve.stays() / all;
        }
        return between(sizeBelow, shareBelow, sizeBelow * COARSEST_TIMES, 1, share);
    }

    private static double between(
            final double sizeBelow,
            final double shareBelow,
            final double sizeAbove,
            final double shareAbove,
            final double share) {
        final double way = (share - shareBelow) / Math.max(1e-12, shareAbove - shareBelow);
        return sizeBelow * Math.pow(sizeAbove / sizeBelow, Math.min(1, Math.max(0, way)));
    }
}
