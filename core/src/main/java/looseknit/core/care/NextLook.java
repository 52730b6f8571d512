package looseknit.core.care;

import static looseknit.core.measure.Require.within;

import java.time.Month;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.dry.DryDown;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Growing;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * When to look at a pot again, and why. A look too soon costs a walk, a look too late costs what the plant does not bear: the look comes on the day
 * up to which it is as likely to want water as the one costs against both. What bears drought is looked at when it is predicted to be dry, what must
 * never dry out more than a standard deviation sooner.
 *
 * @param inDays whole days from now, at least 1
 * @param reason why then
 */
public record NextLook(int inDays, Reason reason) {

    /** Why a pot is looked at. */
    public enum Reason {
        /** It is predicted to be dry by then. */
        PREDICTED,
        /** It dries so slowly that nobody can say when. */
        BEYOND_HORIZON,
        /** It was warmer and drier than usual since the watering. */
        WARM_SPELL,
        /** It was cooler and damper than usual since. */
        COOL_SPELL,
        /** Rain has watered it. */
        RAINED,
        /** It was still moist at the last look. */
        STILL_MOIST,
        /** It was soaking wet at the last look. */
        SOAKING,
        /** It got only a little water. */
        LIGHTLY,
        /** It rests, and gets little or no water. */
        RESTING,
        /** It was passed by. */
        SKIPPED;

        /** Whether the weather moves a look that comes for it: one after a watering does, one that was asked for does not. */
        public boolean followsTheWeather() {
            return switch (this) {
                case PREDICTED, BEYOND_HORIZON, WARM_SPELL, COOL_SPELL, RAINED -> true;
                case RESTING, STILL_MOIST, SOAKING, LIGHTLY, SKIPPED -> false;
            };
        }

        /**
         * The reason in words.
         *
         * @param days predicted days from watering until the plant wants water
         * @param trigger how far it may dry
         */
        public Message words(final Estimate days, final AllowableDepletion trigger) {
            return switch (this) {
                case PREDICTED ->
                    (trigger.waitsDays() == 0 ? CareSentence.PREDICTED : CareSentence.PREDICTED_FOR_LONG)
                            .with(
                                    trigger,
                                    Hand.days(days.value()),
                                    Hand.days(Math.max(LEAST_DAYS, days.low80()))
                                            .bare(),
                                    Hand.days(days.high80()).bare());
                case BEYOND_HORIZON ->
                    CareSentence.LONGER_THAN.with(Quantity.trimmed(Dimension.DAYS, DryDown.HORIZON_DAYS, 0));
                case WARM_SPELL -> CareSentence.WARM_SPELL.with();
                case COOL_SPELL -> CareSentence.COOL_SPELL.with();
                case RAINED -> CareSentence.RAINED.with();
                case STILL_MOIST -> CareSentence.STILL_MOIST.with();
                case SOAKING -> CareSentence.SOAKING.with();
                case LIGHTLY -> CareSentence.LIGHTLY.with();
                case RESTING -> CareSentence.RESTING.with();
                case SKIPPED -> CareSentence.SKIPPED.with();
            };
        }
    }

    /** Share of the predicted time after which a pot that was still moist is looked at again; by judgement. */
    private static final double LOOK_AGAIN = 0.25;

    private static final int MOST_DAYS_AGAIN = 14;

    /** Share of the predicted time for which a light watering lasts, and after which a soaking pot is looked at again; by judgement. */
    private static final double HALF = 0.5;

    /** Nothing is told below half a day. */
    private static final double LEAST_DAYS = 0.5;

    /** What a look too late costs against one too soon where the plant bears no dry day; by judgement. */
    private static final double LATE_COSTS = 8;

    /** Share of its days by which a plant may stay dry for that cost to halve; by judgement. */
    private static final double HALVES = 0.25;

    /** Nothing is looked at later than on the day on which it is predicted to be dry. */
    private static final double LATEST = 0.5;

    public NextLook {
        within("inDays", inDays, 1, 365, Limit.DAYS);
    }

    /**
     * After an answer.
     *
     * @param days predicted days from a watering until the plant wants water
     * @param trigger how far it may dry
     */
    public static NextLook after(final Answer answer, final Estimate days, final AllowableDepletion trigger) {
        return switch (answer) {
            case WATERED, BONE_DRY -> afterWatering(days, trigger);
            case WATERED_LIGHTLY ->
                new NextLook((int) Math.max(1, Math.floor(HALF * earliest(days, trigger))), Reason.LIGHTLY);
            case STILL_MOIST ->
                new NextLook(
                        (int) Math.max(1, Math.min(MOST_DAYS_AGAIN, Math.round(LOOK_AGAIN * days.value()))),
                        Reason.STILL_MOIST);
            case SOAKING ->
                new NextLook(
                        (int) Math.max(1, Math.min(MOST_DAYS_AGAIN, Math.round(HALF * days.value()))), Reason.SOAKING);
            case SKIPPED -> new NextLook(1, Reason.SKIPPED);
        };
    }

    /**
     * After an answer in a month, for a plant that may rest then.
     *
     * @param days predicted days from a watering until the plant wants water in growth
     * @param trigger how far it may dry
     */
    public static NextLook after(
            final Answer answer,
            final Estimate days,
            final AllowableDepletion trigger,
            final Growing.Rest rest,
            final Month month) {
        final double waits = rest.waits(month);
        final NextLook look = after(answer, days.times(waits), trigger);
        return waits > 1 && look.reason().followsTheWeather() ? new NextLook(look.inDays(), Reason.RESTING) : look;
    }

    /**
     * After a watering.
     *
     * @param days predicted days until the plant wants water
     * @param trigger how far it may dry
     */
    public static NextLook afterWatering(final Estimate days, final AllowableDepletion trigger) {
        final int early = (int) Math.max(1, Math.floor(earliest(days, trigger)));
        return new NextLook(early, days.value() >= DryDown.HORIZON_DAYS ? Reason.BEYOND_HORIZON : Reason.PREDICTED);
    }

    /**
     * After some weather since a watering, counted from the day before the last that is reckoned with: 1 where it is due by now.
     *
     * @param days predicted days from a watering until the plant wants water
     * @param trigger how far it may dry
     */
    public static NextLook after(final Spell spell, final Estimate days, final AllowableDepletion trigger) {
        final int left = (int) Math.floor(earliest(days, trigger) - spell.days());
        return new NextLook(Math.max(1, Math.min(365, left + 1)), spell.reason());
    }

    private static double earliest(final Estimate days, final AllowableDepletion trigger) {
        final double bears =
                (trigger.mayStayDryDays() - trigger.waitsDays()) / (HALVES * Math.max(LEAST_DAYS, days.value()));
        final double late = LATE_COSTS / (1 + bears);
        final double share = Math.min(LATEST, 1 / (1 + late));
        return days.value() + days.sd() * new NormalDistribution().inverseCumulativeProbability(share);
    }
}
