package looseknit.core.measure;

import looseknit.core.message.Quantity;
import looseknit.core.message.Range;

/** Range checks that name the field, the value and the allowed range. */
public final class Require {

    /** Decimals of a refused value. */
    private static final int DECIMALS = 6;

    private Require() {}

    /**
     * Returns the value if it is a finite number from {@code low} to {@code high}.
     *
     * @throws OutOfRangeException if it is not
     */
    public static double within(
            final String field, final double value, final double low, final double high, final Limit limit) {
        if (!(value >= low && value <= high)) {
            throw new OutOfRangeException(
                    field,
                    Double.isNaN(value)
                            ? Allowed.NO_NUMBER.words()
                            : Quantity.trimmed(limit.dimension(), value, DECIMALS)
                                    .bare(),
                    Allowed.RANGE.with(Range.accepted(low, high, limit.dimension()), limit));
        }
        return value;
    }

    /**
     * Returns the value if it is a whole number from {@code low} to {@code high}.
     *
     * @throws OutOfRangeException if it is not
     */
    public static int within(final String field, final int value, final int low, final int high, final Limit limit) {
        within(field, (double) value, low, high, limit);
        return value;
    }

    /**
     * Returns the text, stripped, if it has one to {@code longest} characters.
     *
     * @throws OutOfRangeException if it is blank or longer
     */
    public static String text(final String field, final String value, final int longest) {
        final String stripped = value.strip();
        if (stripped.isEmpty() || stripped.length() > longest) {
            throw new OutOfRangeException(
                    field, Allowed.CHARACTERS_LONG.with(stripped.length()), Allowed.CHARACTERS.with(longest));
        }
        return stripped;
    }

    public static String plain(final double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
