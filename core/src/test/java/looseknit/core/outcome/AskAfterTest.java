package looseknit.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class AskAfterTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 28);

    private static AskAfter plant(final String blend, final int pottedAgo, final int toldAgo, final boolean here) {
        return new AskAfter(
                blend,
                TODAY.minusDays(pottedAgo),
                toldAgo < 0 ? Optional.empty() : Optional.of(TODAY.minusDays(toldAgo)),
                here);
    }

    private static List<AskAfter> among(final int most, final AskAfter... all) {
        return AskAfter.among(List.of(all), Function.identity(), TODAY, most);
    }

    @Test
    void asksFirstWhereLeastIsKnown() {
        final AskAfter known = plant("house", 300, 90, true);
        final AskAfter unknown = plant("fern", 100, -1, true);
        final AskAfter older = plant("fern", 200, -1, true);

        assertThat(among(3, known, unknown, older)).containsExactly(older, unknown, known);
        assertThat(among(1, known, unknown, older)).containsExactly(older);
    }

    @Test
    void asksNeitherTooSoonNorAfterThoseThatAreGone() {
        assertThat(among(9, plant("fern", 59, -1, true), plant("fern", 300, 20, true), plant("fern", 300, -1, false)))
                .isEmpty();
    }
}
