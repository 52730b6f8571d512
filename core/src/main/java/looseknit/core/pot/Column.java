package looseknit.core.pot;

import static looseknit.core.measure.Require.within;

import java.util.Arrays;
import looseknit.core.blend.Mix;
import looseknit.core.measure.Limit;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.LegendreRuleFactory;
import org.hipparchus.util.Pair;

/**
 * Water in a standing column of mix after it has drained. Suction at a height equals the height above the level of free water,
 * plus what a wick or layer adds.
 *
 * @param heightCm height of the mix [cm]
 * @param bottomOverTop width at the bottom over width at the top
 * @param addedSuctionCm suction at the bottom of the mix [cm]
 * @param freeWaterCm height of free water above the bottom of the mix [cm]
 * @see "Fonteno, W. C. (1989). An approach to modeling air and water status of horticultural substrates. Acta Hort. 238
 *     (method, from memory)"
 */
public record Column(double heightCm, double bottomOverTop, double addedSuctionCm, double freeWaterCm) {

    /** Air share of the pores from which on a height counts as aired: below it lies the perched wet zone. */
    private static final double AIRED_SHARE = 0.10;

    /** Suction gained per layer grain diameter [cm²]; half of what capillary rise in gravel gives, by judgement. */
    private static final double BREAK_CM2 = 0.4;

    /** A layer of at least so many times the mix's grain breaks the capillary pull; below it both drain as one. */
    private static final double BREAK_RATIO = 4;

    /** How finely a column is divided for the mean over its height. */
    public enum Rule {
        /** 24 Gauss points: within 0.00002. */
        FINE(24),
        /** 8 Gauss points: within 0.0015; for series of many mixes. */
        QUICK(8);

        private final GaussIntegrator integrator;

        Rule(final int points) {
            final Pair<double[], double[]> rule = new LegendreRuleFactory().getRule(points);
            // from -1 to 1 there, from the bottom to the top here
            this.integrator = new GaussIntegrator(
                    Arrays.stream(rule.getFirst()).map(at -> (at + 1) / 2).toArray(),
                    Arrays.stream(rule.getSecond()).map(weight -> weight / 2).toArray());
        }
    }

    /**
     * Suctions at which a mix has to be read, with the share of the column's volume for which each stands.
     *
     * @param suctionCm suctions [cm]
     * @param share shares of the volume; with {@code submerged} they add up to 1
     * @param submerged share of the volume that stands in free water
     */
    public record Points(double[] suctionCm, double[] share, double submerged) {}

    /** Halvings of the height in search of the wet zone: to a thousandth of a millimetre. */
    private static final int ZONE_HALVINGS = 18;

    public Column {
        within("column.heightCm", heightCm, 0.1, 200, Limit.CM);
        within("column.bottomOverTop", bottomOverTop, 0.01, 100, Limit.RATIO);
        within("column.addedSuctionCm", addedSuctionCm, 0, 100, Limit.CM);
        within("column.freeWaterCm", freeWaterCm, 0, 200, Limit.CM);
    }

    /** A column that drains freely at its bottom. */
    public static Column free(final double heightCm, final double bottomOverTop) {
        return new Column(heightCm, bottomOverTop, 0, 0);
    }

    /** The column of this mix in a pot. */
    public static Column in(final Pot pot, final Mix mix) {
        return in(pot, pot.layer().isPresent() ? mix.medianGrainMm() : 1);
    }

    /**
     * The column of a mix in a pot.
     *
     * @param medianGrainMm median grain of the mix [mm]; counts only over a drainage layer
     */
    public static Column in(final Pot pot, final double medianGrainMm) {
        final double height = pot.mixHeightCm();
        final double taper = pot.widthAtCm(pot.layerCm()) / pot.widthAtCm(pot.fillCm());
        return switch (pot.base()) {
            case NO_HOLES -> new Column(height, taper, 0, Math.max(0, Math.min(height, pot.baseCm() - pot.layerCm())));
            case WICK -> new Column(height, taper, pot.baseCm() + pot.layerCm(), 0);
            case ON_FEET, HANGING, FLAT -> new Column(height, taper, layerSuction(pot, medianGrainMm), 0);
        };
    }

    /** Whether the layer breaks the capillary pull of the mix above it. */
    public static boolean breaksPull(final DrainageLayer layer, final Mix mix) {
        return breaksPull(layer.material().grainSize().d50Mm(), mix.medianGrainMm());
    }

    /** Whether the layer of a pot, if it has one, breaks the capillary pull of a mix with this median grain [mm]. */
    public static boolean breaksPull(final Pot pot, final double medianGrainMm) {
        return pot.layer()
                .filter(layer -> breaksPull(layer.material().grainSize().d50Mm(), medianGrainMm))
                .isPresent();
    }

    private static double layerSuction(final Pot pot, final double medianGrainMm) {
        return pot.layer()
                .map(layer -> breaksPull(pot, medianGrainMm)
                        ? breakSuction(
                                layer.depthCm(), layer.material().grainSize().d50Mm())
                        : layer.depthCm())
                .orElse(0.0);
    }

    /** Whether grains of this size below break the capillary pull of a mix above them. */
    static boolean breaksPull(final double grainBelowMm, final double grainAboveMm) {
        return grainBelowMm >= BREAK_RATIO * grainAboveMm;
    }

    /** Suction at the foot of a mix over a layer that breaks its pull [cm]. */
    static double breakSuction(final double layerCm, final double grainMm) {
        return Math.min(layerCm, BREAK_CM2 / (grainMm / 10));
    }

    /** Water held after soaking from below and draining: container capacity [vol/vol of the mix]. */
    public double containerCapacity(final Mix mix) {
        final Points points = points(Rule.FINE);
        double water = points.submerged() * mix.waterPorosity();
        for (int i = 0; i < points.share().length; i++) {
            water += points.share()[i] * mix.waterAt(points.suctionCm()[i]);
        }
        return water;
    }

    /** {@link #containerCapacity} by a quicker rule, within 0.002; for series of many mixes. */
    public double containerCapacityQuick(final Mix mix) {
        final Points points = points(Rule.QUICK);
        double water = points.submerged() * mix.waterPorosity();
        for (int i = 0; i < points.share().length; i++) {
            water += points.share()[i] * mix.waterAtQuick(points.suctionCm()[i]);
        }
        return water;
    }

    /** The column when the mix has sunk to a share of its height. */
    Column sunkTo(final double settledTo) {
        return new Column(Math.max(1, heightCm * settledTo), bottomOverTop, addedSuctionCm, freeWaterCm);
    }

    /** Share of its height to which the mix sinks, leaving at least a centimetre. */
    double sunkShare(final double settledTo) {
        return Math.max(settledTo, Math.min(1, 1 / heightCm));
    }

    /** Air after draining: air-filled porosity [vol/vol]. */
    public double airFilledPorosity(final Mix mix) {
        return mix.totalPorosity() - containerCapacity(mix);
    }

    /** Height of the perched wet zone [cm]: the lowest height at which a tenth of the pores hold air. */
    public double wetZoneCm(final Mix mix) {
        if (airShare(mix, heightCm) <= AIRED_SHARE) {
            return heightCm;
        }
        double low = 0;
        double high = heightCm;
        for (int i = 0; i < ZONE_HALVINGS; i++) {
            final double middle = 0.5 * (low + high);
            if (airShare(mix, middle) > AIRED_SHARE) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return 0.5 * (low + high);
    }

    private double airShare(final Mix mix, final double aboveBottomCm) {
        final double water = aboveBottomCm < freeWaterCm
                ? mix.waterPorosity()
                : mix.waterAtQuick(aboveBottomCm - freeWaterCm + addedSuctionCm);
        return 1 - water / mix.totalPorosity();
    }

    /** Where to read a mix for the mean over this column. */
    public Points points(final Rule rule) {
        if (freeWaterCm >= heightCm) {
            return new Points(new double[0], new double[0], 1);
        }
        final GaussIntegrator gauss = rule.integrator;
        final int n = gauss.getNumberOfPoints();
        final double split = freeWaterCm / heightCm;
        final double[] suction = new double[n];
        final double[] share = new double[n];
        double above = 0;
        double below = 0;
        for (int i = 0; i < n; i++) {
            final double z = split + (1 - split) * gauss.getPoint(i);
            suction[i] = z * heightCm - freeWaterCm + addedSuctionCm;
            share[i] = section(z) * gauss.getWeight(i) * (1 - split);
            above += share[i];
            below += section(split * gauss.getPoint(i)) * gauss.getWeight(i) * split;
        }
        for (int i = 0; i < n; i++) {
            share[i] /= above + below;
        }
        return new Points(suction, share, below / (above + below));
    }

    private double section(final double relativeHeight) {
        final double width = bottomOverTop + (1 - bottomOverTop) * relativeHeight;
        return width * width;
    }
}
