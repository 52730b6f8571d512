package looseknit.core.care;

/** How much of the water that a plant can draw before it wants more is left, as reckoned. */
public final class WaterLevel {

    private static final double LEAST_DAYS = 0.5;

    private WaterLevel() {}

    /**
     * Share that is left, 1 just after a watering, 0 once the plant wants water. Taken to go down evenly: what the last days add to that is
     * less than the range of the prediction.
     *
     * @param daysSince days since the last watering, from 0 on
     * @param expectedDays days from a watering until the plant wants water
     */
    public static double left(final double daysSince, final double expectedDays) {
        return Math.max(0, Math.min(1, 1 - daysSince / Math.max(LEAST_DAYS, expectedDays)));
    }
}
