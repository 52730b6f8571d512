package looseknit.core.material;

/**
 * A water curve tabulated once, evenly in the square root of suction since it is steepest near zero. Linear between the points: within
 * 0.0005 of the curve for materials up to 16 mm.
 */
public final class RetentionTable {

    private static final int POINTS = 1024;
    private static final double FURTHEST_CM = 400;
    private static final double PER_ROOT_CM = (POINTS - 1) / Math.sqrt(FURTHEST_CM);

    private final double[] water = new double[POINTS + 1];

    RetentionTable(final Retention retention) {
        for (int i = 0; i < POINTS; i++) {
            final double root = i / PER_ROOT_CM;
            water[i] = retention.at(root * root);
        }
        water[POINTS] = water[POINTS - 1];
    }

    /** Place of a suction in any table: the row and the share of the way to the next one [suction in cm, 0 or more]. */
    public static double place(final double suctionCm) {
        return Math.min(POINTS - 1, Math.sqrt(suctionCm) * PER_ROOT_CM);
    }

    /** Water content at a place [vol/vol]. */
    public double at(final double place) {
        final int row = (int) place;
        return water[row] + (place - row) * (water[row + 1] - water[row]);
    }
}
