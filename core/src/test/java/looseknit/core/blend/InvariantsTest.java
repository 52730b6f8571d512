package looseknit.core.blend;

import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import looseknit.core.material.Material;
import looseknit.core.pot.Column;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class InvariantsTest {

    private static final Column TEN_CM = Column.free(10, 0.75);

    @ParameterizedTest
    @MethodSource("seeds")
    void solidsAirAndWaterFillTheSpace(final long seed) {
        final Recipe recipe = new RandomRecipes(seed).next(1, 8);
        final Mix mix = Mix.of(recipe);
        final Column column = Column.free(12, 0.75);
        double solids = 0;
        for (int i = 0; i < mix.materials().size(); i++) {
            solids += mix.litresPerLitre(i)
                    * (1 - mix.materials().get(i).physics().totalPorosity());
        }

        assertThat(solids + column.airFilledPorosity(mix) + column.containerCapacity(mix))
                .as("seed %d", seed)
                .isCloseTo(1, within(1e-12));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void airRisesWithTheHeightOfThePot(final long seed) {
        final Mix mix = Mix.of(new RandomRecipes(seed).next(1, 6));
        double before = 0;
        for (final double height : new double[] {3, 5, 8, 12, 18, 27, 40}) {
            final double air = Column.free(height, 1).airFilledPorosity(mix);
            assertThat(air).as("seed %d, %s cm", seed, height).isGreaterThanOrEqualTo(before - 1e-6);
            before = air;
        }
    }

    /**
     * Where grains differ widely, packing by size classes never shows less shrinkage than the form by whole materials less its
     * spread; elsewhere both agree within five points, three standard deviations and more.
     */
    @ParameterizedTest
    @CsvSource({
        "leca, loam, 0.04, 0.05",
        "pebbles, loam, 0.04, 0.05",
        "granite_grit, loam, 0.03, 0.04",
        "peat, perlite_med, -0.01, 0.02",
        "orch_med, coir_pith, -0.02, 0.03"
    })
    void sizeClassesShowMoreShrinkageWhereGrainsDifferWidely(
            final String one, final String other, final double least, final double most) {
        final List<Material> both = List.of(material(one), material(other));
        final double pairs = new Ingredients(both, Packing.Form.PAIRS)
                .mix(new double[] {1, 1})
                .shrinkage();
        final double classes = new Ingredients(both, Packing.Form.CLASSES)
                .mix(new double[] {1, 1})
                .shrinkage();

        assertThat(classes - pairs).isBetween(least, most);
    }

    @Test
    void theFormFollowsTheGapBetweenGrains() {
        assertThat(Ingredients.of(recipe("pebbles 2 sand_coarse 1")).form()).isEqualTo(Packing.Form.PAIRS);
        assertThat(Ingredients.of(recipe("pebbles 2 loam 1")).form()).isEqualTo(Packing.Form.CLASSES);
        assertThat(Ingredients.of(recipe("pebbles 2 loam 0 sand_coarse 1")).form())
                .isEqualTo(Packing.Form.PAIRS);
    }

    @Test
    void aMaterialPackedByClassesTakesUpItsOwnVolume() {
        for (final Material each :
                looseknit.core.material.MaterialBook.shipped().materials()) {
            final Mix mix = new Ingredients(List.of(each, each), Packing.Form.CLASSES).mix(new double[] {1, 2});
            assertThat(mix.shrinkage()).as(each.id()).isCloseTo(0, within(1e-9));
        }
    }

    /**
     * More of the airiest material may cost air: big pieces without inner pores (pebbles, long sphagnum among chips) first displace
     * more pores than they open. In 20,000 random blends it happened in 3.5 %, by 2.2 points of volume at most.
     */
    @Test
    void moreOfTheAiriestMaterialSeldomCostsAirAndNeverMuch() {
        int lost = 0;
        for (long seed = 1; seed <= 1000; seed++) {
            final Recipe before = new RandomRecipes(seed).next(2, 5);
            final double change = air(before.changed(airiest(before), 1)) - air(before);
            assertThat(change).as("seed %d", seed).isGreaterThan(-0.03);
            lost += change < -1e-9 ? 1 : 0;
        }
        assertThat(lost).isBetween(1, 80);
    }

    /** The counter-example: pebbles among perlite, 1 to 2 parts of 3 and 4. */
    @Test
    void pebblesAmongPerliteCostAir() {
        assertThat(air(recipe("perlite_med 2 pebbles 2")) - air(recipe("perlite_med 2 pebbles 1")))
                .isCloseTo(-0.022, within(0.001));
    }

    private static int airiest(final Recipe recipe) {
        final List<Material> materials =
                recipe.parts().stream().map(Recipe.Part::material).toList();
        return materials.indexOf(materials.stream()
                .max(Comparator.comparingDouble(
                        each -> TEN_CM.airFilledPorosity(Mix.of(List.of(each), new double[] {1}))))
                .orElseThrow());
    }

    private static double air(final Recipe recipe) {
        return TEN_CM.airFilledPorosity(Mix.of(recipe));
    }

    @ParameterizedTest
    @CsvSource({
        "perlite_coarse 1 peat 3, FLOATS",
        "orch_coarse 3 sand_coarse 1, WASHES_DOWN",
        "peat 3 grit_3_6 1, SINKS",
        "peat 1 pumice_med 1, FLOATS_UNTIL_WET"
    })
    void partsCompany(final String parts, final Segregation.Kind kind) {
        assertThat(Segregation.of(Mix.of(recipe(parts))))
                .extracting(Segregation::kind)
                .contains(kind);
    }

    /** Worked by hand from bulk density and packing: perlite 0.18, expanded clay 0.57 kg/L dry. */
    @ParameterizedTest
    @CsvSource({"perlite_med, 0.18", "leca, 0.57", "sand_coarse, 2.66"})
    void densityOfDryGrains(final String id, final double kgPerL) {
        assertThat(Segregation.dryGrainKgPerL(material(id))).isCloseTo(kgPerL, within(0.005));
    }

    static List<Long> seeds() {
        return new Random(17).longs(40).boxed().toList();
    }
}
