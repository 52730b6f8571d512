package looseknit.core.blend;

import static looseknit.core.Materials.amendment;
import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import looseknit.core.material.Nutrients;
import org.junit.jupiter.api.Test;

class FoodTest {

    private static final Mix PEAT = Mix.of(recipe("peat 1"));

    /** Arithmetic with the oxide factors: 15-9-12 at 2 g/L. */
    @Test
    void foodOfDosesIsCountedAsElements() {
        final Nutrients total = Food.total(PEAT, List.of(dose("granules", 2)));

        assertThat(total.nMgPerL()).isCloseTo(20 + 300, within(1e-9));
        assertThat(total.pMgPerL()).isCloseTo(3 + 180 * 0.4364, within(1e-9));
        assertThat(total.kMgPerL()).isCloseTo(8 + 240 * 0.8302, within(1e-9));
        assertThat(Food.firstMonthNMgPerL(PEAT, List.of(dose("granules", 2)), Food.LABEL_C))
                .isCloseTo(20 + 300 * 4 / 22.0, within(1e-9));
        assertThat(Food.ecDsPerM(PEAT, List.of(dose("granules", 2)), Food.LABEL_C))
                .isCloseTo(0.2 + 0.0065 * 300 * 4 / 22.0, within(1e-9));
    }

    /** Molar masses: phosphorus 30.974, P2O5 141.944, potassium 39.098, K2O 94.196 g/mol. */
    @Test
    void oxideFactorsFollowFromMolarMasses() {
        assertThat(Nutrients.P_IN_P2O5).isCloseTo(2 * 30.974 / 141.944, within(1e-4));
        assertThat(Nutrients.K_IN_K2O).isCloseTo(2 * 39.098 / 94.196, within(1e-4));
    }

    /** Twice as fast with every 10 °C from the 21 °C of the label; done when the time is up. */
    @Test
    void slowFeedFollowsTheWarmth() {
        final List<Recipe.Dose> doses = List.of(dose("granules", 2));

        assertThat(Food.released(PEAT, doses, 5.5, 31).nMgPerL()).isCloseTo(20 + 300 * 0.5, within(1e-6));
        assertThat(Food.released(PEAT, doses, 11, 21).nMgPerL()).isCloseTo(20 + 300 * 0.5, within(1e-6));
        assertThat(Food.released(PEAT, doses, 100, 21)).isEqualTo(Food.total(PEAT, doses));
    }

    /** Arithmetic: 300 mg/L more nitrogen from a feed with 15 % take 2 g/L. */
    @Test
    void theDoseForSoMuchNitrogen() {
        assertThat(Food.doseForN(PEAT, List.of(), amendment("granules"), 320)).isCloseTo(2, within(1e-9));
        assertThat(Food.doseForN(PEAT, List.of(dose("granules", 2)), amendment("granules"), 100))
                .isZero();
        assertThatThrownBy(() -> Food.doseForN(PEAT, List.of(), amendment("lime"), 100))
                .hasMessageContaining("choose a feed that holds some");
    }

    @Test
    void limeBringsCalciumAsItDissolves() {
        final List<Recipe.Dose> doses = List.of(dose("dolomite", 4));
        final Nutrients start = Food.released(PEAT, doses, 0, 20);
        final Nutrients end = Food.released(PEAT, doses, 5000, 20);

        assertThat(start.caMgPerL()).isCloseTo(PEAT.nutrients().caMgPerL(), within(1e-9));
        assertThat(end.caMgPerL() - start.caMgPerL()).isCloseTo(4 * 217 * 0.65, within(1e-6));
        assertThat(end.mgMgPerL() - start.mgMgPerL()).isCloseTo(4 * 130 * 0.65, within(1e-6));
    }
}
