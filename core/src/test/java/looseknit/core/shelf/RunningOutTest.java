package looseknit.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class RunningOutTest {

    private static final RunningOut.Lot<String> LOW_PEAT = lot("low", "peat", 2, true, false);
    private static final RunningOut.Lot<String> FULL_PEAT = lot("full", "peat", 40, false, false);

    private static RunningOut.Lot<String> lot(
            final String id, final String materialId, final double left, final boolean low, final boolean quarantined) {
        return new RunningOut.Lot<>(id, materialId, left, low, quarantined);
    }

    @Test
    void allThatIsLeftOfItIsLow() {
        final RunningOut.Lot<String> other = lot("other", "peat", 0.5, true, false);
        assertThat(RunningOut.among(List.of(LOW_PEAT, lot("grit", "grit", 9, false, false), other)))
                .containsExactly(new RunningOut<>(LOW_PEAT, 2.5));
    }

    @Test
    void aFullOneThatWaitsIsEnough() {
        assertThat(RunningOut.among(List.of(LOW_PEAT, FULL_PEAT))).isEmpty();
    }

    @Test
    void aFullOneInQuarantineIsNot() {
        assertThat(RunningOut.among(List.of(lot("held", "peat", 40, false, true), LOW_PEAT)))
                .containsExactly(new RunningOut<>(LOW_PEAT, 2));
    }

    @Test
    void whatIsOnlyInQuarantineRunsOutOnceThatRunsLow() {
        final RunningOut.Lot<String> held = lot("held", "peat", 1, true, true);
        assertThat(RunningOut.among(List.of(held))).containsExactly(new RunningOut<>(held, 0));
        assertThat(RunningOut.among(List.of(lot("held", "peat", 40, false, true))))
                .isEmpty();
    }
}
