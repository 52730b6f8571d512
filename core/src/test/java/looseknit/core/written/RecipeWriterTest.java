package looseknit.core.written;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import looseknit.core.blend.RandomRecipes;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is written as text is read back as the same recipe. */
class RecipeWriterTest {

    private static final MaterialBook BOOK = MaterialBook.shipped();
    private static final RecipeWriter WRITER = new RecipeWriter(BOOK);

    private static LongStream seeds() {
        return LongStream.range(0, 120);
    }

    private static Recipe random(final long seed) {
        final Random random = new Random(seed);
        final Recipe plain = new RandomRecipes(seed).next(1, 9);
        final List<Amendment> amendments = new ArrayList<>(BOOK.amendments());
        Collections.shuffle(amendments, random);
        return new Recipe(
                random.nextBoolean() ? Recipe.Measure.PARTS : Recipe.Measure.PERCENT,
                plain.parts().stream()
                        .map(part -> new Recipe.Part(part.material(), part.amount() * (random.nextInt(4) + 1) / 2))
                        .toList(),
                amendments.stream()
                        .limit(random.nextInt(4))
                        .map(each -> new Recipe.Dose(each, 0.1 + Math.round(random.nextDouble() * 50) / 10.0))
                        .toList());
    }

    private static WrittenRecipe read(final List<String> lines) {
        return new RecipeReader(BOOK, Set.of(), 0.5, OptionalDouble.empty()).read(String.join("\n", lines));
    }

    private static List<WrittenRecipe.Line> doses(final WrittenRecipe written, final boolean dose) {
        return written.lines().stream().filter(line -> line.dose() == dose).toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void readsBackTheSameInAllStylesAndUnits(final long seed) {
        final Recipe recipe = random(seed);
        for (final RecipeWriter.Style style : RecipeWriter.Style.values()) {
            for (final boolean us : new boolean[] {false, true}) {
                final List<String> lines = WRITER.lines(recipe, style, us);
                final WrittenRecipe written = read(lines);
                final List<WrittenRecipe.Line> parts = doses(written, false);
                final List<WrittenRecipe.Line> doses = doses(written, true);

                assertThat(written.lines())
                        .as("%s", lines)
                        .allSatisfy(line ->
                                assertThat(line.certain()).as(line.typed()).isTrue());
                assertThat(parts)
                        .as("%s", lines)
                        .extracting(line -> line.choices().get(0).id())
                        .containsExactlyElementsOf(recipe.parts().stream()
                                .map(Recipe.Part::material)
                                .map(Material::id)
                                .toList());
                IntStream.range(0, parts.size())
                        .forEach(i -> assertThat(parts.get(i).amount() / written.sum())
                                .as(lines.get(i))
                                .isCloseTo(
                                        recipe.scoopedShares().get(i),
                                        within(style == RecipeWriter.Style.PER_CENT ? 0.006 : 1e-3)));
                assertThat(doses)
                        .extracting(line -> line.choices().get(0).id())
                        .containsExactlyElementsOf(recipe.doses().stream()
                                .map(each -> each.amendment().id())
                                .toList());
                IntStream.range(0, doses.size())
                        .forEach(i -> assertThat(doses.get(i).amount())
                                .isCloseTo(recipe.doses().get(i).gPerL(), within(0.011)));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void perCentsMakeAHundred(final long seed) {
        final WrittenRecipe written = read(WRITER.lines(random(seed), RecipeWriter.Style.PER_CENT, false));

        assertThat(written.measure()).isEqualTo(Recipe.Measure.PERCENT);
        assertThat(written.sum()).isCloseTo(100, within(1e-9));
    }

    @Test
    void namesThatWouldBeMisreadStandInQuotationMarks() {
        final Recipe recipe = new Recipe(
                Recipe.Measure.PARTS,
                List.of(new Recipe.Part(BOOK.material("peat").orElseThrow(), 3)),
                List.of(new Recipe.Dose(BOOK.amendment("dolomite").orElseThrow(), 2)));

        assertThat(WRITER.lines(recipe, RecipeWriter.Style.PARTS, false))
                .containsExactly("3 parts Sphagnum peat", "2 g per litre Dolomite");
        assertThat(WRITER.lines(recipe, RecipeWriter.Style.SCOOPS, true))
                .containsExactly("3 scoops Sphagnum peat", "0.267 oz per gallon Dolomite");
        assertThat(read(List.of("2 parts “Bark, half and half 2:1”", "1 part peat"))
                        .lines())
                .hasSize(2)
                .first()
                .satisfies(line -> assertThat(line.amount()).isEqualTo(2));
    }
}
