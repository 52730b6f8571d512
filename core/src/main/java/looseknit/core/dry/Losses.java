package looseknit.core.dry;

import looseknit.core.pot.Pot;

/**
 * How fast a moist pot gives off water through its surface, a wall that breathes, and the plant.
 *
 * @param surfaceMmPerDay from a wet surface [mm/d]
 * @param wallLitresPerDay from a wet wall [L/d]; 0 for walls that do not breathe
 * @param leafLitresPerDay through the leaves of a plant with water to spare [L/d]
 * @param surfaceM2 surface of the mix [m²]
 * @param dressing evaporation through the dressing, against a bare surface
 * @see "Penman (1948) for surface evaporation; wall and leaf by judgement, set to intervals of common practice"
 */
public record Losses(
        double surfaceMmPerDay, double wallLitresPerDay, double leafLitresPerDay, double surfaceM2, double dressing) {

    private static final double EXTINCTION = 0.4;
    private static final double MOST_LAYERS_OF_LEAVES = 4;
    private static final double WALL_CONDUCTANCE = 5.0;
    private static final double WALL_LIMIT_MM = 3.0;
    private static final double LEAF_PER_MJ = 0.08;
    private static final double LEAF_PER_KPA = 0.10;

    /** The losses of a pot in some air, with a plant. */
    public static Losses of(final Pot pot, final Weather weather, final Foliage foliage, final TopDressing dressing) {
        final double surfaceM2 = pot.surfaceM2();
        final double leaves = Math.min(MOST_LAYERS_OF_LEAVES, foliage.leafAreaM2() / surfaceM2);
        final double shade = Math.exp(-EXTINCTION * leaves);
        final double air = weather.aerodynamicMmPerDay();
        final double light = weather.radiationMmPerDay();
        final double demand = WALL_CONDUCTANCE * (air + 0.25 * light);
        final double wallMmPerDay = demand / (1 + demand / WALL_LIMIT_MM);
        return new Losses(
                light * shade + air * Math.max(0.5, shade),
                pot.wall().breathes() ? wallMmPerDay * (pot.wallM2() + 0.5 * pot.baseM2()) : 0,
                foliage.leafAreaM2()
                        * foliage.thrift()
                        * (LEAF_PER_MJ * weather.solarMJPerM2() + LEAF_PER_KPA * weather.vapourPressureDeficitKPa()),
                surfaceM2,
                dressing.evaporation());
    }

    /** Water that a wet surface gives off under its dressing [L/d]. */
    public double surfaceLitresPerDay() {
        return surfaceMmPerDay * surfaceM2 * dressing;
    }
}
