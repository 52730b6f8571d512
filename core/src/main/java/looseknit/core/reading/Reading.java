package looseknit.core.reading;

import java.util.Optional;
import looseknit.core.blend.Ageing;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Property;
import looseknit.core.need.Target;

/**
 * One reading of a blend.
 *
 * @param quality what is read
 * @param estimate predicted value with spread, in the unit of computation, within its physical range
 * @param target what is wanted, if a plant is named
 * @param verdict how the value lies to the target
 * @param words the verdict in words; for readings without target a word of orientation, or empty
 * @param explanation how it was worked out
 */
public record Reading(
        Property quality,
        Estimate estimate,
        Optional<Target> target,
        Verdict verdict,
        String words,
        Explanation explanation) {

    /** Lower end of the 80 % interval, not below 0. */
    public double low80() {
        return low80(estimate);
    }

    /** Lower end of the 80 % interval of an estimate of any reading, not below 0. */
    static double low80(final Estimate estimate) {
        return Math.max(0, estimate.low80());
    }

    /** Upper end of the 80 % interval; shares not above 1, years not beyond the horizon. */
    public double high80() {
        return high80(quality, estimate);
    }

    /** Upper end of the 80 % interval of an estimate of a reading, within what the reading can be. */
    static double high80(final Property quality, final Estimate estimate) {
        if (quality == Property.LIFE) {
            return Math.min(Ageing.HORIZON_YEARS, estimate.high80());
        }
        return quality.shown() == 100 ? Math.min(1, estimate.high80()) : estimate.high80();
    }
}
