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
 * @see "Penman (1948) for surface evaporation; Allen, R. G. et al. (1998), FAO Irrigation and Drainage Paper 56, equation 6 and the crop coefficient
 *     for the plant (both from memory); the wall by judgement, set to intervals of common practice"
 */
public record Losses(
        double surfaceMmPerDay, double wallLitresPerDay, double leafLitresPerDay, double surfaceM2, double dressing) {

    /** How quickly light and wind fade under layers of leaves; from memory for light, taken for both. */
    private static final double EXTINCTION = 0.4;

    /** Layers of leaves over ground that a plant covers, or what a body of its own shades like; by judgement. */
    private static final double LAYERS_OF_LEAVES = 3;

    /** Conductance of a wet clay wall against a wet surface, and the most it passes [mm/d]; set to intervals of common practice. */
    private static final double WALL_CONDUCTANCE = 5.0;

    private static final double WALL_LIMIT_MM = 2.6;

    /** The losses of a pot in some air, with a plant. */
    public static Losses of(final Pot pot, final Weather weather, final Foliage foliage, final TopDressing dressing) {
        final double surfaceM2 = pot.surfaceM2();
        final double covered = Math.min(1, foliage.canopyM2() / surfaceM2);
        final double leaves = LAYERS_OF_LEAVES * covered;
        final double shade = Math.exp(-EXTINCTION * leaves);
        final double air = weather.aerodynamicMmPerDay(pot.wall().breathes() ? 0 : weather.sunWarmsC());
        final double light = weather.radiationMmPerDay();
        final double demand = WALL_CONDUCTANCE * (air + 0.25 * light);
        final double wallMmPerDay = demand / (1 + demand / WALL_LIMIT_MM);
        return new Losses(
                light * shade + air * Math.max(0.5, shade),
                pot.wall().breathes() ? wallMmPerDay * (pot.wallM2() + 0.5 * pot.baseM2()) : 0,
                foliage.canopyM2() * foliage.cropCoefficient() * weather.referenceCropMmPerDay(),
                surfaceM2,
                dressing.evaporation());
    }

    /** Water that a wet surface gives off under its dressing [L/d]. */
    public double surfaceLitresPerDay() {
        return surfaceMmPerDay * surfaceM2 * dressing;
    }
}
