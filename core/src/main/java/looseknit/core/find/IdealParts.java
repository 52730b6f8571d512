package looseknit.core.find;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import looseknit.core.blend.Recipe;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Score;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;

/**
 * The proportions that would suit best if parts need not be whole, from a recipe in whole parts on: what whole parts lose. A local best of the
 * same materials and doses, found by the downhill simplex over the logarithms of the proportions.
 *
 * @see "Nelder, J. A. and Mead, R. (1965). A simplex method for function minimization. Comput. J. 7 (through Hipparchus)"
 */
final class IdealParts {

    private static final int MOST_READINGS = 400;
    private static final int FREE_STEPS = 20;
    private static final double FIRST_STEP = 0.15;
    private static final double LEAST_CHANGE = 1e-7;

    /** Proportions beyond this, as logarithms, are not looked at. */
    private static final double FURTHEST = 4;

    private IdealParts() {}

    /** Penalty with exact proportions; not above that of the whole parts. Nothing for a single material. */
    static OptionalDouble penalty(final Question question, final Recipe whole, final double penalty) {
        final int free = whole.parts().size() - 1;
        if (free < 1 || penalty <= 0) {
            return free < 1 ? OptionalDouble.empty() : OptionalDouble.of(penalty);
        }
        final ObjectiveFunction objective = new ObjectiveFunction(logs -> penalty(question, whole, logs));
        final double found = new SimplexOptimizer(new SimpleValueChecker(1e-9, LEAST_CHANGE))
                .optimize(
                        new MaxEval(MOST_READINGS * FREE_STEPS),
                        new MaxIter(MOST_READINGS * FREE_STEPS),
                        objective,
                        GoalType.MINIMIZE,
                        new InitialGuess(new double[free]),
                        new NelderMeadSimplex(IntStream.range(0, free)
                                .mapToDouble(i -> FIRST_STEP)
                                .toArray()))
                .getValue();
        return OptionalDouble.of(Math.min(penalty, found));
    }

    private static double penalty(final Question question, final Recipe whole, final double[] logs) {
        if (Arrays.stream(logs).anyMatch(log -> Math.abs(log) > FURTHEST)) {
            return 1e3;
        }
        final List<Recipe.Part> parts = IntStream.range(0, whole.parts().size())
                .mapToObj(i -> {
                    final Recipe.Part part = whole.parts().get(i);
                    return new Recipe.Part(part.material(), part.amount() * (i < logs.length ? Math.exp(logs[i]) : 1));
                })
                .toList();
        final Recipe recipe = new Recipe(Recipe.Measure.PARTS, parts, whole.doses());
        return Score.penalty(question.targets(), new PottedMix(recipe, question.brief(), question.known()).values());
    }
}
