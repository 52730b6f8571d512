package looseknit.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import looseknit.core.measure.Band;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VerdictTest {

    @ParameterizedTest
    @CsvSource({
        "1.9, TOO_LOW",
        "2.0, LOW_EDGE",
        "2.2, LOW_EDGE",
        "3.0, FITS",
        "3.8, HIGH_EDGE",
        "4.0, HIGH_EDGE",
        "4.1, TOO_HIGH"
    })
    void liesToTheBand(final double value, final Verdict verdict) {
        assertThat(Verdict.of(value, new Band(2, 4))).isEqualTo(verdict);
        assertThat(verdict.good()).isEqualTo(value >= 2 && value <= 4);
    }

    @Test
    void anOpenBandHasNoEdge() {
        assertThat(Verdict.of(2.0, Band.atLeast(2))).isEqualTo(Verdict.FITS);
        assertThat(Verdict.of(1e9, Band.atLeast(2))).isEqualTo(Verdict.FITS);
        assertThat(Verdict.of(1.9, Band.atLeast(2))).isEqualTo(Verdict.TOO_LOW);
    }
}
