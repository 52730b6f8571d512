package looseknit.core.outlook;

import static looseknit.core.measure.Require.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import looseknit.core.care.Answer;
import looseknit.core.device.Scale;
import looseknit.core.measure.Limit;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * A pot on a scale: how much of its water is left by its weight.
 *
 * @param left share of the usable water that is left, 0 to 1
 * @param predictedDays days from a watering after which it was reckoned to weigh so much; empty where so little is gone that it says nothing
 * @param suggests what is to be answered by it; empty where it is not what this pot can weigh
 * @param says what it says, in words
 */
public record PotOnScale(double left, OptionalDouble predictedDays, Optional<Answer> suggests, Message says) {

    /** Off the scale by more than this share of all usable water is no such pot. */
    private static final double OFF = 0.6;

    /** With less gone a weight says nothing of how fast it goes. */
    private static final double LEAST_GONE = 0.1;

    private static final double GRAMS = 1000;
    private static final double HEAVIEST_G = 500_000;

    /** How much a simulated plant is heavier or lighter than taken, and to how many grams a simulated scale shows. */
    private static final double PLANT = 0.1;

    private static final int STEP_G = 2;

    /**
     * What a weight says.
     *
     * @param grams pot, mix, water and plant [g], above 0
     * @param plantKg the plant [kg], 0 where nobody knows
     */
    public static PotOnScale of(final PotPortrait portrait, final double plantKg, final double grams) {
        within("pot.grams", grams, 1, HEAVIEST_G, Limit.GRAMS);
        final double raw = portrait.leftAt(grams / GRAMS - plantKg);
        final double left = Math.max(0, Math.min(1, raw));
        final double wantsLeft = 1 - portrait.wants();
        final Quantity share = Quantity.of(Dimension.SHARE, left, 0);
        if (raw > 1 + OFF || raw < -OFF) {
            return new PotOnScale(
                    left,
                    OptionalDouble.empty(),
                    Optional.empty(),
                    OutlookSentence.OFF_THE_SCALE.with(
                            mass(portrait.kg().dry() + plantKg),
                            mass(portrait.kg().watered() + plantKg)));
        }
        return new PotOnScale(
                left,
                1 - left < LEAST_GONE ? OptionalDouble.empty() : portrait.daysTo(left),
                Optional.of(left <= wantsLeft ? Answer.WATERED : Answer.STILL_MOIST),
                (left <= wantsLeft ? OutlookSentence.WEIGHS_DRY : OutlookSentence.WEIGHS_MOIST)
                        .with(
                                share,
                                mass(portrait.kg().dry()
                                        + plantKg
                                        + wantsLeft
                                                * (portrait.kg().watered()
                                                        - portrait.kg().dry()))));
    }

    private static Quantity mass(final double kg) {
        return Quantity.of(Dimension.MASS, kg, 2);
    }

    /**
     * A scale that ships in place of a real one, with a pot on it. A real one joins by implementing {@link Scale}.
     *
     * @param days days since the last watering
     * @param pace how many times the reckoned days its water lasts
     * @param seed tells one pot from another
     */
    public static Scale simulated(
            final PotPortrait portrait, final double plantKg, final double days, final double pace, final long seed) {
        final double plant = plantKg * (1 + PLANT * new Random(seed).nextGaussian());
        final double kg = portrait.kgAfter(Math.round(days / Math.max(0.1, pace))) + plant;
        return () -> STEP_G * Math.rint(kg * GRAMS / STEP_G);
    }
}
