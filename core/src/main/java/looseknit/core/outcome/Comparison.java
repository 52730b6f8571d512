package looseknit.core.outcome;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * Two groups of plants side by side: the difference of the shares that live after some days. Its interval of 95 of 100 is put together of the bands of both (Newcombe, 1998;
 * Zou and Donner, 2008), so that a group of which none was lost is not taken for certain.
 *
 * <p>Where both stand at some of the same places they are compared place by place as well, each place by how many pots of both it has (the weights of
 * Mantel and Haenszel, 1959), and one is said to do better only if it does so there too: ten pots on one sill are lost to one draught.
 *
 * @param days after so many: a year, or as long as both have been watched [d]
 * @param difference share of the first less that of the second
 * @param low lower end of its interval
 * @param high upper end
 * @param within the same place by place; empty where they share none
 * @param logRank whether they were lost at the same pace, place by place where they share some
 * @param words what that says, and what it does not
 */
public record Comparison(
        double days,
        double difference,
        double low,
        double high,
        Optional<Within> within,
        LogRank logRank,
        List<Message> words) {

    /**
     * The difference at the places that both stand at.
     *
     * @param places how many these are
     * @param pots how many pots of both stand there
     */
    public record Within(int places, int pots, double difference, double low, double high) {}

    /** A difference with the two halves of its interval. */
    private record Difference(double value, double below, double above) {
        static Difference of(final Survival one, final Survival other, final double days) {
            final Survival.Banded lives = one.at(days);
            final Survival.Banded live = other.at(days);
            return new Difference(
                    lives.share() - live.share(),
                    Math.hypot(lives.share() - lives.low(), live.high() - live.share()),
                    Math.hypot(lives.high() - lives.share(), live.share() - live.low()));
        }
    }

    /** After a year they are compared, or as soon as one of them has not been watched for longer; before so many days not at all. */
    private static final double YEAR_DAYS = 365;

    private static final double FEWEST_DAYS = 60;

    /** Groups that share fewer of their places than this differ by place as well; by judgement. */
    private static final double SAME_PLACES = 0.6;

    public Comparison {
        words = List.copyOf(words);
    }

    /** Compares two groups. */
    public static Comparison of(final List<Fared.Watched> one, final List<Fared.Watched> other) {
        final Fared first = Fared.of(one);
        final Fared second = Fared.of(other);
        final double days = Math.min(
                YEAR_DAYS,
                Math.min(first.survival().watchedDays(), second.survival().watchedDays()));
        final Difference whole = Difference.of(first.survival(), second.survival(), days);
        final Map<String, LogRank.Pair> shared = shared(one, other);
        final Optional<Within> within = within(shared, days);
        final double low = whole.value() - whole.below();
        final double high = whole.value() + whole.above();
        final List<Message> words = new ArrayList<>();
        if (days < FEWEST_DAYS) {
            words.add(OutcomeSentence.NOT_LONG_ENOUGH.with(Quantity.of(Dimension.DAYS, FEWEST_DAYS, 0)));
        } else if (first.few() || second.few()) {
            words.add(OutcomeSentence.TOO_FEW.with(
                    first.survival().plants(), second.survival().plants(), Fared.FEW));
        } else if (low > 0 && within.map(each -> each.low() > 0).orElse(true)) {
            words.add(OutcomeSentence.FIRST_BETTER.with(points(whole.value())));
        } else if (high < 0 && within.map(each -> each.high() < 0).orElse(true)) {
            words.add(OutcomeSentence.SECOND_BETTER.with(points(-whole.value())));
        } else if (low <= 0 && high >= 0) {
            words.add(OutcomeSentence.NO_WINNER.with(points(low), points(high)));
        } else {
            words.add(OutcomeSentence.BY_PLACE_ONLY.with());
        }
        within.filter(each -> days >= FEWEST_DAYS && (each.places() > 1 || each.pots() < one.size() + other.size()))
                .ifPresent(each -> words.add(OutcomeSentence.WITHIN_PLACES.with(
                        each.places(),
                        each.pots(),
                        points(each.difference()),
                        points(each.low()),
                        points(each.high()))));
        if (first.sharesPlacesWith(second) < SAME_PLACES) {
            words.add(OutcomeSentence.OTHER_PLACES.with());
        }
        return new Comparison(
                days,
                whole.value(),
                low,
                high,
                within,
                shared.isEmpty() ? LogRank.of(courses(one), courses(other)) : LogRank.of(List.copyOf(shared.values())),
                words);
    }

    private static List<Course> courses(final List<Fared.Watched> watched) {
        return watched.stream().map(Fared.Watched::course).toList();
    }

    /** The plants of both at each of the places that both stand at. */
    private static Map<String, LogRank.Pair> shared(final List<Fared.Watched> one, final List<Fared.Watched> other) {
        final Map<String, List<Fared.Watched>> ones = one.stream().collect(Collectors.groupingBy(Fared.Watched::place));
        final Map<String, List<Fared.Watched>> others =
                other.stream().collect(Collectors.groupingBy(Fared.Watched::place));
        final Map<String, LogRank.Pair> shared = new TreeMap<>();
        ones.forEach((place, its) -> {
            if (others.containsKey(place)) {
                shared.put(place, new LogRank.Pair(courses(its), courses(others.get(place))));
            }
        });
        return shared;
    }

    private static Optional<Within> within(final Map<String, LogRank.Pair> shared, final double days) {
        double weights = 0;
        double sum = 0;
        double below = 0;
        double above = 0;
        int places = 0;
        int pots = 0;
        for (final LogRank.Pair place : shared.values()) {
            final Survival one = Survival.of(place.one());
            final Survival other = Survival.of(place.other());
            if (!one.reaches(days) || !other.reaches(days)) {
                continue;
            }
            final Difference difference = Difference.of(one, other, days);
            final double weight = (double) one.plants() * other.plants() / (one.plants() + other.plants());
            weights += weight;
            sum += weight * difference.value();
            below = Math.hypot(below, weight * difference.below());
            above = Math.hypot(above, weight * difference.above());
            places++;
            pots += one.plants() + other.plants();
        }
        return places == 0
                ? Optional.empty()
                : Optional.of(
                        new Within(places, pots, sum / weights, (sum - below) / weights, (sum + above) / weights));
    }

    private static Quantity points(final double share) {
        return Quantity.of(Dimension.SHARE, share, 0);
    }
}
