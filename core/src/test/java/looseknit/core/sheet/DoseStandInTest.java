package looseknit.core.sheet;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import looseknit.core.material.Amendment;
import looseknit.core.material.MaterialBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DoseStandInTest {

    private static Amendment dose(final String id) {
        return MaterialBook.shipped().amendment(id).orElseThrow();
    }

    private static List<String> changes(final String given, final String other) {
        return said(DoseStandIn.of(dose(given), dose(other)).changes());
    }

    /** By hand from the table: hydrated lime 1.35 · 0.98 against garden lime 0.95 · 0.70 is 1.99 times. */
    @Test
    void limesDifferInStrengthSpeedAndWhatTheyBring() {
        assertThat(changes("lime", "hydrated_lime"))
                .contains("moves the pH 2.0 times as far", "half has worked in 0.25 instead of 4 weeks");
        assertThat(changes("lime", "dolomite")).anyMatch(change -> change.startsWith("magnesium"));
        assertThat(changes("lime", "sulfur")).contains("lowers the pH instead");
        assertThat(changes("lime", "gypsum")).contains("leaves the pH alone");
        assertThat(changes("gypsum", "lime")).contains("raises the pH");
    }

    @Test
    void feedsDifferInFoodAndTime() {
        assertThat(changes("granules", "bone_meal")).contains("N 3 instead of 15 %", "P₂O₅ 15 instead of 9 %");
    }

    static List<Amendment> amendments() {
        return List.copyOf(MaterialBook.shipped().amendments());
    }

    @ParameterizedTest
    @MethodSource("amendments")
    void againstItselfNothingChanges(final Amendment amendment) {
        assertThat(said(DoseStandIn.of(amendment, amendment).changes())).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("amendments")
    void everyStandInOfTheBookIsThereAndChangesSomething(final Amendment amendment) {
        assertThat(amendment.advice().standIns())
                .allSatisfy(id -> assertThat(
                                said(DoseStandIn.of(amendment, dose(id)).changes()))
                        .as("%s for %s", id, amendment.id())
                        .isNotEmpty()
                        .noneMatch(change -> change.contains("NaN") || change.contains("Infinity")));
    }
}
