package looseknit.core.care;

import static looseknit.core.measure.Require.within;

import java.util.Locale;
import looseknit.core.dry.DryDown;
import looseknit.core.measure.Estimate;

/**
 * When to look at a pot again, and why. Looking is cheap and watering too soon is not: the look comes one standard deviation
 * before the predicted day.
 *
 * @param inDays whole days from now, at least 1
 * @param because the reason in words
 */
public record NextLook(int inDays, String because) {

    /** Share of the predicted time after which a pot that was still moist is looked at again; by judgement. */
    private static final double LOOK_AGAIN = 0.25;

    public NextLook {
        within("inDays", inDays, 1, 365, "days");
    }

    /**
     * After a watering.
     *
     * @param days predicted days until the plant wants water
     * @param dryness how dry it is then, in words
     */
    public static NextLook afterWatering(final Estimate days, final String dryness) {
        final int early = (int) Math.max(1, Math.floor(days.value() - days.sd()));
        if (days.value() >= DryDown.HORIZON_DAYS) {
            return new NextLook(early, "it takes more than %d days to dry".formatted((int) DryDown.HORIZON_DAYS));
        }
        return new NextLook(
                early,
                "predicted %s after %s days (%s to %s)"
                        .formatted(
                                dryness,
                                number(days.value()),
                                number(Math.max(0.5, days.low80())),
                                number(days.high80())));
    }

    /**
     * After a look that found the pot still moist.
     *
     * @param days predicted days from watering until the plant wants water
     */
    public static NextLook afterStillMoist(final Estimate days) {
        return new NextLook(
                (int) Math.max(1, Math.min(14, Math.round(LOOK_AGAIN * days.value()))), "still moist at the last look");
    }

    private static String number(final double days) {
        return days < 3 ? String.format(Locale.ROOT, "%.1f", days) : Long.toString(Math.round(days));
    }
}
