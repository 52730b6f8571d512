package looseknit.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import looseknit.core.measure.Band;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TargetTest {

    private static Target target(final double low, final double high, final double weight) {
        return new Target(Property.AIR, new Band(low, high), weight, List.of());
    }

    /** Misses are counted in widths of the band, by their squares, times the weight. */
    @ParameterizedTest
    @CsvSource({
        "0.2, 0.4, 1, 0.3, 0",
        "0.2, 0.4, 1, 0.2, 0",
        "0.2, 0.4, 1, 0.1, 0.25",
        "0.2, 0.4, 2, 0.6, 2",
        "0.2, 0.4, 0.5, 0, 0.5"
    })
    void countsMissesInWidths(
            final double low, final double high, final double weight, final double value, final double penalty) {
        assertThat(target(low, high, weight).penalty(value)).isCloseTo(penalty, within(1e-12));
    }

    /** A band with one open end is measured by that end: salts twice over their limit miss by a whole scale. */
    @Test
    void oneEndedBandsCountToo() {
        assertThat(target(Double.NEGATIVE_INFINITY, 2, 0.5).penalty(4)).isCloseTo(0.5, within(1e-12));
        assertThat(target(Double.NEGATIVE_INFINITY, 2, 0.5).penalty(1)).isZero();
        assertThat(target(3, Double.POSITIVE_INFINITY, 1).penalty(0)).isCloseTo(1, within(1e-12));
        assertThat(target(3, Double.POSITIVE_INFINITY, 1).penalty(9)).isZero();
    }

    /** What is bearable costs little, up to three points of fit; beyond it every miss costs more than the one before. */
    @Test
    void bearableMissesAreGentle() {
        final Target air = new Target(Property.AIR, new Band(0.2, 0.4), new Band(0.1, 0.5), 1, List.of());

        assertThat(air.penalty(0.2)).isZero();
        assertThat(air.penalty(0.15)).isCloseTo(0.025, within(1e-12));
        assertThat(air.penalty(0.1)).isCloseTo(0.1, within(1e-12));
        assertThat(air.penalty(0.5)).isCloseTo(0.1, within(1e-12));
        assertThat(air.penalty(0.0999999)).isCloseTo(0.1, within(1e-5));
        double before = 0;
        double rise = 0;
        for (double value = 0.19; value > 0; value -= 0.01) {
            final double now = air.penalty(value);
            assertThat(now - before).isGreaterThan(rise - 1e-9);
            rise = now - before;
            before = now;
        }
        assertThat(before).isGreaterThan(0.4);
    }

    /** What is bearable always holds what is wanted, whatever a table says. */
    @Test
    void whatIsWantedIsBearable() {
        final Target air = new Target(Property.AIR, new Band(0.2, 0.4), new Band(0.25, 0.3), 1, List.of());

        assertThat(air.bearable()).isEqualTo(new Band(0.2, 0.4));
    }

    /** A band that is hardly a band does not make every miss endless. */
    @Test
    void aPointIsATwentiethOfItselfWide() {
        assertThat(target(6, 6, 1).scale()).isCloseTo(0.3, within(1e-12));
        assertThat(target(0, 0, 1).penalty(1)).isFinite().isPositive();
    }
}
