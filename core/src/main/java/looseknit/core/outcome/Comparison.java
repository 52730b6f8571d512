package looseknit.core.outcome;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * Two groups of plants side by side: the difference of the shares that live after some days. Its interval of 95 of 100 is put together of the bands of both (Newcombe, 1998;
 * Zou and Donner, 2008), so that a group of which none was lost is not taken for certain.
 *
 * @param days after so many: a year, or as long as both have been watched [d]
 * @param difference share of the first less that of the second
 * @param low lower end of its interval
 * @param high upper end
 * @param logRank whether they were lost at the same pace
 * @param words what that says, and what it does not
 */
public record Comparison(
        double days, double difference, double low, double high, LogRank logRank, List<Message> words) {

    /** After a year they are compared, or as soon as one of them has not been watched for longer; before so many days not at all. */
    private static final double YEAR_DAYS = 365;

    private static final double FEWEST_DAYS = 60;

    /** Groups that share fewer of their places than this differ by place as well; by judgement. */
    private static final double SAME_PLACES = 0.6;

    public Comparison {
        words = List.copyOf(words);
    }

    /**
     * Compares two groups.
     *
     * @param one courses of the first
     * @param other courses of the second
     * @param first how the first did
     * @param second how the second did
     */
    public static Comparison of(
            final List<Course> one, final List<Course> other, final Fared first, final Fared second) {
        final double days = Math.min(
                YEAR_DAYS,
                Math.min(first.survival().watchedDays(), second.survival().watchedDays()));
        final Survival.Banded lives = first.survival().at(days);
        final Survival.Banded live = second.survival().at(days);
        final double difference = lives.share() - live.share();
        final double low = difference - Math.hypot(lives.share() - lives.low(), live.high() - live.share());
        final double high = difference + Math.hypot(lives.high() - lives.share(), live.share() - live.low());
        final List<Message> words = new ArrayList<>();
        if (days < FEWEST_DAYS) {
            words.add(OutcomeSentence.NOT_LONG_ENOUGH.with(Quantity.of(Dimension.DAYS, FEWEST_DAYS, 0)));
        } else if (first.few() || second.few()) {
            words.add(OutcomeSentence.TOO_FEW.with(
                    first.survival().plants(), second.survival().plants(), Fared.FEW));
        } else if (low > 0 || high < 0) {
            words.add((low > 0 ? OutcomeSentence.FIRST_BETTER : OutcomeSentence.SECOND_BETTER)
                    .with(points(Math.abs(difference))));
        } else {
            words.add(OutcomeSentence.NO_WINNER.with(points(low), points(high)));
        }
        if (first.sharesPlacesWith(second) < SAME_PLACES) {
            words.add(OutcomeSentence.OTHER_PLACES.with());
        }
        return new Comparison(days, difference, low, high, LogRank.of(one, other), words);
    }

    private static Quantity points(final double share) {
        return Quantity.of(Dimension.SHARE, share, 0);
    }
}
