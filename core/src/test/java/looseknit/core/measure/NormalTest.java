package looseknit.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NormalTest {

    /** Abramowitz and Stegun, Handbook of Mathematical Functions (1964), table 26.1: ten places, quoted from memory. */
    @ParameterizedTest
    @CsvSource({
        "0, 0.5",
        "0.5, 0.6914624613",
        "1, 0.8413447461",
        "1.5, 0.9331927987",
        "2, 0.9772498681",
        "3, 0.9986501020"
    })
    void agreesWithTheTable(final double z, final double share) {
        assertThat(Normal.below(z)).isCloseTo(share, within(5e-11));
        assertThat(Normal.below(-z)).isCloseTo(1 - share, within(5e-11));
    }

    @Test
    void agreesWithAnotherLibrary() {
        final NormalDistribution library = new NormalDistribution();
        for (double z = -8; z <= 8; z += 0.01) {
            assertThat(Normal.below(z)).isCloseTo(library.cumulativeProbability(z), within(1e-14));
        }
        assertThat(Normal.below(Double.NEGATIVE_INFINITY)).isZero();
        assertThat(Normal.below(Double.POSITIVE_INFINITY)).isEqualTo(1);
    }
}
