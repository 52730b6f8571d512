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
 */
public record Finding(Property what, Map<LotTrait, Double> signs, double predicted, double measured, double sd) {

    public Finding {
        signs = Map.copyOf(signs);
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

    /** Salts as in a saturation extract, with what doses have set free [dS/m]. */
    public static Finding salts(final double predicted, final double measured, final double sd) {
        return new Finding(Property.SALTS, Map.of(LotTrait.SALTS, 1.0), predicted, measured, sd);
    }

    Weights weights(final Mix mix, final String blend) {
        Weights sum = new Weights(Map.of());
        for (final Map.Entry<LotTrait, Double> sign : signs.entrySet()) {
            sum = sum.plus(Weights.of(sign.getKey(), mix, blend), sign.getValue());
        }
        return sum;
    }
}
