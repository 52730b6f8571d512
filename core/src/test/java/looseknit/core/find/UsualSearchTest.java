package looseknit.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import looseknit.core.blend.Recipe;
import looseknit.core.need.Property;
import looseknit.core.reading.PottedMix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The inequalities by which a search keeps to what is usual say the same as the bench, and cost it nothing it should find. */
class UsualSearchTest {

    static List<Long> seeds() {
        return new Random(77).longs(40).boxed().toList();
    }

    private static ClosestBlends closest(final Question question, final boolean bounding) {
        final CandidateTables meter = new CandidateTables(question);
        final int most = Math.min(
                question.limits().mostMaterials(), question.candidates().size());
        final ClosestBlends goal = new ClosestBlends(meter, most);
        final ExhaustiveSearch.Done done = new ExhaustiveSearch(
                        meter, SearchListener.NOBODY, System.nanoTime() + 120_000_000_000L, bounding)
                .run(goal, SearchListener.Stage.CLOSEST, 1, most);
        assertThat(done.covered()).isEqualTo(done.total());
        return goal;
    }

    private static double outside(final Question question, final int[] support, final int[] parts) {
        final List<Recipe.Part> rows = IntStream.range(0, support.length)
                .mapToObj(s ->
                        new Recipe.Part(question.candidates().get(support[s]).material(), parts[s]))
                .toList();
        return new PottedMix(new Recipe(Recipe.Measure.PARTS, rows, List.of()), question.brief(), question.known())
                .value(Property.MAKE_UP)
                .orElseThrow();
    }

    /** Every recipe of three materials in up to seven parts: usual by the inequalities if, and only if, the bench reads nothing outside. */
    @ParameterizedTest
    @MethodSource("seeds")
    void inequalitiesSayWhatTheBenchSays(final long seed) {
        final Question question = new Shelves(seed).question(5, 3, 7).usually();
        final CandidateTables meter = new CandidateTables(question);
        final UsualBounds.Walk walk = meter.usual.orElseThrow().walk(3);
        final int[] support = {0, 2, 4};
        final boolean possible = walk.load(support, 3);
        for (int a = 1; a <= 5; a++) {
            for (int b = 1; a + b <= 6; b++) {
                for (int c = 1; a + b + c <= 7; c++) {
                    final int[] parts = {a, b, c};
                    assertThat(possible && walk.usual(parts))
                            .as(
                                    "%s %s",
                                    Arrays.toString(parts), question.brief().plant())
                            .isEqualTo(outside(question, support, parts) == 0);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void boundsNeverPruneTheBestUsualMix(final long seed) {
        final Question question = new Shelves(seed).question(7, 3, 6).usually();

        final var bounded = closest(question, true).overall();
        final var plain = closest(question, false).overall();

        assertThat(bounded.map(FoundRecipe::weighed)).isEqualTo(plain.map(FoundRecipe::weighed));
        bounded.ifPresent(find ->
                assertThat(outside(question, find.support(), find.parts())).isZero());
    }

    /** Where a usual mix exists every proposal is one; where none does the answer says so. */
    @Test
    void whatIsUsualComesFirst() {
        final AtomicInteger usual = new AtomicInteger();
        final AtomicInteger unusual = new AtomicInteger();
        for (int seed = 0; seed < 16; seed++) {
            final Question question = new Shelves(seed)
                    .question(seed % 2 == 0 ? 12 : 4, 3, 6)
                    .within(new Limits(3, 6, OptionalDouble.empty(), 20_000));
            final boolean exists = closest(question.usually(), true).overall().isPresent();
            final Answer answer = FindMixes.find(question, SearchListener.NOBODY);
            final List<Double> outside = answer.proposals().stream()
                    .map(each -> new PottedMix(each.recipe(), question.brief(), question.known())
                            .value(Property.MAKE_UP)
                            .orElseThrow())
                    .toList();
            if (exists) {
                assertThat(outside)
                        .isNotEmpty()
                        .allSatisfy(each -> assertThat(each).isCloseTo(0, within(1e-9)));
                usual.incrementAndGet();
            } else if (!outside.isEmpty()) {
                assertThat(answer.said()).isNotEmpty();
                unusual.incrementAndGet();
            }
        }
        assertThat(usual.get()).isGreaterThan(4);
        assertThat(unusual.get()).isGreaterThan(2);
    }
}
