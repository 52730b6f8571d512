package looseknit.core.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SimulatedPricesTest {

    private static final LocalDate BEGIN = LocalDate.of(2026, 1, 1);

    @Test
    void pricesDriftAboutTheirBase() {
        final double[] prices = IntStream.range(0, 400)
                .mapToDouble(day -> SimulatedPrices.price("B-101", 42, BEGIN.plusDays(day)))
                .toArray();
        assertThat(Arrays.stream(prices).min().orElseThrow()).isCloseTo(42 * 0.92, within(0.3));
        assertThat(Arrays.stream(prices).max().orElseThrow()).isCloseTo(42 * 1.08, within(0.3));
        assertThat(IntStream.of(0, 100, 200)
                        .mapToDouble(day -> prices[day])
                        .distinct()
                        .count())
                .isGreaterThan(1);
        assertThat(SimulatedPrices.price("B-101", 42, BEGIN)).isEqualTo(prices[0]);
    }

    @Test
    void oneWeekInElevenAnArticleIsOutOfStock() {
        final long out = IntStream.range(0, 7 * 110)
                .filter(day -> !SimulatedPrices.inStock("B-101", BEGIN.plusDays(day)))
                .count();
        assertThat(out).isEqualTo(70);
    }
}
