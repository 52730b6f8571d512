package looseknit.core.blend;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import looseknit.core.pot.Column;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AgeingTest {

    private static final Column POT = Column.free(12, 0.75);

    /** Worked through in a prototype, starting 12 cm high. */
    @ParameterizedTest
    @CsvSource({
        "peat 3 perlite_med 1, .221, .194, .175, .163, .150",
        "bark_comp 8 sand_coarse 1, .288, .224, .178, .145, .099",
        "orch_fine 5 perlite_coarse 1, .468, .367, .290, .238, .179"
    })
    void airGoesOverTheYears(
            final String parts,
            final double fresh,
            final double one,
            final double two,
            final double three,
            final double five) {
        final Ageing ageing = new Ageing(recipe(parts), 20);

        assertThat(air(ageing, 0)).isCloseTo(fresh, within(0.002));
        assertThat(air(ageing, 1)).isCloseTo(one, within(0.002));
        assertThat(air(ageing, 2)).isCloseTo(two, within(0.002));
        assertThat(air(ageing, 3)).isCloseTo(three, within(0.002));
        assertThat(air(ageing, 5)).isCloseTo(five, within(0.002));
    }

    @Test
    void settlesInTheFirstYears() {
        final Ageing ageing = new Ageing(recipe("bark_comp 8 sand_coarse 1"), 20);

        assertThat(ageing.settledTo(0)).isCloseTo(1, within(1e-12));
        assertThat(ageing.settledTo(1)).isBetween(0.8, 0.92);
        assertThat(ageing.settledTo(3)).isBetween(0.55, 0.75);
    }

    @Test
    void mineralsDoNotAge() {
        final Ageing ageing = new Ageing(recipe("pumice_med 2 grit_3_6 1"), 30);

        assertThat(air(ageing, 8)).isCloseTo(air(ageing, 0), within(1e-12));
        assertThat(ageing.yearsUntilBelow(aged -> POT.airFilledPorosity(aged.mix()), 0.1))
                .isEqualTo(Ageing.HORIZON_YEARS);
    }

    @Test
    void warmthAgesFaster() {
        final Recipe recipe = recipe("leaf_mould 2 perlite_med 1");

        assertThat(new Ageing(recipe, 30).after(1).totalPorosity())
                .isCloseTo(new Ageing(recipe, 20).after(2).totalPorosity(), within(1e-12));
    }

    /** Running minimum of the air of the mix at the height to which it has sunk. */
    private static double air(final Ageing ageing, final double years) {
        double least = 1;
        for (double t = 0; t <= years; t += 0.25) {
            least = Math.min(least, Column.free(12 * ageing.settledTo(t), 0.75).airFilledPorosity(ageing.after(t)));
        }
        return least;
    }
}
