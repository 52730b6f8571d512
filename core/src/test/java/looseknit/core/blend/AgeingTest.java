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

    /** By hand: kept = 2^(−t/h); pieces break up 2.5 times as fast as that, what is fine already only loses mass. */
    @ParameterizedTest
    @CsvSource({
        "1, 0, 1, 0",
        "1, 8, 0.5, 0",
        "1, 16, 0.25, 0",
        "2.5, 8, 0.1767767, 0.3232233",
        "2.5, 4, 0.4204482, 0.2866586"
    })
    void piecesBreakUpAndFineMatterOnlyShrinks(
            final double breaksUp, final double years, final double left, final double humus) {
        final Ageing.Decay decay = new Ageing.Decay(8, breaksUp, 1);

        assertThat(decay.left(years)).isCloseTo(left, within(1e-7));
        assertThat(decay.humus(years)).isCloseTo(humus, within(1e-7));
    }

    /** Air that falls in a straight line: gone over at three quarters of what it was, or 5 points above what the plant barely bears. */
    @ParameterizedTest
    @CsvSource({"0.4, 0.05, 0.2, 3", "0.4, 0.03, 0.2, 5", "0.4, 0.05, 0.3, 2", "0.2, 0.025, 0.2, 2"})
    void goesOverWhereTheAirIsGone(
            final double fresh, final double perYear, final double bearable, final double years) {
        assertThat(Ageing.yearsUntilGoneOver(falling(fresh, perYear, 1, 0), bearable))
                .isCloseTo(years, within(0.15 * years));
    }

    /** A mix that sinks by a tenth of its height in a year has gone over after two, however airy it stays. */
    @Test
    void goesOverWhereItHasSunk() {
        assertThat(Ageing.yearsUntilGoneOver(falling(0.4, 0, 1, 0.1), 0.1)).isCloseTo(2, within(0.2));
        assertThat(Ageing.yearsUntilGoneOver(falling(0.4, 0, 1, 0), 0.1)).isCloseTo(Ageing.HORIZON_YEARS, within(0.01));
    }

    private static Ageing.Course falling(
            final double fresh, final double perYear, final double height, final double sinks) {
        return new Ageing.Course() {
            private double asked;

            @Override
            public double air(final double years) {
                asked = years;
                return Math.max(0.001, fresh - perYear * years);
            }

            @Override
            public double settledTo() {
                return Math.max(0.1, height - sinks * asked);
            }
        };
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
        assertThat(ageing.settledTo(8)).isCloseTo(1, within(1e-12));
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
