package looseknit.core.blend;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import looseknit.core.pot.Column;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Worked results of the model for seven recipes, computed once by a separate prototype in another language. They test the
 * implementation, not the truth.
 */
class RegressionVectorsTest {

    private static final double TOLERANCE = 0.001;

    @ParameterizedTest
    @CsvSource({
        "peat 3 perlite_med 1 bark_fine 1, 13.5, 0.75, .8729, .6297, .2432, .1343, .0139, .9250, .5598, .3457, .3008, 4.132",
        "bark_comp 8 sand_coarse 1, 7.6, 1, .7765, .5482, .2283, .3612, .0266, .9367, .4212, .3099, .2823, 5.036",
        "loam 1 peat 1 sand_coarse 1, 13.5, 0.75, .5922, .5182, .0740, 1.0175, .0733, .8711, .4836, .2918, .2508, 5.312",
        "orch_med 3 perlite_coarse 1 charcoal_coarse 1, 10, 0.75, .7979, .2988, .4991, .1867, .0301, .9524, .2520, .2073, .1945, 5.311",
        "pumice_med 2 grit_3_6 1 peat 1 akadama 1, 10, 0.75, .6795, .4074, .2720, .7185, .0472, .9261, .3406, .2453, .2228, 4.769",
        "pebbles 2 sand_coarse 1, 10, 0.75, .2999, .1484, .1515, 1.8592, .1572, .8371, .1120, .0495, .0373, 7.000",
        "peat 1 sphagnum_lf 1, 10, 0.75, .9344, .7142, .2202, .0740, .0826, .8348, .5745, .3107, .2575, 3.986"
    })
    void reproducesThePrototype(
            final String parts,
            final double heightCm,
            final double taper,
            final double porosity,
            final double capacity,
            final double air,
            final double densityKgPerL,
            final double shrinkage,
            final double yield,
            final double at10,
            final double at50,
            final double at100,
            final double ph) {
        final Mix mix = Mix.of(recipe(parts));
        final Column column = Column.free(heightCm, taper);

        assertThat(mix.totalPorosity()).as("TP").isCloseTo(porosity, within(TOLERANCE));
        assertThat(column.containerCapacity(mix)).as("CC").isCloseTo(capacity, within(TOLERANCE));
        assertThat(column.airFilledPorosity(mix)).as("AS").isCloseTo(air, within(TOLERANCE));
        assertThat(mix.bulkDensityGPerL() / 1000).as("BD").isCloseTo(densityKgPerL, within(TOLERANCE));
        assertThat(mix.shrinkage()).as("s").isCloseTo(shrinkage, within(TOLERANCE));
        assertThat(mix.yield()).as("yield").isCloseTo(yield, within(TOLERANCE));
        assertThat(mix.waterAt(10)).as("θ10").isCloseTo(at10, within(TOLERANCE));
        assertThat(mix.waterAt(50)).as("θ50").isCloseTo(at50, within(TOLERANCE));
        assertThat(mix.waterAt(100)).as("θ100").isCloseTo(at100, within(TOLERANCE));
        assertThat(mix.plainPh()).as("pH").isCloseTo(ph, within(TOLERANCE));
    }
}
