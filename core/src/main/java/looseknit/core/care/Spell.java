package looseknit.core.care;

import java.time.LocalDate;
import java.util.Map;
import looseknit.core.need.Place;

/**
 * What the weather since a watering has come to.
 *
 * @param days usual days that it counts for, from 0 on
 * @param passed days that have passed, from 0 on
 * @param rained whether rain has filled the pot again since
 */
public record Spell(double days, long passed, boolean rained) {

    /** Off by so much a spell is worth words; by judgement. */
    private static final double WORTH_A_WORD = 0.15;

    /**
     * The pot that it is reckoned for.
     *
     * @param usual the place as it usually is; rain reaches the pot only where it does so there
     * @param surfaceM2 surface of its mix [m²]
     * @param litresToWant water between just watered and wanting water [L], above 0
     * @param expectedDays days from a watering until the plant wants water
     */
    public record Standing(Place usual, double surfaceM2, double litresToWant, double expectedDays) {}

    /**
     * The days from a watering up to a day; those that the logger has not count as usual ones, without rain.
     *
     * @param logged the days of the logger
     */
    public static Spell of(
            final LocalDate watered,
            final LocalDate until,
            final Standing pot,
            final Map<LocalDate, LoggedDay> logged) {
        double days = 0;
        boolean rained = false;
        for (LocalDate day = watered; day.isBefore(until); day = day.plusDays(1)) {
            final LoggedDay there = logged.get(day);
            if (there == null) {
                days++;
                continue;
            }
            days += there.against(pot.usual());
            if (pot.usual().rainMmPerWeek() > 0 && there.rainMm() > 0) {
                // a millimetre on a square metre is a litre
                days -= there.rainMm() * pot.surfaceM2() / pot.litresToWant() * pot.expectedDays();
                rained |= days <= 0;
                days = Math.max(0, days);
            }
        }
        return new Spell(days, Math.max(0, until.toEpochDay() - watered.toEpochDay()), rained);
    }

    /** Why a look comes sooner or later by it than it would in usual weather. */
    NextLook.Reason reason() {
        if (rained) {
            return NextLook.Reason.RAINED;
        }
        if (days > (1 + WORTH_A_WORD) * passed) {
            return NextLook.Reason.WARM_SPELL;
        }
        return days < (1 - WORTH_A_WORD) * passed ? NextLook.Reason.COOL_SPELL : NextLook.Reason.PREDICTED;
    }
}
