package looseknit.core.dry;

import looseknit.core.blend.Mix;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;

/**
 * The water of a pot that a plant can use.
 *
 * @param fromTopL after watering from the top [L], above 0: some air stays trapped
 * @param soakedL after soaking from below [L]
 */
public record Reservoir(double fromTopL, double soakedL) {

    /** Water held after watering from the top, relative to soaking: air stays trapped; by judgement. */
    public static final double TOP_WATERED = 0.97;

    private static final double LEAST_L = 1e-4;

    /** What no plant draws from any mix [vol/vol]; by judgement. */
    public static final double DRIEST = 0.02;

    private static final double BEYOND_100 = 0.8;

    /** The usable water of a pot of this mix. */
    public static Reservoir of(final Mix mix, final Pot pot) {
        return of(mix, pot, Column.in(pot, mix).containerCapacityQuick(mix));
    }

    /**
     * The usable water of a pot of this mix.
     *
     * @param capacity water held after soaking and draining [vol/vol]
     */
    public static Reservoir of(final Mix mix, final Pot pot, final double capacity) {
        return of(mix.waterAt(50), mix.waterAt(100), pot, capacity);
    }

    /**
     * The usable water of a pot.
     *
     * @param at50 water at 50 cm of suction [vol/vol]
     * @param at100 water at 100 cm of suction [vol/vol]
     * @param capacity water held after soaking and draining [vol/vol]
     */
    public static Reservoir of(final double at50, final double at100, final Pot pot, final double capacity) {
        final double beyondReach = beyondReach(at50, at100);
        final double litres = pot.mixLitres();
        return new Reservoir(
                usableLitres(TOP_WATERED * capacity, beyondReach, litres), usableLitres(capacity, beyondReach, litres));
    }

    /**
     * Water that the plant cannot draw out of a mix [vol/vol].
     *
     * @param at50 water at 50 cm of suction [vol/vol]
     * @param at100 water at 100 cm of suction [vol/vol]
     */
    public static double beyondReach(final double at50, final double at100) {
        return Math.max(DRIEST, drawnDownTo(at50, at100));
    }

    /**
     * To what a plant draws a mix down where that is more than what no plant draws from any; of a mix it is the sum of what it is of the materials [vol/vol].
     *
     * @param at50 water at 50 cm of suction [vol/vol]
     * @param at100 water at 100 cm of suction [vol/vol]
     */
    public static double drawnDownTo(final double at50, final double at100) {
        return at100 - BEYOND_100 * (at50 - at100);
    }

    /** Water that the plant can draw out of some litres of mix [L]: what is held [vol/vol] less what is beyond reach. */
    public static double usableLitres(final double held, final double beyondReach, final double litres) {
        return Math.max(LEAST_L, (held - beyondReach) * litres);
    }
}
