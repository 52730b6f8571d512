package looseknit.core.outcome;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/**
 * How the plants of a group did.
 *
 * @param survival who lived
 * @param pace how fast their pots dried against what was reckoned; empty with fewer than two that were looked at
 * @param health how they did when last told of
 * @param places share of them at each place
 */
public record Fared(Survival survival, Optional<PaceOf> pace, Health health, Map<String, Double> places) {

    /** Fewer than this are few: no share of them is worth much. */
    public static final int FEW = 8;

    private static final double YEAR_DAYS = 365;

    /**
     * A plant that was watched.
     *
     * @param course how long, and whether it was lost
     * @param pace days until it wanted water over those that were reckoned, if it was looked at
     * @param state how it did when last told of; empty if that was never told
     * @param place where it stands
     */
    public record Watched(Course course, OptionalDouble pace, Optional<State> state, String place) {}

    /** How a plant does. */
    public enum State {
        THRIVING,
        FAIR,
        POOR
    }

    /** How many did how, of those of which it was told. */
    public record Health(int thriving, int fair, int poor) {}

    /**
     * Geometric mean of the paces of some pots.
     *
     * @param pots how many were looked at
     * @param low lower end of its interval of 95 of 100
     * @param high upper end
     */
    public record PaceOf(int pots, double mean, double low, double high) {

        /** What it says: sooner or later only where the interval leaves no doubt. */
        Message words() {
            final Quantity by = Quantity.of(Dimension.SHARE, Math.abs(mean - 1), 0);
            if (high < 1) {
                return OutcomeSentence.DRIES_SOONER.with(by);
            }
            return low > 1 ? OutcomeSentence.DRIES_LATER.with(by) : OutcomeSentence.DRIES_AS_RECKONED.with();
        }
    }

    public Fared {
        places = Map.copyOf(places);
    }

    /** How some plants did. */
    public static Fared of(final List<Watched> watched) {
        return new Fared(
                Survival.of(watched.stream().map(Watched::course).toList()),
                pace(watched),
                new Health(count(watched, State.THRIVING), count(watched, State.FAIR), count(watched, State.POOR)),
                watched.stream()
                        .collect(Collectors.groupingBy(
                                Watched::place,
                                Collectors.collectingAndThen(
                                        Collectors.counting(), many -> many.doubleValue() / watched.size()))));
    }

    private static int count(final List<Watched> watched, final State state) {
        return (int) watched.stream()
                .map(Watched::state)
                .flatMap(Optional::stream)
                .filter(state::equals)
                .count();
    }

    private static Optional<PaceOf> pace(final List<Watched> watched) {
        final StreamingStatistics logs = new StreamingStatistics();
        watched.stream()
                .map(Watched::pace)
                .filter(OptionalDouble::isPresent)
                .forEach(pace -> logs.addValue(Math.log(pace.getAsDouble())));
        if (logs.getN() < 2) {
            return Optional.empty();
        }
        final double half = new TDistribution((int) logs.getN() - 1).inverseCumulativeProbability(0.975)
                * logs.getStandardDeviation()
                / Math.sqrt((int) logs.getN());
        return Optional.of(new PaceOf(
                (int) logs.getN(),
                Math.exp(logs.getMean()),
                Math.exp(logs.getMean() - half),
                Math.exp(logs.getMean() + half)));
    }

    /**
     * How often something was done to each in a year of standing here; nothing before they have stood for a year together.
     *
     * @param times how often in all
     */
    public OptionalDouble perYear(final long times) {
        final double years =
                survival.watched().stream().mapToDouble(Double::doubleValue).sum() / YEAR_DAYS;
        return years < 1 ? OptionalDouble.empty() : OptionalDouble.of(times / years);
    }

    /** How they did, in a few words for where they are listed among others. */
    public List<Message> words() {
        final List<Message> words = new ArrayList<>();
        words.add(
                survival.reaches(YEAR_DAYS)
                        ? OutcomeSentence.RECORD_OF_YEAR.with(
                                survival.plants(),
                                Quantity.of(
                                        Dimension.SHARE, survival.at(YEAR_DAYS).share(), 0))
                        : OutcomeSentence.RECORD.with(survival.plants(), survival.lost()));
        pace.ifPresent(each -> words.add(each.words()));
        return words;
    }

    /** Whether there are too few to tell much. */
    public boolean few() {
        return survival.plants() < FEW;
    }

    /** Share of plants that stand at the same places as those of another group, 0 to 1. */
    double sharesPlacesWith(final Fared other) {
        return places.entrySet().stream()
                .mapToDouble(each -> Math.min(each.getValue(), other.places.getOrDefault(each.getKey(), 0.0)))
                .sum();
    }
}
