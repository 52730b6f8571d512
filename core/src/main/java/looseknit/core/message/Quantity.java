package looseknit.core.message;

/**
 * A figure to be said.
 *
 * @param value the value, in the unit of computation of its dimension
 * @param dimension what it measures
 * @param decimals decimals worth showing in the metric unit
 * @param form how it is written
 */
public record Quantity(double value, Dimension dimension, int decimals, Form form) {

    /** How a figure is written. */
    public enum Form {
        /** All its decimals and its unit. */
        FULL,
        /** All its decimals, without unit. */
        BARE,
        /** Without decimals that are 0, and with its unit. */
        TRIMMED,
        /** Without decimals that are 0, and without unit. */
        BARE_TRIMMED
    }

    public Quantity {
        if (Double.isNaN(value) || decimals < 0 || decimals > 6) {
            throw new IllegalArgumentException(
                    "a quantity has a value and 0 to 6 decimals, not %s and %d".formatted(value, decimals));
        }
    }

    /** A figure with its unit. */
    public static Quantity of(final Dimension dimension, final double value, final int decimals) {
        return new Quantity(value, dimension, decimals, Form.FULL);
    }

    /** A figure with its unit, with no more decimals than it needs. */
    public static Quantity trimmed(final Dimension dimension, final double value, final int decimals) {
        return new Quantity(value, dimension, decimals, Form.TRIMMED);
    }

    /** Whole days, or with a decimal where so few that half a day counts. */
    public static Quantity days(final double days) {
        final boolean broken = days < 1.95 && Math.abs(days - Math.rint(days)) > 0.05;
        return trimmed(Dimension.DAYS, days, broken ? 1 : 0);
    }

    /** The same figure without its unit. */
    public Quantity bare() {
        final boolean trims = form == Form.TRIMMED || form == Form.BARE_TRIMMED;
        return new Quantity(value, dimension, decimals, trims ? Form.BARE_TRIMMED : Form.BARE);
    }

    /** Whether the unit is left out. */
    public boolean isBare() {
        return form == Form.BARE || form == Form.BARE_TRIMMED;
    }

    /** Whether decimals that are 0 are left out. */
    public boolean trims() {
        return form == Form.TRIMMED || form == Form.BARE_TRIMMED;
    }
}
