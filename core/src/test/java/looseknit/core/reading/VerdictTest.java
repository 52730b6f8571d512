package looseknit.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import looseknit.core.measure.Band;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VerdictTest {

    private static Target target(final Band wanted, final Band bearable) {
        return new Target(Property.AIR, wanted, bearable, 1, List.of());
    }

    @ParameterizedTest
    @CsvSource({
        "0.9, TOO_LOW",
        "1.0, A_LITTLE_LOW",
        "1.9, A_LITTLE_LOW",
        "2.0, FITS",
        "4.0, FITS",
        "4.1, A_LITTLE_HIGH",
        "5.5, A_LITTLE_HIGH",
        "5.6, TOO_HIGH"
    })
    void liesToWhatIsWantedAndWhatIsBearable(final double value, final Verdict verdict) {
        assertThat(Verdict.of(value, target(new Band(2, 4), new Band(1, 5.5)))).isEqualTo(verdict);
        assertThat(verdict.good()).isEqualTo(value >= 1 && value <= 5.5);
    }

    @Test
    void anOpenBandHasOneEnd() {
        final Target target = target(Band.atLeast(2), Band.atLeast(1));
        assertThat(Verdict.of(2.0, target)).isEqualTo(Verdict.FITS);
        assertThat(Verdict.of(1e9, target)).isEqualTo(Verdict.FITS);
        assertThat(Verdict.of(1.9, target)).isEqualTo(Verdict.A_LITTLE_LOW);
        assertThat(Verdict.of(0.9, target)).isEqualTo(Verdict.TOO_LOW);
    }
}
