package looseknit.core.care;

import static looseknit.core.measure.Require.within;

import java.util.Optional;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * How often a hand waters, as it was seen, whatever it says of itself.
 *
 * @param everyDays usual days between waterings, the geometric mean, above 0
 * @param lowDays below this lies one interval in ten
 * @param highDays above this lies one in ten
 * @param waterings how many it comes from
 */
public record Hand(double everyDays, double lowDays, double highDays, int waterings) {

    /** Whether a pot gets water as often as its plant wants it. */
    public enum Fit {
        FITS,
        /** It wants water sooner than it gets it. */
        TOO_SELDOM,
        /** It gets water before it wants it. */
        TOO_OFTEN
    }

    /** From so many waterings on a hand is known; by judgement. */
    private static final int FEWEST = 4;

    /** Within a day nobody tells sooner from later. */
    private static final double LEAST_DAYS = 0.5;

    /** Rounds are walked by days: a day more or less is no misfit. */
    private static final double ROUNDS_DAYS = 1;

    /** Off by so much is off from what one says; by judgement. */
    private static final double OFF = 0.2;

    /** Pots that want water within so much of each other stand well together; by judgement. */
    private static final double ALIKE = 0.2;

    /** Below so many days a decimal counts. */
    private static final double FEW_DAYS = 3;

    /**
     * Days between waterings as far as a hand depends on them: those of several pots are put together without going through them again.
     *
     * @param count how many
     * @param sum of their logarithms
     * @param squares of the squares of their logarithms
     */
    public record Intervals(int count, double sum, double squares) {

        /** None yet. */
        public static final Intervals NONE = new Intervals(0, 0, 0);

        /**
         * These and one more.
         *
         * @param days between two waterings, 0 to 400
         * @throws OutOfRangeException if the days are none of these
         */
        public Intervals with(final double days) {
            within("days", days, 0, 400, Limit.DAYS);
            final double log = Math.log(Math.max(LEAST_DAYS, days));
            return new Intervals(count + 1, sum + log, squares + log * log);
        }

        /** These and others. */
        public Intervals with(final Intervals others) {
            return new Intervals(count + others.count, sum + others.sum, squares + others.squares);
        }
    }

    /** A hand by the days between its waterings; nothing while they are few. */
    public static Optional<Hand> of(final Intervals intervals) {
        final int count = intervals.count();
        if (count < FEWEST) {
            return Optional.empty();
        }
        final double mean = intervals.sum() / count;
        final double spread =
                Estimate.Z80 * Math.sqrt(Math.max(0, (intervals.squares() - intervals.sum() * mean) / (count - 1)));
        return Optional.of(new Hand(Math.exp(mean), Math.exp(mean - spread), Math.exp(mean + spread), count));
    }

    /** Whether a pot fits this hand: only where the range in which it wants water leaves no doubt. */
    public Fit fit(final Estimate wants) {
        if (wants.high80() < everyDays - ROUNDS_DAYS) {
            return Fit.TOO_SELDOM;
        }
        return wants.low80() > everyDays + ROUNDS_DAYS ? Fit.TOO_OFTEN : Fit.FITS;
    }

    /**
     * What is said of it against what is done.
     *
     * @param saidDays days between waterings as one says, above 0
     */
    public Message words(final double saidDays) {
        return Math.abs(everyDays / saidDays - 1) < OFF
                ? HandSentence.AS_SAID.with(days(saidDays), waterings)
                : HandSentence.NOT_AS_SAID.with(
                        days(saidDays),
                        days(everyDays),
                        days(lowDays).bare(),
                        days(highDays).bare(),
                        waterings);
    }

    /**
     * How a pot fits.
     *
     * @param wants days after which its plant wants water
     */
    public Message words(final Fit fit, final Estimate wants) {
        return (switch (fit) {
                    case FITS -> HandSentence.FITS;
                    case TOO_SELDOM -> HandSentence.TOO_SELDOM;
                    case TOO_OFTEN -> HandSentence.TOO_OFTEN;
                })
                .with(days(wants.value()), days(everyDays));
    }

    /** Whether pots that want water after so many days each stand well together: one round suits both. */
    public static boolean together(final double days, final double otherDays) {
        return Math.abs(otherDays / days - 1) < ALIKE;
    }

    /** Days as they are told. */
    public static Quantity days(final double days) {
        return Quantity.of(Dimension.DAYS, days, days < FEW_DAYS ? 1 : 0);
    }
}
