package looseknit.core.reading;

import java.util.Optional;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Quality;
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
        Quality quality,
        Estimate estimate,
        Optional<Target> target,
        Verdict verdict,
        String words,
        Explanation explanation) {

    /** Lower end of the 80 % interval, not below 0. */
    public double low80() {
        return Math.max(0, estimate.low80());
    }

    /** Upper end of the 80 % interval; shares not above 1. */
    public double high80() {
        return quality.shown() == 100 ? Math.min(1, estimate.high80()) : estimate.high80();
    }
}
