package looseknit.core.find;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import looseknit.core.bench.Evaluation;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.RandomRecipes;
import looseknit.core.blend.Recipe;
import looseknit.core.change.Change;
import looseknit.core.change.Contradiction;
import looseknit.core.change.Remedy;
import looseknit.core.change.Setup;
import looseknit.core.change.StepEffect;
import looseknit.core.change.WayOut;
import looseknit.core.message.Quantity;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.RandomBriefs;
import looseknit.core.need.Targets;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Score;
import org.junit.jupiter.api.Test;

/** Taking what is proposed gives what was promised. */
class PromisesTest {

    private static final int CASES = 500;
    private static final int SEARCHES = 24;

    private static Map<Property, Double> values(final Setup setup) {
        return new PottedMix(setup.recipe(), setup.brief(), Knowledge.NOTHING).values();
    }

    @Test
    void stepsAndRemediesKeepTheirWord() {
        final AtomicInteger remedies = new AtomicInteger();
        IntStream.range(0, CASES).forEach(seed -> {
            final Recipe recipe = new RandomRecipes(seed).next(1, 6);
            final Brief brief = RandomBriefs.next(new Random(seed));
            final Setup setup = new Setup(recipe, brief);
            final Evaluation evaluation = Evaluator.evaluate(recipe, brief);
            for (final Remedy remedy : evaluation.remedies()) {
                final Setup taken = remedy.change().apply(setup);
                final Map<Property, Double> then = values(taken);
                assertThat(taken).isEqualTo(remedy.after());
                then.forEach((property, value) -> assertThat(remedy.promised().get(property))
                        .as("seed %d: %s, %s", seed, said(remedy.words()), property)
                        .isCloseTo(value, within(1e-9 * Math.max(1, value))));
                assertThat(remedy.penalty())
                        .as("seed %d: %s", seed, said(remedy.words()))
                        .isCloseTo(Score.penalty(Targets.of(taken.brief()), then), within(1e-9))
                        .isLessThan(Score.penalty(evaluation.targets(), values(setup)));
                remedies.incrementAndGet();
            }
            for (final StepEffect step : evaluation.oneMore()) {
                values(step.change().apply(setup))
                        .forEach((property, value) -> assertThat(step.then().get(property))
                                .isCloseTo(value, within(1e-9 * Math.max(1, value))));
            }
        });
        assertThat(remedies.get()).isGreaterThan(CASES);
    }

    @Test
    void waysOutOfContradictionsKeepTheirWord() {
        final AtomicInteger ways = new AtomicInteger();
        IntStream.range(0, CASES).forEach(seed -> {
            final Recipe recipe = new RandomRecipes(seed).next(1, 6);
            final Brief brief = RandomBriefs.next(new Random(seed));
            for (final Contradiction contradiction :
                    Evaluator.evaluate(recipe, brief).contradictions()) {
                if (!contradiction.id().equals("slow") && !contradiction.id().equals("fast")) {
                    continue;
                }
                for (final WayOut way : contradiction.waysOut()) {
                    final Change change = way.change().orElseThrow();
                    if (!(change instanceof Change.Interval)) {
                        final double days =
                                values(change.apply(new Setup(recipe, brief))).get(Property.DRY_DAYS);
                        assertThat(way.words().arguments())
                                .as("seed %d: %s", seed, said(way.words()))
                                .contains(Quantity.days(days));
                        ways.incrementAndGet();
                    }
                }
            }
        });
        assertThat(ways.get()).isGreaterThan(CASES / 4);
    }

    @Test
    void waysOutOfSearchesKeepTheirWord() {
        final AtomicInteger ways = new AtomicInteger();
        IntStream.range(0, SEARCHES).forEach(seed -> {
            final List<Candidate> candidates = new RandomRecipes(seed)
                    .next(5, 5).parts().stream()
                            .map(Recipe.Part::material)
                            .distinct()
                            .map(Candidate::of)
                            .toList();
            final Question question = Question.of(
                    RandomBriefs.next(new Random(seed)), candidates, new Limits(3, 6, OptionalDouble.empty(), 10_000));
            final Answer answer = FindMixes.find(question, SearchListener.NOBODY);
            final Question asked = answer.said().isEmpty() ? question.usually() : question;
            answer.clash()
                    .ifPresent(each -> each.waysOut().forEach(way -> {
                        final OptionalDouble fit = new Obstacles(asked, SearchListener.NOBODY).fitAfter(way.change());
                        assertThat(fit.orElseThrow())
                                .as("seed %d: %s", seed, said(way.words()))
                                .isCloseTo(way.fit(), within(1e-9));
                        assertThat(FindMixes.find(question.after(way.change()), SearchListener.NOBODY)
                                        .proposals()
                                        .get(0)
                                        .fit())
                                .as("seed %d: %s, searched for again", seed, said(way.words()))
                                .isGreaterThanOrEqualTo(way.fit() - 1e-9);
                        ways.incrementAndGet();
                    }));
        });
        assertThat(ways.get()).isGreaterThan(5);
    }
}
