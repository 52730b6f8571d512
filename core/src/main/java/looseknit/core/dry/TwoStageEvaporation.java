package looseknit.core.dry;

/**
 * How losses falter as a pot dries: the surface in two stages, the wall and the leaves with the water that is left. One pot over time;
 * not thread-safe.
 *
 * @see "Ritchie, J. T. (1972). Water Resour. Res. 8 for the two stages of surface evaporation (from memory)"
 */
final class TwoStageEvaporation {

    private static final double FIRST_STAGE_MM = 5;
    private static final double RITCHIE_ALPHA = 2.2;
    private static final double SURFACE_FALTERS = 0.15;
    private static final double WALL_FALTERS = 0.5;
    private static final double LEAF_FALTERS = 0.4;

    private double surfaceMm;
    private double secondStageDays;

    /** Water wets the surface anew. */
    void wetted() {
        surfaceMm = 0;
        secondStageDays = 0;
    }

    /**
     * Water that the pot gives off in a step [L].
     *
     * @param gone share of usable water that is gone, 0 to 1
     */
    double litres(final Losses losses, final double gone, final double stepDays) {
        double mmPerDay = losses.surfaceMmPerDay();
        if (surfaceMm >= FIRST_STAGE_MM) {
            secondStageDays += stepDays;
            mmPerDay = Math.min(mmPerDay, 0.5 * RITCHIE_ALPHA / Math.sqrt(secondStageDays));
        }
        final double surface = mmPerDay * losses.dressing() * limited(gone, SURFACE_FALTERS);
        surfaceMm += surface * stepDays;
        return stepDays
                * (surface * losses.surfaceM2()
                        + losses.wallLitresPerDay() * limited(gone, WALL_FALTERS)
                        + losses.leafLitresPerDay() * limited(gone, LEAF_FALTERS));
    }

    private static double limited(final double gone, final double falters) {
        return Math.min(1, (1 - gone) / falters);
    }
}
