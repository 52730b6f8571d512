package looseknit.core.assay;

import static looseknit.core.measure.Require.within;

import java.util.Map;
import looseknit.core.blend.Mix;

/**
 * A figure that a test showed, beside what was predicted for the same test.
 *
 * @param what what was found, for people
 * @param signs which traits make it up, each with its sign: water held is pores less air
 * @param predicted what the tables predict, in the trait's unit
 * @param measured what the test showed, in the same unit
 * @param sd how far the test itself may be off
 */
public record Finding(What what, Map<LotTrait, Double> signs, double predicted, double measured, double sd) {

    /** What a test can show. */
    public enum What {
        AIR("Air after draining", "%", 100),
        POROSITY("All pores", "%", 100),
        WATER("Water held", "%", 100),
        DENSITY("Dry bulk density", "g/L", 1),
        PH("Acidity", "pH", 1);

        private final String words;
        private final String unit;
        private final double shown;

        What(final String words, final String unit, final double shown) {
            this.words = words;
            this.unit = unit;
            this.shown = shown;
        }

        public String words() {
            return words;
        }

        /** Unit in which people read it. */
        public String unit() {
            return unit;
        }

        /** Factor from the unit of computation to the unit in which people read it. */
        public double shown() {
            return shown;
        }
    }

    public Finding {
        signs = Map.copyOf(signs);
        within("finding.sd", sd, 1e-9, 1e6, "");
        within("finding.measured", measured, -1e6, 1e6, "");
        within("finding.predicted", predicted, -1e6, 1e6, "");
    }

    /** Air after draining in a column [vol/vol]. */
    public static Finding air(final double predicted, final double measured, final double sd) {
        return new Finding(What.AIR, Map.of(LotTrait.AIR, 1.0), predicted, measured, sd);
    }

    /** Total porosity [vol/vol]. */
    public static Finding porosity(final double predicted, final double measured, final double sd) {
        return new Finding(What.POROSITY, Map.of(LotTrait.POROSITY, 1.0), predicted, measured, sd);
    }

    /** Water held after draining [vol/vol]. */
    public static Finding water(final double predicted, final double measured, final double sd) {
        return new Finding(What.WATER, Map.of(LotTrait.POROSITY, 1.0, LotTrait.AIR, -1.0), predicted, measured, sd);
    }

    /** Dry bulk density [g/L], with a spread in the same unit. */
    public static Finding density(final double predicted, final double measured, final double sd) {
        return new Finding(What.DENSITY, Map.of(LotTrait.DENSITY, predicted), predicted, measured, sd);
    }

    /** pH, as it stands with what doses have done so far. */
    public static Finding ph(final double predicted, final double measured, final double sd) {
        return new Finding(What.PH, Map.of(LotTrait.PH, 1.0), predicted, measured, sd);
    }

    Weights weights(final Mix mix, final String blend) {
        Weights sum = new Weights(Map.of());
        for (final Map.Entry<LotTrait, Double> sign : signs.entrySet()) {
            sum = sum.plus(Weights.of(sign.getKey(), mix, blend), sign.getValue());
        }
        return sum;
    }
}
