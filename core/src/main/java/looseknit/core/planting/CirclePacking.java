package looseknit.core.planting;

import java.util.SplittableRandom;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunctionGradient;
import org.hipparchus.optim.nonlinear.scalar.gradient.NonLinearConjugateGradientOptimizer;
import org.hipparchus.optim.nonlinear.scalar.gradient.NonLinearConjugateGradientOptimizer.Formula;
import org.jspecify.annotations.Nullable;

/**
 * Points in a disc as far from one another as they can be: equal circles packed in a circle. Overlaps are pressed out by a conjugate gradient
 * while the circles grow, from several starts; the best is kept.
 */
final class CirclePacking {

    private static final int STARTS = 10;
    private static final int MOST_EVALUATIONS = 200_000;
    private static final int MOST_STEPS = 120;
    private static final int GROWTHS = 18;

    private CirclePacking() {}

    /** Points in the unit disc, the smallest distance between them as great as was found. The same for the same count. */
    static double[][] inDisc(final int count) {
        final SplittableRandom random = new SplittableRandom(count);
        double[] best = new double[2 * count];
        double apart = -1;
        for (int start = 0; start < STARTS; start++) {
            final double[] grown = grown(strewn(count, random), count);
            final double here = apart(grown);
            if (here > apart) {
                apart = here;
                best = grown;
            }
        }
        final double[][] points = new double[count][];
        for (int i = 0; i < count; i++) {
            points[i] = new double[] {best[2 * i], best[2 * i + 1]};
        }
        return points;
    }

    private static double[] strewn(final int count, final SplittableRandom random) {
        final double[] at = new double[2 * count];
        for (int i = 0; i < count; i++) {
            final double angle = random.nextDouble(2 * Math.PI);
            final double radius = Math.sqrt(random.nextDouble());
            at[2 * i] = radius * Math.cos(angle);
            at[2 * i + 1] = radius * Math.sin(angle);
        }
        return at;
    }

    /** Halves between a distance that is kept and one that is not; each time from where the last one ended. */
    private static double[] grown(final double[] start, final int count) {
        double low = 0.5 * Math.sqrt(2.0 / count);
        double high = Math.min(2, 2.6 / Math.sqrt(count) + 0.4);
        double[] at = start;
        double[] best = into(start);
        for (int i = 0; i < GROWTHS; i++) {
            final double middle = 0.5 * (low + high);
            final double[] pressed = into(pressed(at, middle));
            if (apart(pressed) > apart(best)) {
                best = pressed;
            }
            if (apart(pressed) >= middle * (1 - 1e-5)) {
                low = middle;
                at = pressed;
            } else {
                high = middle;
            }
        }
        return best;
    }

    private static double[] pressed(final double[] start, final double distance) {
        return new NonLinearConjugateGradientOptimizer(
                        Formula.POLAK_RIBIERE, new SimpleValueChecker(1e-7, 1e-13, MOST_STEPS))
                .optimize(
                        new MaxEval(MOST_EVALUATIONS),
                        new ObjectiveFunction((MultivariateFunction) at -> overlap(at, distance, null)),
                        new ObjectiveFunctionGradient(at -> {
                            final double[] slope = new double[at.length];
                            overlap(at, distance, slope);
                            return slope;
                        }),
                        GoalType.MINIMIZE,
                        new InitialGuess(start))
                .getPoint();
    }

    /** Sum of squared overlaps of squared distances, and its slope if that is asked for. */
    private static double overlap(final double[] at, final double distance, final double @Nullable [] slope) {
        final double wanted = distance * distance;
        double sum = 0;
        for (int i = 0; i < at.length; i += 2) {
            final double out = Math.max(0, at[i] * at[i] + at[i + 1] * at[i + 1] - 1);
            sum += out * out;
            if (slope != null) {
                slope[i] += 4 * out * at[i];
                slope[i + 1] += 4 * out * at[i + 1];
            }
            for (int j = i + 2; j < at.length; j += 2) {
                final double x = at[i] - at[j];
                final double y = at[i + 1] - at[j + 1];
                final double close = wanted - x * x - y * y;
                if (close > 0) {
                    sum += close * close;
                    if (slope != null) {
                        slope[i] -= 4 * close * x;
                        slope[j] += 4 * close * x;
                        slope[i + 1] -= 4 * close * y;
                        slope[j + 1] += 4 * close * y;
                    }
                }
            }
        }
        return sum;
    }

    /** The same points, drawn back to the edge where they lie beyond it. */
    private static double[] into(final double[] at) {
        double squared = 1;
        for (int i = 0; i < at.length; i += 2) {
            squared = Math.max(squared, at[i] * at[i] + at[i + 1] * at[i + 1]);
        }
        final double widest = Math.sqrt(squared);
        final double[] in = new double[at.length];
        for (int i = 0; i < at.length; i++) {
            in[i] = at[i] / widest;
        }
        return in;
    }

    static double apart(final double[] at) {
        double squared = 4;
        for (int i = 0; i < at.length; i += 2) {
            for (int j = i + 2; j < at.length; j += 2) {
                final double x = at[i] - at[j];
                final double y = at[i + 1] - at[j + 1];
                squared = Math.min(squared, x * x + y * y);
            }
        }
        return Math.sqrt(squared);
    }
}
