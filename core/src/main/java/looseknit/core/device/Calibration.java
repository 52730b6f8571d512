package looseknit.core.device;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;

/**
 * A probe set by buffers of pH 7 and pH 4: what it is off by at neutral, and how much of each step away from it it shows.
 *
 * @param offset what it shows too much at neutral
 * @param slope what it shows of a step of one, 1 for a perfect probe
 */
public record Calibration(double offset, double slope) {

    /** Acidity at which a glass electrode has no voltage. */
    public static final double NEUTRAL = 7;

    /** The other buffer. */
    public static final double ACID = 4;

    /** Not set. */
    public static final Calibration NONE = new Calibration(0, 1);

    /** A probe that shows less is worn out; usual guidance for electrodes, from memory. */
    private static final double WORN = 0.85;

    /** Less than this cannot be a probe in these buffers. */
    private static final double LEAST_SLOPE = 0.3;

    /**
     * By what it shows in both.
     *
     * @param atSeven what it shows in the buffer of pH 7, 5 to 9
     * @param atFour what it shows in the buffer of pH 4, 2 to 6.5, and less than in the other
     */
    public static Calibration of(final double atSeven, final double atFour) {
        within("buffer.seven", atSeven, 5, 9, Limit.PH);
        within("buffer.four", atFour, 2, Math.min(6.5, atSeven - LEAST_SLOPE * (NEUTRAL - ACID)), Limit.PH);
        return new Calibration(atSeven - NEUTRAL, (atSeven - atFour) / (NEUTRAL - ACID));
    }

    /** What a showing really is. */
    public double corrected(final double shown) {
        return NEUTRAL + (shown - NEUTRAL - offset) / slope;
    }

    /** Where a drifting showing really goes. */
    public Estimate corrected(final Estimate shown) {
        return new Estimate(corrected(shown.value()), shown.sd() / slope);
    }

    /** Whether the probe has become too flat. */
    public boolean wornOut() {
        return slope < WORN;
    }
}
