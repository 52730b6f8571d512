package looseknit.core.assay;

import static looseknit.core.measure.Require.within;

import java.util.Map;
import looseknit.core.blend.Mix;
import looseknit.core.measure.Limit;
import looseknit.core.need.Property;

/**
 * A figure that a test showed, beside what was predicted for the same test.
 *
 * @param what what was found
 * @param signs which traits make it up, each with its sign: water held is pores less air
 * @param predicted what the tables predict, in the trait's unit
 * @param measured what the test showed, in the same unit
 * @param sd how far the test itself may be off
 * @param dosesSd how far what buffers and doses have done to the heap may be off, in the same unit; 0 for what no dose moves
 */
public record Finding(
        Property what, Map<LotTrait, Double> signs, double predicted, double measured, double sd, double dosesSd) {

    /** A figure that no dose moves. */
    public Finding(
            final Property what,
            final Map<LotTrait, Double> signs,
            final double predicted,
            final double measured,
            final double sd) {
        this(what, signs, predicted, measured, sd, 0);
    }

    public Finding {
        signs = Map.copyOf(signs);
        within("finding.dosesSd", dosesSd, 0, 1e6, Limit.NUMBER);
        within("finding.sd", sd, 1e-9, 1e6, Limit.NUMBER);
        within("finding.measured", measured, -1e6, 1e6, Limit.NUMBER);
        within("finding.predicted", predicted, -1e6, 1e6, Limit.NUMBER);
    }

    /** Air after draining in a column [vol/vol]. */
    public static Finding air(final double predicted, final double measured, final double sd) {
        return new Finding(Property.AIR, Map.of(LotTrait.AIR, 1.0), predicted, measured, sd);
    }

    /** Total porosity [vol/vol]. */
    public static Finding porosity(final double predicted, final double measured, final double sd) {
        return new Finding(Property.POROSITY, Map.of(LotTrait.POROSITY, 1.0), predicted, measured, sd);
    }

    /** Water held after draining [vol/vol]. */
    public static Finding water(final double predicted, final double measured, final double sd) {
        return new Finding(Property.WATER, Map.of(LotTrait.POROSITY, 1.0, LotTrait.AIR, -1.0), predicted, measured, sd);
    }

    /** Dry bulk density [g/L], with a spread in the same unit. */
    public static Finding density(final double predicted, final double measured, final double sd) {
        return new Finding(Property.DENSITY, Map.of(LotTrait.DENSITY, predicted), predicted, measured, sd);
    }

    /** pH, as it stands with what doses have done so far. */
    public static Finding ph(final double predicted, final double measured, final double sd) {
        return new Finding(Property.PH, Map.of(LotTrait.PH, 1.0), predicted, measured, sd);
    }

    /** The same in a heap of which it is not sure how far its buffers and doses have moved it. */
    Finding moved(final double byDosesSd) {
        return new Finding(what, signs, predicted, measured, sd, byDosesSd);
    }

    /** Salts as in a saturation extract, with what doses have set free [dS/m]. */
    public static Finding salts(final double predicted, final double measured, final double sd) {
        return new Finding(Property.SALTS, Map.of(LotTrait.SALTS, 1.0), predicted, measured, sd);
    }

    Weights weights(final Mix mix, final String blend, final String heap) {
        Weights sum = new Weights(Map.of());
        for (final Map.Entry<LotTrait, Double> sign : signs.entrySet()) {
            sum = sum.plus(Weights.of(sign.getKey(), mix, blend), sign.getValue());
        }
        return dosesSd > 0 ? sum.plus(Weights.ofDoses(heap), dosesSd) : sum;
    }
}
