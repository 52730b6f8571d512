package looseknit.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Finding;
import looseknit.core.blend.Mix;
import looseknit.core.blend.RandomRecipes;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Scoop;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.RandomBriefs;
import looseknit.core.need.Targets;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Score;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The search reads off a recipe what the bench reads off it, doses and tests included. */
class SameReadingsTest {

    private static final int CASES = 2_000;

    /** Days come from a table of 800 rows in the search; straight lines between them are so near [d]. */
    private static final double TABLE_DAYS = 0.02;

    private static final double EXACT = 1e-9;

    static IntStream hundreds() {
        return IntStream.range(0, CASES / 100);
    }

    @ParameterizedTest
    @MethodSource("hundreds")
    void asTheBenchReads(final int hundred) {
        LongStream.range(hundred * 100L, hundred * 100L + 100).forEach(SameReadingsTest::compare);
    }

    private static void compare(final long seed) {
        final Random random = new Random(seed);
        final Recipe recipe = new RandomRecipes(seed).next(1, 5);
        final Brief brief = RandomBriefs.next(random);
        final Knowledge known = known(random, recipe);
        final Map<Material, Integer> parts = new LinkedHashMap<>();
        recipe.parts().forEach(part -> parts.put(part.material(), 1 + random.nextInt(6)));
        final List<Candidate> candidates =
                parts.keySet().stream().map(Candidate::of).toList();
        final Question question =
                new Question(brief, Targets.of(brief), known, candidates, List.of(), doses(random), Limits.USUAL);
        final CandidateTables tables = new CandidateTables(question);
        final CandidateReader reader = tables.reader();
        final int[] support = IntStream.range(0, parts.size()).toArray();
        final int[] amounts =
                parts.values().stream().mapToInt(Integer::intValue).toArray();
        reader.load(support, support.length);
        reader.press(support, amounts, support.length);
        reader.read();
        final double penalty = reader.penalty(Double.POSITIVE_INFINITY);
        final Recipe found =
                new Proposals(tables).recipe(FoundRecipe.read(reader, support, amounts, support.length, penalty, 0));
        final PottedMix bench = new PottedMix(found, brief, known);
        final Map<Property, Double> values = bench.values();

        // nobody works out days of which nothing is wanted
        final boolean dries = tables.aims.wanted(Property.DRY_DAYS);
        final Map<Property, Double> compared = new EnumMap<>(values);
        compared.keySet().removeIf(property -> property == Property.DRY_DAYS && !dries);
        compared.forEach((property, value) -> assertThat(reader.value(property))
                .as("seed %d, %s", seed, property)
                .isCloseTo(value, within(property == Property.DRY_DAYS ? TABLE_DAYS : EXACT * Math.max(1, value))));
        final double days = values.getOrDefault(Property.DRY_DAYS, 0.0);
        final double offByTable = question.targets().stream()
                .filter(target -> target.property() == Property.DRY_DAYS)
                .mapToDouble(target -> Math.max(
                        Math.abs(target.penalty(days + TABLE_DAYS) - target.penalty(days)),
                        Math.abs(target.penalty(Math.max(0, days - TABLE_DAYS)) - target.penalty(days))))
                .sum();
        assertThat(penalty)
                .as("seed %d, score", seed)
                .isCloseTo(
                        Score.penalty(question.targets(), values), within(offByTable + EXACT * Math.max(1, penalty)));
    }

    private static Question.Doses doses(final Random random) {
        final MaterialBook book = MaterialBook.shipped();
        return new Question.Doses(
                random.nextBoolean() ? book.amendment("dolomite") : Optional.empty(),
                random.nextBoolean() ? book.amendment("sulfur") : Optional.empty(),
                random.nextBoolean() ? book.amendment("granules") : Optional.empty());
    }

    private static Knowledge known(final Random random, final Recipe recipe) {
        Beliefs beliefs = Beliefs.UNTESTED;
        if (random.nextInt(3) == 0) {
            final Mix mix = Mix.of(recipe);
            final List<Finding> findings = new ArrayList<>(List.of(
                    Finding.air(0.2, 0.2 + 0.1 * random.nextGaussian(), 0.03),
                    Finding.porosity(0.8, 0.8 + 0.05 * random.nextGaussian(), 0.02),
                    Finding.density(200, 200 + 30 * random.nextGaussian(), 10),
                    Finding.ph(6, 6 + 0.5 * random.nextGaussian(), 0.2)));
            for (final Finding finding : findings) {
                beliefs = beliefs.after(finding, mix, "another");
            }
        }
        return new Knowledge(beliefs, Beliefs.NO_BLEND, Scoop.LEVEL, MaterialBook.shipped());
    }

    /** The cases cover what there is to cover. */
    @Test
    void theCasesAreOfAllKinds() {
        final List<Brief> briefs = LongStream.range(0, 200)
                .mapToObj(seed -> RandomBriefs.next(new Random(seed)))
                .toList();

        assertThat(briefs)
                .anyMatch(brief -> brief.pot().flatMap(pot -> pot.layer()).isPresent());
        assertThat(briefs).anyMatch(brief -> brief.place().isEmpty());
        assertThat(briefs).anyMatch(brief -> brief.habit().isEmpty());
        assertThat(briefs.stream()
                        .map(brief -> brief.plant().orElseThrow().group().id())
                        .distinct())
                .hasSizeGreaterThan(20);
    }
}
