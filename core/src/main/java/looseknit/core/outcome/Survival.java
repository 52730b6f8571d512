package looseknit.core.outcome;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.jspecify.annotations.Nullable;

/**
 * Shares of plants that lived, by the product of Kaplan and Meier (1958), with the variance of Greenwood (1926) and a band of 95 of 100 on the scale of
 * the logarithm of the cumulative hazard, which keeps within 0 and 1 (Kalbfleisch and Prentice, 1980).
 *
 * @param plants how many were watched
 * @param lost how many were lost
 * @param watched for how long each was watched, ascending [d]
 * @param steps the days on which some were lost, in order
 */
public record Survival(int plants, int lost, List<Double> watched, List<Step> steps) {

    private static final double Z95 = new NormalDistribution().inverseCumulativeProbability(0.975);

    /**
     * A day on which some were lost.
     *
     * @param atRisk how many were watched until then
     * @param lost how many were lost then
     * @param share share that lives after it, 0 to 1
     * @param greenwood sum of Greenwood's terms up to it: the variance of the share over its square
     */
    public record Step(double day, int atRisk, int lost, double share, double greenwood) {

        /** Standard error of the share. */
        public double se() {
            return share * Math.sqrt(greenwood);
        }
    }

    /**
     * A share with its band.
     *
     * @param share 0 to 1
     * @param low lower end of the band of 95 of 100
     * @param high upper end
     */
    public record Banded(double share, double low, double high) {}

    public Survival {
        watched = List.copyOf(watched);
        steps = List.copyOf(steps);
    }

    /** Survival of some plants. */
    public static Survival of(final List<Course> courses) {
        final TreeMap<Double, int[]> byDay = new TreeMap<>();
        for (final Course course : courses) {
            byDay.computeIfAbsent(course.days(), any -> new int[2])[course.lost() ? 1 : 0]++;
        }
        final List<Step> steps = new ArrayList<>();
        int atRisk = courses.size();
        int lost = 0;
        double share = 1;
        double greenwood = 0;
        for (final var each : byDay.entrySet()) {
            final int died = each.getValue()[1];
            if (died > 0) {
                share *= 1 - (double) died / atRisk;
                greenwood += atRisk == died ? 0 : (double) died / ((double) atRisk * (atRisk - died));
                steps.add(new Step(each.getKey(), atRisk, died, share, greenwood));
                lost += died;
            }
            atRisk -= died + each.getValue()[0];
        }
        return new Survival(
                courses.size(),
                lost,
                courses.stream().map(Course::days).sorted().toList(),
                steps);
    }

    /** For how long the longest was watched [d]; 0 for nobody. */
    public double watchedDays() {
        return watched.isEmpty() ? 0 : watched.get(watched.size() - 1);
    }

    /** Whether anybody was still watched after so many days, so that a share can be told. */
    public boolean reaches(final double days) {
        return watchedDays() >= days;
    }

    /**
     * Share that lives after so many days, with its band. Before the first loss the upper end is 1 and the lower one by the rule of three (Hanley and
     * Lippman-Hand, 1983) for those that are still watched then.
     */
    public Banded at(final double days) {
        final Step step = last(days);
        if (step == null) {
            final long still = watched.stream().filter(each -> each >= days).count();
            return new Banded(1, still == 0 ? 0 : Math.max(0, 1 - 3.0 / (int) still), 1);
        }
        if (step.share() <= 0) {
            return new Banded(0, 0, 1);
        }
        final double theta = Math.log(-Math.log(step.share()));
        final double spread = Z95 * Math.sqrt(step.greenwood()) / Math.abs(Math.log(step.share()));
        return new Banded(step.share(), Math.exp(-Math.exp(theta + spread)), Math.exp(-Math.exp(theta - spread)));
    }

    private @Nullable Step last(final double days) {
        Step found = null;
        for (final Step step : steps) {
            if (step.day() <= days) {
                found = step;
            }
        }
        return found;
    }
}
