package looseknit.core.outcome;

import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/**
 * Whether two groups of plants were lost at the same pace: the test of Mantel (1966) with the hypergeometric variance.
 *
 * @param chiSquare the statistic; 0 where nothing can be told
 * @param p how often chance alone makes such a difference, 0 to 1
 */
public record LogRank(double chiSquare, double p) {

    /** Two groups of plants at one place. */
    public record Pair(List<Course> one, List<Course> other) {
        public Pair {
            one = List.copyOf(one);
            other = List.copyOf(other);
        }
    }

    /** Compares two groups. */
    public static LogRank of(final List<Course> one, final List<Course> other) {
        return of(List.of(new Pair(one, other)));
    }

    /** Compares two groups place by place, and puts together what each place says: the stratified test. */
    public static LogRank of(final List<Pair> places) {
        double difference = 0;
        double variance = 0;
        for (final Pair place : places) {
            final TreeSet<Double> days = new TreeSet<>();
            Stream.concat(place.one().stream(), place.other().stream())
                    .filter(Course::lost)
                    .forEach(course -> days.add(course.days()));
            for (final double day : days) {
                final double n1 = atRisk(place.one(), day);
                final double n = n1 + atRisk(place.other(), day);
                final double d1 = lost(place.one(), day);
                final double d = d1 + lost(place.other(), day);
                difference += d1 - d * n1 / n;
                if (n > 1) {
                    variance += d * (n1 / n) * (1 - n1 / n) * (n - d) / (n - 1);
                }
            }
        }
        if (variance <= 0) {
            return new LogRank(0, 1);
        }
        final double chiSquare = difference * difference / variance;
        return new LogRank(chiSquare, 1 - new ChiSquaredDistribution(1).cumulativeProbability(chiSquare));
    }

    private static double atRisk(final List<Course> courses, final double day) {
        return courses.stream().filter(course -> course.days() >= day).count();
    }

    private static double lost(final List<Course> courses, final double day) {
        return courses.stream()
                .filter(course -> course.lost() && course.days() == day)
                .count();
    }
}
