package looseknit.core.pot;

import static looseknit.core.measure.Require.within;

import looseknit.core.blend.Mix;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

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

    private static final GaussIntegrator FINE = new GaussIntegratorFactory().legendre(24, 0, 1);
    private static final GaussIntegrator QUICK = new GaussIntegratorFactory().legendre(8, 0, 1);

    public Column {
        within("column.heightCm", heightCm, 0.1, 200, "cm");
        within("column.bottomOverTop", bottomOverTop, 0.01, 100, "(ratio)");
        within("column.addedSuctionCm", addedSuctionCm, 0, 100, "cm");
        within("column.freeWaterCm", freeWaterCm, 0, 200, "cm");
    }

    /** A column that drains freely at its bottom. */
    public static Column free(final double heightCm, final double bottomOverTop) {
        return new Column(heightCm, bottomOverTop, 0, 0);
    }

    /** The column of this mix in a pot. */
    public static Column in(final Pot pot, final Mix mix) {
        final double height = pot.mixHeightCm();
        final double taper = pot.widthAtCm(pot.layerCm()) / pot.widthAtCm(Pot.FILL * pot.heightCm());
        return switch (pot.base()) {
            case NO_HOLES -> new Column(height, taper, 0, Math.max(0, Math.min(height, pot.baseCm() - pot.layerCm())));
            case WICK -> new Column(height, taper, pot.baseCm() + pot.layerCm(), 0);
            case ON_FEET, FLAT -> new Column(height, taper, layerSuction(pot, mix), 0);
        };
    }

    /** Whether the layer breaks the capillary pull of the mix above it. */
    public static boolean breaksPull(final DrainageLayer layer, final Mix mix) {
        return layer.material().grainSize().d50Mm() >= BREAK_RATIO * mix.medianGrainMm();
    }

    private static double layerSuction(final Pot pot, final Mix mix) {
        return pot.layer()
                .map(layer -> breaksPull(layer, mix)
                        ? Math.min(
                                layer.depthCm(),
                                BREAK_CM2 / (layer.material().grainSize().d50Mm() / 10))
                        : layer.depthCm())
                .orElse(0.0);
    }

    /** Water held after soaking from below and draining: container capacity [vol/vol of the mix]. */
    public double containerCapacity(final Mix mix) {
        return meanWater(mix, FINE);
    }

    /** {@link #containerCapacity} by a quicker rule, within 0.0015; for series of many mixes. */
    public double containerCapacityQuick(final Mix mix) {
        return meanWater(mix, QUICK);
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
        for (int i = 0; i < 40; i++) {
            final double middle = 0.5 * (low + high);
            if (airShare(mix, middle) > AIRED_SHARE) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return 0.5 * (low + high);
    }

    /** Water content at a height above the bottom of the mix [vol/vol]. */
    public double waterAtHeight(final Mix mix, final double aboveBottomCm) {
        return aboveBottomCm < freeWaterCm
                ? mix.waterPorosity()
                : mix.waterAt(aboveBottomCm - freeWaterCm + addedSuctionCm);
    }

    private double airShare(final Mix mix, final double aboveBottomCm) {
        return 1 - waterAtHeight(mix, aboveBottomCm) / mix.totalPorosity();
    }

    private double meanWater(final Mix mix, final GaussIntegrator rule) {
        if (freeWaterCm >= heightCm) {
            return mix.waterPorosity();
        }
        final double split = freeWaterCm / heightCm;
        double water = 0;
        double area = 0;
        for (int i = 0; i < rule.getNumberOfPoints(); i++) {
            final double z = split + (1 - split) * rule.getPoint(i);
            final double section = section(z) * rule.getWeight(i) * (1 - split);
            water += section * waterAtHeight(mix, z * heightCm);
            area += section;
            if (split > 0) {
                final double below = section(split * rule.getPoint(i)) * rule.getWeight(i) * split;
                water += below * mix.waterPorosity();
                area += below;
            }
        }
        return water / area;
    }

    private double section(final double relativeHeight) {
        final double width = bottomOverTop + (1 - bottomOverTop) * relativeHeight;
        return width * width;
    }
}
