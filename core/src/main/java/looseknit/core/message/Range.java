package looseknit.core.message;

/**
 * A range of figures to be said. An open end is infinite.
 *
 * @param low lower end, in the unit of computation of the dimension
 * @param high upper end
 * @param dimension what it measures
 * @param decimals decimals worth showing in the metric unit
 * @param form how it is written
 */
public record Range(double low, double high, Dimension dimension, int decimals, Form form) {

    /** How a range is written. */
    public enum Form {
        /** "24–40 %", with all its decimals. */
        DASH,
        /** "0.5–3 mm", with no more decimals than it needs. */
        DASH_TRIMMED,
        /** "2 to 200 cm", with no more decimals than it needs. */
        TO
    }

    /** What is wanted: "24–40 %", "at least 2.0 years". */
    public static Range wanted(final double low, final double high, final Dimension dimension, final int decimals) {
        return new Range(low, high, dimension, decimals, Form.DASH);
    }

    /** What is accepted: "2 to 200 cm". */
    public static Range accepted(final double low, final double high, final Dimension dimension) {
        return new Range(low, high, dimension, 6, Form.TO);
    }

    Quantity lowEnd() {
        return end(low);
    }

    Quantity highEnd() {
        return end(high);
    }

    private Quantity end(final double value) {
        return form != Form.DASH
                ? Quantity.trimmed(dimension, value, decimals)
                : Quantity.of(dimension, value, decimals);
    }
}
