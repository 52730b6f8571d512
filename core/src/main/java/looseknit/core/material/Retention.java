package looseknit.core.material;

import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.measure.Limit;

/**
 * Water retention curve of a material on a bulk basis: water content against suction while draining.
 *
 * @see "van Genuchten, M. Th. (1980). A closed-form equation for predicting the hydraulic conductivity of unsaturated
 *     soils. Soil Sci. Soc. Am. J. 44, eq. 3; two-pore form after Durner, W. (1994). Water Resour. Res. 30 (both from
 *     memory)"
 */
public sealed interface Retention {

    /**
     * Water content.
     *
     * @param suctionCm suction as height of a water column [cm], 0 or more
     * @return water content [vol/vol]
     */
    double at(double suctionCm);

    /** Water content when all pores that water can enter are full [vol/vol]. */
    double saturated();

    /**
     * The curve of the same matter in another grade: the gaps between the grains are as much wider as the grains.
     *
     * @param ratio median grain against before, above 0
     */
    default Retention ofGrain(final double ratio) {
        return this;
    }

    /** Steepness of the gaps that still is a number. */
    private static double alpha(final double perCm) {
        return Math.max(1e-6, Math.min(100, perCm));
    }

    /** Effective saturation of one pore system, with m = 1 − 1/n. */
    private static double saturation(final double suctionCm, final double alphaPerCm, final double n) {
        if (suctionCm <= 0) {
            return 1;
        }
        return Math.pow(1 + Math.pow(alphaPerCm * suctionCm, n), 1 / n - 1);
    }

    /**
     * One pore system, for materials finer than about 2 mm.
     *
     * @param saturated θs [vol/vol]
     * @param residual θr [vol/vol]
     * @param alphaPerCm α [1/cm]
     * @param n shape, above 1
     */
    record Unimodal(double saturated, double residual, double alphaPerCm, double n) implements Retention {

        public Unimodal {
            within("retention.saturated", saturated, 0, 1, Limit.VOL_PER_VOL);
            within("retention.residual", residual, 0, saturated, Limit.VOL_PER_VOL);
            within("retention.alpha", alphaPerCm, 1e-6, 100, Limit.PER_CM);
            within("retention.n", n, 1.001, 20, Limit.SHAPE);
        }

        @Override
        public Retention ofGrain(final double ratio) {
            return new Unimodal(saturated, residual, Retention.alpha(alphaPerCm * ratio), n);
        }

        @Override
        public double at(final double suctionCm) {
            return residual + (saturated - residual) * saturation(suctionCm, alphaPerCm, n);
        }
    }

    /**
     * Two pore systems: gaps between the pieces, which drain first, and pores inside them.
     *
     * @param saturated θs [vol/vol]
     * @param inside θb, water held inside the pieces once the gaps are empty [vol/vol]
     * @param residual θr [vol/vol]
     * @param gapAlphaPerCm α of the gaps [1/cm]
     * @param gapN shape of the gaps
     * @param insideAlphaPerCm α of the inner pores [1/cm]
     * @param insideN shape of the inner pores
     */
    record Bimodal(
            double saturated,
            double inside,
            double residual,
            double gapAlphaPerCm,
            double gapN,
            double insideAlphaPerCm,
            double insideN)
            implements Retention {

        public Bimodal {
            within("retention.saturated", saturated, 0, 1, Limit.VOL_PER_VOL);
            within("retention.inside", inside, 0, saturated, Limit.VOL_PER_VOL);
            within("retention.residual", residual, 0, inside, Limit.VOL_PER_VOL);
            within("retention.gapAlpha", gapAlphaPerCm, 1e-6, 100, Limit.PER_CM);
            within("retention.gapN", gapN, 1.001, 20, Limit.SHAPE);
            within("retention.insideAlpha", insideAlphaPerCm, 1e-6, 100, Limit.PER_CM);
            within("retention.insideN", insideN, 1.001, 20, Limit.SHAPE);
        }

        @Override
        public Retention ofGrain(final double ratio) {
            return new Bimodal(
                    saturated,
                    inside,
                    residual,
                    Retention.alpha(gapAlphaPerCm * ratio),
                    gapN,
                    insideAlphaPerCm,
                    insideN);
        }

        @Override
        public double at(final double suctionCm) {
            return (saturated - inside) * saturation(suctionCm, gapAlphaPerCm, gapN)
                    + residual
                    + (inside - residual) * saturation(suctionCm, insideAlphaPerCm, insideN);
        }
    }

    /**
     * A curve moved to what a drain test showed: the air that a suction opens is scaled, and the pores changed.
     *
     * @param base the curve of the tables
     * @param saturated θs as found [vol/vol]
     * @param airFactor air at any suction against the table's
     */
    record Moved(Retention base, double saturated, double airFactor) implements Retention {

        /** Water that no suction of a pot takes out. */
        private static final double LEAST = 0.002;

        public Moved {
            within("retention.saturated", saturated, 0, 1, Limit.VOL_PER_VOL);
            within("retention.airFactor", airFactor, 0, 1000, Limit.TIMES_THE_TABLE);
        }

        @Override
        public double at(final double suctionCm) {
            return Math.max(
                    Math.min(LEAST, saturated), saturated - airFactor * (base.saturated() - base.at(suctionCm)));
        }
    }

    /**
     * Curves of several materials together, each weighted.
     *
     * @param parts the curves
     * @param weights litres of each in a litre; same order
     * @param saturated pores that water can enter [vol/vol]
     */
    record Together(List<Retention> parts, List<Double> weights, double saturated) implements Retention {

        public Together {
            parts = List.copyOf(parts);
            weights = List.copyOf(weights);
        }

        @Override
        public double at(final double suctionCm) {
            double sum = 0;
            for (int i = 0; i < parts.size(); i++) {
                sum += weights.get(i) * parts.get(i).at(suctionCm);
            }
            return Math.min(saturated, sum);
        }
    }
}
