package looseknit.core.outcome;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * How long a plant was watched in a pot.
 *
 * @param days from potting until it was lost or last known to live, 0 to 20,000
 * @param lost whether it was lost; otherwise it lived when it was last known of
 */
public record Course(double days, boolean lost) {

    private static final double MOST_DAYS = 20_000;

    public Course {
        within("days", days, 0, MOST_DAYS, Limit.DAYS);
    }
}
