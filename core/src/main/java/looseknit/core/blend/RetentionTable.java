package looseknit.core.blend;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import looseknit.core.material.Retention;

/**
 * A water curve tabulated once, evenly in the square root of suction since it is steepest near zero. Linear between the points: within
 * 0.0005 of the curve for materials up to 16 mm.
 */
final class RetentionTable {

    private static final int POINTS = 1024;
    private static final double FURTHEST_CM = 400;
    private static final double PER_ROOT_CM = (POINTS - 1) / Math.sqrt(FURTHEST_CM);

    /** Curves kept; a grower's own materials come and go. */
    private static final int MOST_KEPT = 500;

    private static final Map<Retention, RetentionTable> KEPT = new ConcurrentHashMap<>();

    private final double[] water = new double[POINTS + 1];

    private RetentionTable(final Retention retention) {
        for (int i = 0; i < POINTS; i++) {
            final double root = i / PER_ROOT_CM;
            water[i] = retention.at(root * root);
        }
        water[POINTS] = water[POINTS - 1];
    }

    static RetentionTable of(final Retention retention) {
        if (KEPT.size() > MOST_KEPT) {
            KEPT.clear();
        }
        return KEPT.computeIfAbsent(retention, RetentionTable::new);
    }

    /** Place of a suction in any table: the row and the share of the way to the next one [suction in cm, 0 or more]. */
    static double place(final double suctionCm) {
        return Math.min(POINTS - 1, Math.sqrt(suctionCm) * PER_ROOT_CM);
    }

    /** Water content at a place [vol/vol]. */
    double at(final double place) {
        final int row = (int) place;
        return water[row] + (place - row) * (water[row + 1] - water[row]);
    }
}
