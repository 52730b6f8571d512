package looseknit.core.blend;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
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
}
