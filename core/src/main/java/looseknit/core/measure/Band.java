package looseknit.core.measure;

/**
 * A wanted range. An open end is infinite.
 *
 * @param low least wanted value
 * @param high greatest wanted value, not under {@code low}
 */
public record Band(double low, double high) {

    public Band {
        if (!(low <= high)) {
            throw new OutOfRangeException(
                    "band",
                    Allowed.FROM_TO.with(String.valueOf(low), String.valueOf(high)),
                    Allowed.LOW_NOT_ABOVE_HIGH.with());
        }
    }

    /** A band without lower end. */
    public static Band atMost(final double high) {
        return new Band(Double.NEGATIVE_INFINITY, high);
    }

    /** A band without upper end. */
    public static Band atLeast(final double low) {
        return new Band(low, Double.POSITIVE_INFINITY);
    }

    public boolean contains(final double value) {
        return value >= low && value <= high;
    }

    /** How far the value lies outside: negative below, positive above, 0 within. */
    public double miss(final double value) {
        if (value < low) {
            return value - low;
        }
        return value > high ? value - high : 0;
    }

    /** Width of the band; infinite if an end is open. */
    public double width() {
        return high - low;
    }

    /** The band widened, where it has to be, so that it holds another. */
    public Band around(final Band inner) {
        return new Band(Math.min(low, inner.low), Math.max(high, inner.high));
    }

    /** The band moved by the same amount at both ends. */
    public Band shifted(final double by) {
        return new Band(low + by, high + by);
    }

    /** The band cut to lie within the limits. */
    public Band clampedTo(final double least, final double most) {
        return new Band(Math.min(most, Math.max(least, low)), Math.max(least, Math.min(most, high)));
    }
}
