package looseknit.core.dry;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.blend.Mix;
import looseknit.core.measure.Limit;
import looseknit.core.pot.Pot;

/**
 * How a watered pot dries.
 *
 * <p>The form and its constants were set to reproduce four intervals of common practice; they are a calibration, not a
 * validation. Leaf area matters most.
 *
 * @param usableLitres water between full and what the plant cannot reach [L], above 0
 * @param losses how fast it goes
 */
public record DryDown(double usableLitres, Losses losses) {

    /** Longest time looked ahead [days]. */
    public static final double HORIZON_DAYS = 120;

    /** A light watering refills this share of the usable water; by judgement. */
    public static final double LIGHT_REFILL = 0.6;

    private static final double STEP_DAYS = 0.1;

    /** A pot of mix watered from the top, without dressing. */
    public static DryDown of(final Mix mix, final Pot pot, final Weather weather, final Foliage foliage) {
        return new DryDown(Reservoir.of(mix, pot).fromTopL(), Losses.of(pot, weather, foliage, TopDressing.NONE));
    }

    /**
     * Days from a thorough watering until the pot has dried to the trigger; {@link #HORIZON_DAYS} if it takes longer.
     */
    public double daysTo(final AllowableDepletion trigger) {
        return daysBetween(0, trigger.depletion());
    }

    /**
     * Days from one state of dryness to another.
     *
     * @param from share of usable water gone at the start, 0 to 1
     * @param to share gone at the end, 0 to 1
     */
    public double daysBetween(final double from, final double to) {
        within("depletion", from, 0, 1, Limit.SHARE);
        within("depletion", to, 0, 1, Limit.SHARE);
        final TwoStageEvaporation skin = new TwoStageEvaporation();
        double gone = from;
        double day = 0;
        while (gone < to && day < HORIZON_DAYS) {
            final double before = gone;
            gone = Math.min(1, gone + skin.litres(losses, gone, STEP_DAYS) / usableLitres);
            day += STEP_DAYS;
            if (gone >= to) {
                return day - STEP_DAYS * (gone - to) / (gone - before);
            }
        }
        return Math.min(day, HORIZON_DAYS);
    }

    /** Share of usable water gone, day by day from a thorough watering on. */
    public List<Double> dailyDepletion(final int days) {
        within("days", days, 1, 365, Limit.DAYS);
        final List<Double> result = new ArrayList<>(days + 1);
        final TwoStageEvaporation skin = new TwoStageEvaporation();
        double gone = 0;
        result.add(gone);
        final int stepsPerDay = (int) Math.round(1 / STEP_DAYS);
        for (int step = 1; step <= days * stepsPerDay; step++) {
            gone = Math.min(1, gone + skin.litres(losses, gone, STEP_DAYS) / usableLitres);
            if (step % stepsPerDay == 0) {
                result.add(gone);
            }
        }
        return result;
    }
}
