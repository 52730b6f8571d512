package looseknit.core.care;

import static looseknit.core.measure.Require.within;

import looseknit.core.dry.DryDown;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * When to look at a pot again, and why. Looking is cheap and watering too soon is not: the look comes one standard deviation
 * before the predicted day.
 *
 * @param inDays whole days from now, at least 1
 * @param because the reason in words
 */
public record NextLook(int inDays, Message because) {

    /** Share of the predicted time after which a pot that was still moist is looked at again; by judgement. */
    private static final double LOOK_AGAIN = 0.25;

    public NextLook {
        within("inDays", inDays, 1, 365, Limit.DAYS);
    }

    /**
     * After a watering.
     *
     * @param days predicted days until the plant wants water
     * @param dryness how dry it is then, in words
     */
    public static NextLook afterWatering(final Estimate days, final Message dryness) {
        final int early = (int) Math.max(1, Math.floor(days.value() - days.sd()));
        if (days.value() >= DryDown.HORIZON_DAYS) {
            return new NextLook(
                    early, CareSentence.LONGER_THAN.with(Quantity.trimmed(Dimension.DAYS, DryDown.HORIZON_DAYS, 0)));
        }
        return new NextLook(
                early,
                CareSentence.PREDICTED.with(
                        dryness,
                        days(days.value()),
                        days(Math.max(0.5, days.low80())).bare(),
                        days(days.high80()).bare()));
    }

    /**
     * After a look that found the pot still moist.
     *
     * @param days predicted days from watering until the plant wants water
     */
    public static NextLook afterStillMoist(final Estimate days) {
        return new NextLook(
                (int) Math.max(1, Math.min(14, Math.round(LOOK_AGAIN * days.value()))),
                CareSentence.STILL_MOIST.with());
    }

    private static Quantity days(final double days) {
        return Quantity.of(Dimension.DAYS, days, days < 3 ? 1 : 0);
    }
}
