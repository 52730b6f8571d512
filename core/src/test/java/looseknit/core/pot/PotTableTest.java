package looseknit.core.pot;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Mix;
import looseknit.core.blend.RandomRecipes;
import looseknit.core.blend.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PotTableTest {

    private static final double SAME = 1e-12;

    @ParameterizedTest
    @MethodSource("seeds")
    void readsWhatMixAndColumnRead(final long seed) {
        final Random random = new Random(seed);
        final Recipe recipe = new RandomRecipes(seed).next(1, 8);
        final Column column = new Column(
                3 + 30 * random.nextDouble(),
                0.5 + random.nextDouble(),
                random.nextInt(3),
                random.nextBoolean() ? 0 : 3 * random.nextDouble());
        final Ingredients ingredients = Ingredients.of(recipe);
        final PotTable table = new PotTable(ingredients, column, Column.Rule.FINE);
        final PotTable.Scratch scratch = new PotTable.Scratch(table);
        final Mix mix = ingredients.mix(recipe);

        table.read(recipe.parts().stream().mapToDouble(Recipe.Part::amount).toArray(), scratch);

        assertThat(scratch.totalPorosity()).isCloseTo(mix.totalPorosity(), within(SAME));
        assertThat(scratch.containerCapacity()).isCloseTo(column.containerCapacity(mix), within(SAME));
        assertThat(table.containerCapacity(mix)).isCloseTo(column.containerCapacity(mix), within(SAME));
        assertThat(scratch.airFilledPorosity()).isCloseTo(column.airFilledPorosity(mix), within(SAME));
        assertThat(scratch.bulkDensityGPerL()).isCloseTo(mix.bulkDensityGPerL(), within(1e-9));
        assertThat(scratch.plainPh()).isCloseTo(mix.plainPh(), within(SAME));
        assertThat(scratch.bufferMeqPerLPerPh()).isCloseTo(mix.bufferMeqPerLPerPh(), within(1e-9));
        assertThat(scratch.easilyAvailableWater()).isCloseTo(mix.easilyAvailableWater(), within(SAME));
        assertThat(scratch.waterBufferingCapacity()).isCloseTo(mix.waterBufferingCapacity(), within(SAME));
        assertThat(scratch.packed().shrinkage()).isCloseTo(mix.shrinkage(), within(SAME));
        assertThat(scratch.packed().yield()).isCloseTo(mix.yield(), within(SAME));
    }

    /** The quick rule and the tabulated curves stay within their stated bounds. */
    @ParameterizedTest
    @MethodSource("seeds")
    void quickStaysNearFine(final long seed) {
        final Mix mix = Mix.of(new RandomRecipes(seed).next(1, 6));
        for (double suction = 0.05; suction < 300; suction *= 1.7) {
            assertThat(mix.waterAtQuick(suction)).isCloseTo(mix.waterAt(suction), within(0.0005));
        }
        for (final double height : new double[] {5, 10, 20, 40}) {
            final Column column = Column.free(height, 0.75);
            assertThat(column.containerCapacityQuick(mix)).isCloseTo(column.containerCapacity(mix), within(0.003));
        }
    }

    static List<Long> seeds() {
        return new Random(31).longs(40).boxed().toList();
    }

    /** A material that settles no further and meets nothing else holds alone what a mix of it holds. */
    @Test
    void aMaterialAloneIsAMixOfOne() {
        final Ingredients ingredients = Ingredients.of(recipe("pumice_med 1 grit_3_6 1"));
        for (final Column column : List.of(Column.free(12, 0.75), new Column(12, 0.75, 0, 4))) {
            final PotTable table = new PotTable(ingredients, column, Column.Rule.FINE);
            for (int i = 0; i < 2; i++) {
                final Mix alone = Mix.of(recipe((i == 0 ? "pumice_med" : "grit_3_6") + " 1"));
                final double own = ingredients.materials().get(i).retention().saturated();

                assertThat(table.pureCapacity(i)).isCloseTo(column.containerCapacity(alone), within(0.02));
                assertThat(table.pureAtTop(i))
                        .isLessThan(table.pureCapacity(i))
                        .isCloseTo(
                                ingredients.materials().get(i).retention().at(12 - column.freeWaterCm()),
                                within(0.003));
                assertThat(own).isGreaterThan(table.pureCapacity(i));
            }
        }
    }

    /** What is left of a mix reads like the same mix in a pot that is as much shallower. */
    @Test
    void whatHasSunkStandsInAShallowerColumn() {
        final Ingredients ingredients = Ingredients.of(recipe("peat 3 perlite_med 1 bark_fine 1"));
        final double[] loose = {3, 1, 1};
        final int[] all = {0, 1, 2};
        for (final Column column : List.of(Column.free(20, 1), new Column(20, 1, 2, 0), new Column(20, 1, 0, 3))) {
            final PotTable table = new PotTable(ingredients, column, Column.Rule.FINE);
            final PotTable.Scratch scratch = new PotTable.Scratch(table);
            final Mix mix = ingredients.mix(recipe("peat 3 perlite_med 1 bark_fine 1"));
            final double fresh = 5 * mix.yield();

            for (final double left : new double[] {1, 0.8, 0.5}) {
                final double air = table.airSunk(loose, all, 3, fresh / left, scratch);
                final Column shallower = new Column(20 * left, 1, column.addedSuctionCm(), column.freeWaterCm());
                assertThat(scratch.settledTo()).isCloseTo(left, within(1e-9));
                assertThat(air).isCloseTo(shallower.airFilledPorosity(mix), within(0.004));
            }
        }
    }
}
