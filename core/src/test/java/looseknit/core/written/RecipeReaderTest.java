package looseknit.core.written;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import looseknit.core.blend.DoseMeasure;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.measure.VolumeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RecipeReaderTest {

    private static final Set<String> SHELF = Set.of("orch_med", "perlite_coarse", "charcoal_coarse", "coir_pith");

    private static WrittenRecipe read(final String text) {
        return new RecipeReader(MaterialBook.shipped(), SHELF, 0.5, OptionalDouble.empty()).read(text);
    }

    private static String first(final WrittenRecipe.Line line) {
        return line.choices().get(0).id();
    }

    @Test
    void partsWithNamesThatFitSeveral() {
        final WrittenRecipe recipe = read("4 orchid bark, 2 perlite, 1 charcoal");

        assertThat(recipe.measure()).isEqualTo(Recipe.Measure.PARTS);
        assertThat(recipe.lines()).extracting(WrittenRecipe.Line::amount).containsExactly(4.0, 2.0, 1.0);
        // what lies on the shelf is meant first, but it is asked
        assertThat(recipe.lines())
                .extracting(RecipeReaderTest::first)
                .containsExactly("orch_med", "perlite_coarse", "charcoal_coarse");
        assertThat(recipe.lines()).noneMatch(WrittenRecipe.Line::certain);
        assertThat(recipe.lines().get(1).choices())
                .extracting(WrittenRecipe.Choice::id)
                .contains("perlite_fine", "perlite_med");
        assertThat(said(recipe.lines().get(1).says())).isEqualTo("Fine, medium or coarse? Taken as perlite, coarse.");
    }

    @ParameterizedTest
    @CsvSource({
        "3 parts coir pith, 3, coir_pith",
        "coir pith: 3, 3, coir_pith",
        "Coir pith x 3, 3, coir_pith",
        "two parts of fine bark, 2, bark_fine",
        "half part worm castings, 0.5, castings",
        "1 1/2 worm castings, 1.5, castings",
        "1½ worm castings, 1.5, castings",
        "¾ part leaf mould, 0.75, leaf_mould",
        "'2,5 zeolite', 2.5, zeolite",
        "2-3 parts diatomite granules, 2.5, diatomite",
        "about 2 coarse pumice, 2, pumice_coarse",
        "a scoop of fine pumice, 1, pumice_fine",
        "2 vermicompost, 2, castings",
        "1 perlte fine, 1, perlite_fine",
        "scoria, 1, scoria"
    })
    void amountsAsPeopleWriteThem(final String text, final double amount, final String id) {
        final WrittenRecipe.Line line = read(text).lines().get(0);

        assertThat(line.amount()).isEqualTo(amount);
        assertThat(first(line)).isEqualTo(id);
        assertThat(line.dose()).isFalse();
    }

    @Test
    void perCentWithARest() {
        final WrittenRecipe recipe = read("25% coir pith, 20 % fine bark; the rest coarse perlite");

        assertThat(recipe.measure()).isEqualTo(Recipe.Measure.PERCENT);
        assertThat(recipe.lines()).extracting(WrittenRecipe.Line::amount).containsExactly(25.0, 20.0, 55.0);
        assertThat(recipe.sum()).isEqualTo(100);
        assertThat(said(recipe.notes())).isEmpty();
        assertThat(said(read("40% coir pith, 60 fine bark").notes()))
                .containsExactly("Numbers without a unit among per cents are taken as per cent.");
        assertThat(read("60% coir pith, 30% fine bark").sum()).isEqualTo(90);
        assertThat(said(read("100% coir pith, the rest scoria").lines().get(1).says()))
                .contains("Nothing is left");
    }

    /** A US cup has 48 teaspoons and a tablespoon 3 (NIST Handbook 44, Appendix C; from memory). */
    @Test
    void cupsAndSpoonsMixed() {
        final WrittenRecipe recipe = read("2 cups coir pith\n1/2 cup fine bark\n3 tbsp worm castings");

        assertThat(said(recipe.notes())).containsExactly("One part stands for one of the cups.");
        assertThat(recipe.lines().get(0).amount()).isEqualTo(2);
        assertThat(recipe.lines().get(1).amount()).isEqualTo(0.5);
        assertThat(recipe.lines().get(2).amount()).isCloseTo(9.0 / 48, within(0.001));
    }

    @Test
    void aWeightBecomesAVolume() {
        final double litres = 250
                / MaterialBook.shipped()
                        .material("zeolite")
                        .orElseThrow()
                        .physics()
                        .bulkDensityGPerL();
        final WrittenRecipe recipe = read("1 litre coir pith, 250 g zeolite");

        assertThat(recipe.lines().get(1).amount()).isCloseTo(litres, within(0.001));
        // and counts in what a dose is for
        assertThat(read("1 litre coir pith, 1 kg zeolite, 10 g dolomite")
                        .lines()
                        .get(2)
                        .amount())
                .isCloseTo(10 / (1 + 4 * litres), within(0.01));
    }

    @Test
    void ratiosAndEqualParts() {
        final WrittenRecipe ratio = read("3:2:1 fine bark, coir pith, scoria");
        assertThat(ratio.lines()).extracting(WrittenRecipe.Line::amount).containsExactly(3.0, 2.0, 1.0);
        assertThat(read("fine bark:coir pith 2:1").lines())
                .extracting(RecipeReaderTest::first)
                .containsExactly("bark_fine", "coir_pith");
        assertThat(read("equal parts fine bark, coir pith and scoria").lines())
                .extracting(WrittenRecipe.Line::amount)
                .containsExactly(1.0, 1.0, 1.0);
        assertThat(said(read("fine bark, scoria").notes()))
                .containsExactly("No amounts are written: taken as equal parts.");
        assertThatThrownBy(() -> read("3:2:1 fine bark, scoria"))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("3 numbers for 2 names");
    }

    @Test
    void limeIsADose() {
        final WrittenRecipe recipe = read("4 coir pith, 2 g/L dolomite, a dusting of garden lime, 1 part gypsum");

        assertThat(recipe.lines()).extracting(WrittenRecipe.Line::dose).containsExactly(false, true, true, true);
        assertThat(recipe.lines().get(1).amount()).isEqualTo(2);
        assertThat(recipe.lines().get(1).certain()).isTrue();
        assertThat(recipe.lines().get(2).amount()).isEqualTo(DoseMeasure.DUSTING_G_PER_L);
        assertThat(said(recipe.lines().get(3).says())).contains("weighed, not scooped");
        assertThat(recipe.sum()).isEqualTo(4);
    }

    @Test
    void spoonsOfLimeForAPot() {
        final WrittenRecipe recipe = new RecipeReader(MaterialBook.shipped(), Set.of(), 0.5, OptionalDouble.of(2))
                .read("4 coir pith, 1 tsp dolomite per pot");
        final double grams = 1000 * VolumeUnit.US_TEASPOON.litres() * 1.25;

        assertThat(recipe.lines().get(1).amount()).isCloseTo(grams / 2, within(0.01));
        assertThat(said(recipe.lines().get(1).says())).isEqualTo("Taken for one pot of 2 L.");
        assertThat(read("1 tsp dolomite").lines().get(0).certain()).isFalse();
    }

    @Test
    void whatNobodyKnowsIsAsked() {
        final WrittenRecipe.Line line = read("2 moonstone powder").lines().get(0);

        assertThat(line.certain()).isFalse();
        assertThat(line.known()).isFalse();
        assertThat(said(line.says())).startsWith("No material is called “moonstone powder”.");
        assertThat(said(read("20% coir pith, 2 cups scoria").lines().get(1).says()))
                .contains("among per cents");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "\n"})
    void nothingIsNoRecipe(final String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(OutOfRangeException.class);
    }

    /** Whatever is pasted is read or refused with a sentence; nothing breaks. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1/0 coir pith",
                "%%%",
                "::::",
                "1:2",
                "4",
                "½",
                "- \n * \n",
                "rest",
                "the rest of the bark",
                "9999999999999999999999 coir pith",
                "1 tsp",
                "<script>alert(1)</script>",
                "\u202e kirB 4"
            })
    void oddTextIsReadOrRefused(final String text) {
        try {
            final WrittenRecipe recipe = read(text);
            assertThat(recipe.lines())
                    .allSatisfy(line -> assertThat(line.amount()).isFinite().isNotNegative());
        } catch (final OutOfRangeException refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }

    @Test
    void everyMaterialIsUnderstoodByItsOwnName() {
        final List<String> wrong = MaterialBook.shipped().materials().stream()
                .filter(each -> each.forRecipes())
                .filter(each -> {
                    final WrittenRecipe.Line line = read("2 parts "
                                    + each.name().replace(",", ""))
                            .lines()
                            .get(0);
                    return line.choices().isEmpty() || !first(line).equals(each.id()) || line.amount() != 2;
                })
                .map(each -> each.name())
                .toList();

        assertThat(wrong).isEmpty();
    }

    /** Long runs of figures and words come to an end like any other text. */
    @ParameterizedTest
    @ValueSource(
            strings = {"9", "1 ", "1/", "peat and ", "1 part ", "half ", "a ", "1:", "1-", "½", "peat 1 ", "(", "of "})
    void longRunsAreReadOrRefused(final String run) {
        final String text = run.repeat(4000 / run.length());
        try {
            assertThat(read(text).lines()).isNotEmpty();
        } catch (final OutOfRangeException refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }
}
