package looseknit.core.dry;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.blend.Mix;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;

/**
 * How a watered pot dries: through its surface, through a wall that breathes, and through the plant.
 *
 * <p>The form and its constants were set to reproduce four intervals of common practice; they are a calibration, not a
 * validation. One standard deviation is 35 % of the days. Leaf area matters most.
 *
 * @see "Penman (1948) for surface evaporation; Ritchie, J. T. (1972). Water Resour. Res. 8 for its two stages (from memory)"
 */
public final class DryDown {

    /** Spread of the days as a share of them, one standard deviation; by judgement. */
    public static final double RELATIVE_SD = 0.35;

    /** Longest time looked ahead [days]. */
    public static final double HORIZON_DAYS = 120;

    /** Water held after watering from the top, relative to soaking: air stays trapped; by judgement. */
    public static final double TOP_WATERED = 0.97;

    /** A light watering refills this share of the usable water; by judgement. */
    public static final double LIGHT_REFILL = 0.6;

    private static final double STEP_DAYS = 0.1;
    private static final double FIRST_STAGE_MM = 5;
    private static final double RITCHIE_ALPHA = 2.2;
    private static final double EXTINCTION = 0.4;
    private static final double MOST_LAYERS_OF_LEAVES = 4;
    private static final double WALL_CONDUCTANCE = 5.0;
    private static final double WALL_LIMIT_MM = 3.0;
    private static final double LEAF_PER_MJ = 0.08;
    private static final double LEAF_PER_KPA = 0.10;
    private static final double SURFACE_FALTERS = 0.15;
    private static final double WALL_FALTERS = 0.5;
    private static final double LEAF_FALTERS = 0.4;

    private final double usableLitres;
    private final double firstStageMmPerDay;
    private final double wallLitresPerDay;
    private final double leafLitresPerDay;
    private final double surfaceM2;

    /**
     * @param mix the mix
     * @param pot the pot
     * @param weather the air around it
     * @param foliage the leaves
     */
    public DryDown(final Mix mix, final Pot pot, final Weather weather, final Foliage foliage) {
        final double capacity = TOP_WATERED * Column.in(pot, mix).containerCapacityQuick(mix);
        final double at50 = mix.waterAt(50);
        final double at100 = mix.waterAt(100);
        final double beyondReach = Math.max(0.02, at100 - 0.8 * (at50 - at100));
        this.usableLitres = Math.max(1e-4, capacity - beyondReach) * pot.mixLitres();
        this.surfaceM2 = pot.surfaceM2();
        final double leaves = Math.min(MOST_LAYERS_OF_LEAVES, foliage.leafAreaM2() / surfaceM2);
        final double shade = Math.exp(-EXTINCTION * leaves);
        final double air = weather.aerodynamicMmPerDay();
        final double light = weather.radiationMmPerDay();
        this.firstStageMmPerDay = light * shade + air * Math.max(0.5, shade);
        final double demand = WALL_CONDUCTANCE * (air + 0.25 * light);
        final double wallMmPerDay = demand / (1 + demand / WALL_LIMIT_MM);
        this.wallLitresPerDay = pot.wall().breathes() ? wallMmPerDay * (pot.wallM2() + 0.5 * pot.baseM2()) : 0;
        this.leafLitresPerDay = foliage.leafAreaM2()
                * foliage.thrift()
                * (LEAF_PER_MJ * weather.solarMJPerM2() + LEAF_PER_KPA * weather.vapourPressureDeficitKPa());
    }

    /** Water between full and what the plant cannot reach [L]. */
    public double usableLitres() {
        return usableLitres;
    }

    /** Water that the leaves draw per day from a moist pot [L/d]. */
    public double leafLitresPerDay() {
        return leafLitresPerDay;
    }

    /** Water that a wet wall gives off per day [L/d]; 0 for walls that do not breathe. */
    public double wallLitresPerDay() {
        return wallLitresPerDay;
    }

    /** Water that a wet surface gives off per day [L/d]. */
    public double surfaceLitresPerDay() {
        return firstStageMmPerDay * surfaceM2;
    }

    /**
     * Days from a thorough watering until the pot has dried to the trigger; {@link #HORIZON_DAYS} if it takes longer.
     */
    public double daysTo(final Trigger trigger) {
        return daysBetween(0, trigger.depletion());
    }

    /**
     * Days from one state of dryness to another.
     *
     * @param from share of usable water gone at the start, 0 to 1
     * @param to share gone at the end, 0 to 1
     */
    public double daysBetween(final double from, final double to) {
        within("depletion", from, 0, 1, "(share)");
        within("depletion", to, 0, 1, "(share)");
        final State state = new State(from);
        while (state.gone < to && state.day < HORIZON_DAYS) {
            final double before = state.gone;
            state.advance();
            if (state.gone >= to) {
                return state.day - STEP_DAYS * (state.gone - to) / (state.gone - before);
            }
        }
        return Math.min(state.day, HORIZON_DAYS);
    }

    /** Share of usable water gone, day by day from a thorough watering on. */
    public List<Double> dailyDepletion(final int days) {
        within("days", days, 1, 365, "days");
        final List<Double> result = new ArrayList<>(days + 1);
        final State state = new State(0);
        result.add(0.0);
        final int stepsPerDay = (int) Math.round(1 / STEP_DAYS);
        for (int step = 1; step <= days * stepsPerDay; step++) {
            state.advance();
            if (step % stepsPerDay == 0) {
                result.add(state.gone);
            }
        }
        return result;
    }

    /** The pot at a moment. */
    private final class State {
        private double day;
        private double gone;
        private double surfaceMm;
        private double secondStageSince = Double.NaN;

        private State(final double gone) {
            this.gone = gone;
        }

        private void advance() {
            final double surface = surfaceMmPerDay() * limited(SURFACE_FALTERS);
            final double litres = surface * surfaceM2
                    + wallLitresPerDay * limited(WALL_FALTERS)
                    + leafLitresPerDay * limited(LEAF_FALTERS);
            surfaceMm += surface * STEP_DAYS;
            gone = Math.min(1, gone + litres * STEP_DAYS / usableLitres);
            day += STEP_DAYS;
        }

        private double surfaceMmPerDay() {
            if (surfaceMm < FIRST_STAGE_MM) {
                return firstStageMmPerDay;
            }
            if (Double.isNaN(secondStageSince)) {
                secondStageSince = day;
            }
            final double since = day - secondStageSince + STEP_DAYS;
            return Math.min(firstStageMmPerDay, 0.5 * RITCHIE_ALPHA / Math.sqrt(since));
        }

        private double limited(final double falters) {
            return Math.min(1, (1 - gone) / falters);
        }
    }
}
