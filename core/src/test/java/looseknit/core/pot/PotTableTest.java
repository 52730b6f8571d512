package looseknit.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Mix;
import looseknit.core.blend.RandomRecipes;
import looseknit.core.blend.Recipe;
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
}
