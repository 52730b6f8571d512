package looseknit.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import looseknit.core.shelf.Depletion.Lot;
import looseknit.core.shelf.Depletion.Taken;
import org.junit.jupiter.api.Test;

class DepletionTest {

    private static final List<Lot<String>> LOTS =
            List.of(new Lot<>("old", "peat", 3), new Lot<>("perlite", "perlite_med", 8), new Lot<>("new", "peat", 20));

    @Test
    void theLotInUseIsEmptiedBeforeTheNextIsBegun() {
        assertThat(Depletion.after(LOTS, List.of(new Taken("peat", 4.5))))
                .containsExactly(entry("old", 0.0), entry("new", 18.5));
    }

    @Test
    void whatIsTakenTwiceCountsTwice() {
        final Map<String, Double> left =
                Depletion.after(LOTS, List.of(new Taken("perlite_med", 2), new Taken("perlite_med", 1.25)));
        assertThat(left).containsOnlyKeys("perlite");
        assertThat(left.get("perlite")).isCloseTo(4.75, within(1e-9));
    }

    @Test
    void noneGoesBelowNothingAndTheOthersAreLeftAlone() {
        assertThat(Depletion.after(LOTS, List.of(new Taken("peat", 99))))
                .containsExactly(entry("old", 0.0), entry("new", 0.0));
        assertThat(Depletion.after(LOTS, List.of(new Taken("loam", 9)))).isEmpty();
    }
}
