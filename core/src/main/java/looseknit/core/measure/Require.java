package looseknit.core.measure;

/** Range checks that name the field, the value and the allowed range. */
public final class Require {

    private Require() {}

    /**
     * Returns the value if it is a finite number from {@code low} to {@code high}.
     *
     * @throws OutOfRangeException if it is not
     */
    public static double within(
            final String field, final double value, final double low, final double high, final String unit) {
        if (!(value >= low && value <= high)) {
            throw new OutOfRangeException(field, plain(value), "%s to %s %s".formatted(plain(low), plain(high), unit));
        }
        return value;
    }

    /**
     * Returns the value if it is a whole number from {@code low} to {@code high}.
     *
     * @throws OutOfRangeException if it is not
     */
    public static int within(final String field, final int value, final int low, final int high, final String unit) {
        within(field, (double) value, low, high, unit);
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
                    field, "%d characters long".formatted(stripped.length()), "1 to %d characters".formatted(longest));
        }
        return stripped;
    }

    static String plain(final double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
