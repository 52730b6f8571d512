package looseknit.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Finding;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Band;
import looseknit.core.measure.Scoop;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Score;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SearchTest {

    private static ClosestBlends closest(final Question question, final boolean bounding) {
        final CandidateTables meter = new CandidateTables(question);
        final int most = Math.min(
                question.limits().mostMaterials(), question.candidates().size());
        final ClosestBlends goal = new ClosestBlends(meter, most);
        final ExhaustiveSearch.Done done = new ExhaustiveSearch(
                        meter, SearchListener.NOBODY, System.nanoTime() + 120_000_000_000L, bounding)
                .run(goal, SearchListener.Stage.CLOSEST, question.fixed().isEmpty() ? 1 : 0, most);
        assertThat(done.complete()).isTrue();
        assertThat(done.covered()).isEqualTo(done.total());
        return goal;
    }

    private static String same(final Optional<FoundRecipe> find) {
        return find.map(each -> List.of(each.penalty(), each.costPerLitre())
                        + Arrays.toString(each.support())
                        + Arrays.toString(each.parts())
                        + each.doseSteps())
                .orElse("none");
    }

    /** Bounds never prune the best: with and without them every number of materials has the same best blend. */
    @ParameterizedTest
    @MethodSource("seeds")
    void findsWhatPlainEnumerationFinds(final long seed) {
        final Shelves shelves = new Shelves(seed);
        final Question question = shelves.question(
                3 + shelves.random().nextInt(5), 1 + shelves.random().nextInt(4), 5);

        final ClosestBlends bounded = closest(question, true);
        final ClosestBlends plain = closest(question, false);

        for (int size = 1; size <= question.limits().mostMaterials(); size++) {
            assertThat(same(bounded.of(size)))
                    .as("seed %d, %d materials", seed, size)
                    .isEqualTo(same(plain.of(size)));
        }
        assertThat(same(bounded.withoutPeat())).isEqualTo(same(plain.withoutPeat()));
    }

    static List<Long> seeds() {
        return new Random(51).longs(300).boxed().toList();
    }

    /** The same optimum by mixing every recipe on the bench, one by one, through the figures that the pages show. */
    @ParameterizedTest
    @MethodSource("fewSeeds")
    void findsWhatTheBenchFinds(final long seed) {
        final Shelves shelves = new Shelves(seed);
        final Question question = shelves.question(4, 3, 4).dosing(Question.Doses.NONE);

        double least = Double.POSITIVE_INFINITY;
        for (int code = 1; code < 5 * 5 * 5 * 5; code++) {
            final List<Recipe.Part> parts = new ArrayList<>();
            int rest = code;
            int sum = 0;
            for (int i = 0; i < 4; i++) {
                if (rest % 5 > 0) {
                    parts.add(new Recipe.Part(question.candidates().get(i).material(), rest % 5));
                    sum += rest % 5;
                }
                rest /= 5;
            }
            if (sum <= 4 && parts.size() <= 3) {
                final Recipe recipe = new Recipe(Recipe.Measure.PARTS, parts, List.of());
                final Map<Property, Double> figures =
                        new PottedMix(recipe, question.brief(), Knowledge.NOTHING).values();
                least = Math.min(least, Score.penalty(question.targets(), figures));
            }
        }

        final double found = closest(question, true).overall().orElseThrow().penalty();
        assertThat(Score.fit(found)).as("seed %d", seed).isCloseTo(Score.fit(least), within(0.6));
    }

    static List<Long> someSeeds() {
        return new Random(53).longs(120).boxed().toList();
    }

    static List<Long> fewSeeds() {
        return new Random(52).longs(25).boxed().toList();
    }

    /** What the search reads is what the bench shows; the bench reads some water curves from a table that is within 0.0005. */
    @ParameterizedTest
    @MethodSource("someSeeds")
    void readsWhatTheBenchReads(final long seed) {
        final Shelves shelves = new Shelves(seed);
        final Question plain = shelves.question(4, 4, 8);
        final Question question = seed % 3 == 0 ? tested(plain) : plain;
        final CandidateTables meter = new CandidateTables(question);
        final CandidateReader reader = meter.reader();
        final int[] support = {0, 1, 2, 3};
        final int[] parts = {
            1 + shelves.random().nextInt(4), 1, 2, 1 + shelves.random().nextInt(3)
        };
        reader.load(support, 4);
        reader.press(support, parts, 4);
        reader.read();
        final double penalty = reader.penalty(Double.POSITIVE_INFINITY);
        final Recipe recipe =
                new Proposals(meter).recipe(new FoundRecipe(support, parts, penalty, 0, 0, reader.doseSteps()));
        final PottedMix figures = new PottedMix(recipe, question.brief(), question.known());

        final Map<Property, Double> shown = figures.values();

        assertThat(reader.value(Property.AIR)).isCloseTo(shown.get(Property.AIR), within(1e-9));
        assertThat(reader.value(Property.WATER)).isCloseTo(shown.get(Property.WATER), within(1e-9));
        assertThat(reader.value(Property.EASY_WATER)).isCloseTo(shown.get(Property.EASY_WATER), within(0.002));
        assertThat(reader.value(Property.PH)).isCloseTo(shown.get(Property.PH), within(1e-6));
        assertThat(reader.value(Property.FOOD)).isCloseTo(shown.get(Property.FOOD), within(1e-6));
        assertThat(reader.value(Property.SALTS)).isCloseTo(shown.get(Property.SALTS), within(1e-6));
        assertThat(reader.value(Property.WEIGHT)).isCloseTo(shown.get(Property.WEIGHT), within(1e-6));
        assertThat(reader.value(Property.LIFE)).isCloseTo(shown.get(Property.LIFE), within(0.05));
        assertThat(reader.value(Property.DRY_DAYS))
                .isCloseTo(shown.get(Property.DRY_DAYS), within(0.05 + 0.01 * shown.get(Property.DRY_DAYS)));
    }

    /** A question after tests of two of its materials. */
    private static Question tested(final Question question) {
        final Mix mix = Mix.of(
                List.of(
                        question.candidates().get(0).material(),
                        question.candidates().get(1).material()),
                new double[] {1, 1});
        final Beliefs beliefs = Beliefs.UNTESTED
                .after(new Finding(Property.AIR, Map.of(LotTrait.AIR, 1.0), 0.30, 0.35, 0.03), mix, "one")
                .after(new Finding(Property.PH, Map.of(LotTrait.PH, 1.0), 5.6, 6.1, 0.2), mix, "one")
                .after(new Finding(Property.DENSITY, Map.of(LotTrait.DENSITY, 1.0), 0, 0.1, 0.03), mix, "one");
        return new Question(
                question.brief(),
                question.targets(),
                new Knowledge(beliefs, Beliefs.NO_BLEND, Scoop.LEVEL, MaterialBook.shipped()),
                question.candidates(),
                question.fixed(),
                question.doses(),
                question.limits());
    }

    /** A bound is never above what the recipe really misses, whole or in part. */
    @ParameterizedTest
    @MethodSource("someSeeds")
    void boundsStayBelow(final long seed) {
        final Shelves shelves = new Shelves(seed);
        final Question plain = shelves.question(8, 5, 12);
        final Question question = seed % 3 == 0 ? tested(plain) : plain;
        final CandidateTables meter = new CandidateTables(question);
        final CandidateReader reader = meter.reader();
        final Bounds bounds = new Bounds(meter);
        for (int draw = 0; draw < 20; draw++) {
            final int size = 2 + shelves.random().nextInt(4);
            final int[] support =
                    shelves.random().ints(0, 8).distinct().limit(size).sorted().toArray();
            final int[] parts = shelves.random().ints(size, 1, 4).toArray();
            reader.load(support, size);
            bounds.load(reader, support, size);
            reader.press(support, parts, size);
            reader.read();
            final double truth = reader.penalty(Double.POSITIVE_INFINITY);
            Bounds.Partial partial = bounds.partial();
            bounds.begin(partial);
            int left = Arrays.stream(parts).sum();
            for (int depth = 0; depth < size - 1; depth++) {
                assertThat(bounds.of(partial, depth, left, Double.POSITIVE_INFINITY))
                        .as("seed %d depth %d", seed, depth)
                        .isLessThanOrEqualTo(truth + 1e-12);
                if (depth == size - 2) {
                    bounds.line(partial, left);
                    assertThat(bounds.on(parts[depth], Double.POSITIVE_INFINITY))
                            .isLessThanOrEqualTo(truth + 1e-12);
                    assertThat(bounds.between(reader.leastLeft(), reader.mostLeft(), Double.POSITIVE_INFINITY))
                            .isLessThanOrEqualTo(truth + 1e-12);
                }
                final Bounds.Partial next = bounds.partial();
                bounds.add(partial, depth, parts[depth], next);
                left -= parts[depth];
                partial = next;
            }
        }
    }

    /** A further material on the shelf never makes the best blend worse. */
    @ParameterizedTest
    @MethodSource("fewSeeds")
    void aFullerShelfIsNeverWorse(final long seed) {
        final Question question = new Shelves(seed).question(6, 3, 6);
        double before = Double.POSITIVE_INFINITY;
        for (int size = 1; size <= 6; size++) {
            final double now = closest(question.among(question.candidates().subList(0, size)), true)
                    .overall()
                    .orElseThrow()
                    .weighed();
            assertThat(now).isLessThanOrEqualTo(before + 1e-12);
            before = now;
        }
    }

    /** A wider band never makes the best blend worse. */
    @ParameterizedTest
    @MethodSource("fewSeeds")
    void aWiderBandIsNeverWorse(final long seed) {
        final Shelves shelves = new Shelves(seed);
        final Question question = shelves.question(5, 3, 6);
        final int which = shelves.random().nextInt(question.targets().size());
        final List<Target> wider = new ArrayList<>(question.targets());
        final Target target = wider.get(which);
        final double room = 0.3 * target.scale();
        wider.set(
                which,
                new Target(
                        target.property(),
                        new Band(target.band().low() - room, target.band().high() + room),
                        new Band(
                                target.bearable().low() - room,
                                target.bearable().high() + room),
                        target.weight(),
                        target.because()));

        assertThat(closest(question.aimingAt(wider), true)
                        .overall()
                        .orElseThrow()
                        .weighed())
                .isLessThanOrEqualTo(
                        closest(question, true).overall().orElseThrow().weighed() + 1e-12);
    }

    /** Numbers of recipes with no common divisor; those of five of 25 materials were counted one by one by a separate program. */
    @ParameterizedTest
    @CsvSource({"1, 25", "2, 13500", "3, 450800", "4, 6059350", "5, 41760180"})
    void countsRecipes(final int size, final long recipes) {
        assertThat(Compositions.choose(25, size) * new Compositions(12, true).count(size))
                .isEqualTo(recipes);
    }

    @Test
    void countsWholeNumbersOfPartsWhereTheyMatter() {
        assertThat(new Compositions(4, false).count(2)).isEqualTo(1 + 2 + 3);
        assertThat(new Compositions(4, true).count(2)).isEqualTo(1 + 2 + 2);
        assertThat(new Compositions(4, false).count(0)).isOne();
    }

    @Test
    void sameQuestionSameAnswer() {
        final Question question = Question.of(
                Shelves.brief("velvet_anthurium", 6),
                new Shelves(7).shelf(12),
                new Limits(4, 8, OptionalDouble.empty(), 60_000));

        final Answer first = FindMixes.find(question, SearchListener.NOBODY);
        final Answer second = FindMixes.find(question, SearchListener.NOBODY);

        assertThat(second.proposals().stream().map(each -> FindPhrases.parts(each.recipe())))
                .containsExactlyElementsOf(first.proposals().stream()
                        .map(each -> FindPhrases.parts(each.recipe()))
                        .toList());
    }

    /** Of blends that miss nothing the one with fewer materials is taken, then with fewer parts, then the cheaper. */
    @Test
    void breaksTiesAsStated() {
        final FoundRecipe simple = new FoundRecipe(new int[] {3, 4}, new int[] {2, 1}, 0, 0, 9, Dosing.Steps.NONE);
        final FoundRecipe many = new FoundRecipe(new int[] {0, 1, 2}, new int[] {1, 1, 1}, 0, 0, 1, Dosing.Steps.NONE);
        final FoundRecipe coarse = new FoundRecipe(new int[] {3, 4}, new int[] {5, 1}, 0, 0, 1, Dosing.Steps.NONE);
        final FoundRecipe cheap = new FoundRecipe(new int[] {5, 6}, new int[] {2, 1}, 0, 0, 1, Dosing.Steps.NONE);

        assertThat(Stream.of(many, coarse, simple, cheap).sorted(FoundRecipe.ORDER))
                .containsExactly(cheap, simple, coarse, many);
    }
}
