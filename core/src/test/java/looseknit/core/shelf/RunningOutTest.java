package looseknit.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RunningOutTest {

    private static final double MARK = 4;
    private static final RunningOut.Lot<String> LOW = usable("low", 2);

    private static RunningOut.Lot<String> usable(final String id, final double left) {
        return new RunningOut.Lot<>(id, "peat", left, MARK, false);
    }

    private static RunningOut.Lot<String> held(final double left) {
        return new RunningOut.Lot<>("held", "peat", left, MARK, true);
    }

    @Test
    void allThatIsLeftIsDownToTheMark() {
        assertThat(RunningOut.among(
                        List.of(LOW, new RunningOut.Lot<>("grit", "grit", 9, MARK, false), usable("other", 2))))
                .containsExactly(new RunningOut<>(LOW, MARK));
    }

    @Test
    void aFullOneThatWaitsIsEnough() {
        assertThat(RunningOut.among(List.of(LOW, usable("full", 40)))).isEmpty();
    }

    @Test
    void aLittleInManyIsEnough() {
        assertThat(RunningOut.among(IntStream.range(0, 400)
                        .mapToObj(n -> usable("bag " + n, 2.5))
                        .toList()))
                .isEmpty();
    }

    @Test
    void theHighestMarkOfThoseThatMayBeUsedCounts() {
        final RunningOut.Lot<String> more = new RunningOut.Lot<>("more", "peat", 6, 10, false);
        assertThat(RunningOut.among(List.of(usable("above its own mark", 4.1), more)))
                .isEmpty();
        assertThat(RunningOut.among(List.of(usable("at its mark", 4), more)))
                .containsExactly(new RunningOut<>(usable("at its mark", 4), 10));
        assertThat(RunningOut.among(List.of(usable("above", 5), new RunningOut.Lot<>("held", "peat", 0, 10, true))))
                .isEmpty();
    }

    @Test
    void aFullOneInQuarantineIsNotEnough() {
        assertThat(RunningOut.among(List.of(held(40), LOW))).containsExactly(new RunningOut<>(LOW, 2));
    }

    @Test
    void oneInQuarantineCountsWhereThereIsNoOther() {
        assertThat(RunningOut.among(List.of(held(1)))).containsExactly(new RunningOut<>(held(1), 1));
        assertThat(RunningOut.among(List.of(held(40)))).isEmpty();
    }
}
