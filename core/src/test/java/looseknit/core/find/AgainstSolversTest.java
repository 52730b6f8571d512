package looseknit.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import looseknit.core.measure.Band;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Variable;

/** Parts of the search against general-purpose libraries: ojAlgo for linear programs, Hipparchus for the normal distribution. */
class AgainstSolversTest {

    /**
     * The bound of a set of materials on a reading that is a ratio of sums is the optimum of its linear relaxation: the greatest pH before
     * shrinking, by the transformation of Charnes and Cooper (1962), as ojAlgo solves it.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    void boundsAreTheOptimaOfLinearPrograms(final long seed) {
        final List<Candidate> shelf = new Shelves(seed).shelf(4);
        final int parts = 9;
        final Target alkaline = new Target(Property.PH, new Band(13, 14), 1, List.of());
        final Question question = Question.of(
                        Shelves.brief("peace_lily", 6), shelf, new Limits(4, parts, OptionalDouble.empty(), 60_000))
                .aimingAt(List.of(alkaline));
        final CandidateTables meter = new CandidateTables(question);
        final CandidateReader reader = meter.reader();
        final Bounds bounds = new Bounds(meter);
        final int[] support = {0, 1, 2, 3};
        reader.load(support, 4);
        bounds.load(reader, support, 4);
        final Bounds.Partial base = bounds.partial();
        bounds.begin(base);

        final double bound = bounds.of(base, 0, parts, Double.POSITIVE_INFINITY);

        final double greatest = greatestPh(shelf, parts);
        assertThat(bound).as("seed %d", seed).isCloseTo(alkaline.penalty(greatest), within(1e-6 * bound));
    }

    private static double greatestPh(final List<Candidate> shelf, final int parts) {
        final ExpressionsBasedModel model = new ExpressionsBasedModel();
        final Variable scale = model.newVariable("scale").lower(0);
        final Expression denominator = model.newExpression("buffer").level(1);
        final Expression sum = model.newExpression("sum").level(0);
        sum.set(scale, -parts);
        for (int i = 0; i < shelf.size(); i++) {
            final var material = shelf.get(i).material();
            final double buffer = material.chemistry().bufferMeqPerLPerPh()
                    * (1 - material.physics().settling());
            final Variable share = model.newVariable("y" + i)
                    .lower(0)
                    .weight(buffer * material.chemistry().ph());
            denominator.set(share, buffer);
            sum.set(share, 1);
            final Expression one = model.newExpression("one" + i).lower(0);
            one.set(share, 1);
            one.set(scale, -1);
        }
        return model.maximise().getValue();
    }

    static List<Long> seeds() {
        return new Random(61)
                .longs(25)
                .boxed()
                .filter(AgainstSolversTest::plain)
                .toList();
    }

    /** Mixes are opened; their parts do not settle as one. */
    private static boolean plain(final long seed) {
        return new Shelves(seed)
                .shelf(4).stream().allMatch(each -> each.material().makeUp().isEmpty());
    }

    @Test
    void chancesAreThoseOfTheNormalDistribution() {
        final Chance chance = new Chance(0.2, 0.4, 0.05);
        for (double value = 0; value < 0.6; value += 0.013) {
            final NormalDistribution around = new NormalDistribution(value, 0.05);
            assertThat(chance.of(value))
                    .isCloseTo(around.cumulativeProbability(0.4) - around.cumulativeProbability(0.2), within(2e-5));
        }
        assertThat(new Chance(Double.NEGATIVE_INFINITY, 2, 0.5).of(2)).isCloseTo(0.5, within(1e-6));
        assertThat(new Chance(2, Double.POSITIVE_INFINITY, 0.5).of(9)).isCloseTo(1, within(1e-6));
    }
}
