package looseknit.core.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import looseknit.core.measure.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** PottedMix printed in FAO Irrigation and Drainage Paper 56 (1998), from memory. */
class WeatherTest {

    /** FAO 56, table 2.3. */
    @ParameterizedTest
    @CsvSource({"10, 1.228", "15, 1.705", "20, 2.338", "25, 3.168", "30, 4.243"})
    void saturationPressureIsThatOfTheTable(final double celsius, final double kPa) {
        assertThat(Weather.saturationKPa(celsius)).isCloseTo(kPa, within(0.0006));
    }

    /** FAO 56, table 2.4. */
    @ParameterizedTest
    @CsvSource({"20, 0.1447", "25, 0.1887", "30, 0.2434"})
    void slopeIsThatOfTheTable(final double celsius, final double kPaPerC) {
        assertThat(Weather.slopeKPaPerC(celsius)).isCloseTo(kPaPerC, within(0.0001));
    }

    /** FAO 56, example 2: 1800 m above the sea. */
    @Test
    void pressureAndPsychrometricConstantAtAltitude() {
        assertThat(Weather.pressureKPa(1800)).isCloseTo(81.8, within(0.05));
        assertThat(Weather.psychrometric(Weather.pressureKPa(1800))).isCloseTo(0.0544, within(0.0001));
        assertThat(Weather.psychrometric(101.3)).isCloseTo(Weather.PSYCHROMETRIC, within(0.0001));
    }

    /** FAO 56, example 3: mean of the pressures at 24.5 and 15 °C. */
    @Test
    void meanSaturationPressureOfADay() {
        assertThat(0.5 * (Weather.saturationKPa(24.5) + Weather.saturationKPa(15)))
                .isCloseTo(2.39, within(0.005));
    }

    /** Arithmetic: 10 mol/m² at 45 % useful light and 4.57 µmol/J. */
    @Test
    void lightIntegralBecomesRadiation() {
        assertThat(new Weather(20, 50, 10, 0.1).solarMJPerM2()).isCloseTo(4.86, within(0.02));
    }

    /** FAO 56, equation 6, worked by hand for 25 °C, 50 %, 15 mol and 1 m/s: (0.408 × 0.1887 × 4.376 + 0.0674 × 900/298 × 1.584) / (0.1887 + 0.0674 × 1.34). */
    @Test
    void referenceCropFollowsEquationSix() {
        assertThat(new Weather(25, 50, 15, 1).referenceCropMmPerDay()).isCloseTo(2.364, within(0.01));
        assertThat(new Weather(25, 50, 15, 0).referenceCropMmPerDay())
                .as("air never stands quite still")
                .isEqualTo(new Weather(25, 50, 15, 0.25).referenceCropMmPerDay());
    }

    @Test
    void theSunWarmsAPot() {
        assertThat(new Weather(22, 50, 9, 1).sunWarmsC()).isZero();
        assertThat(new Weather(22, 50, 22, 1).sunWarmsC()).isCloseTo(2.5, within(1e-12));
        assertThat(new Weather(22, 50, 60, 1).sunWarmsC()).isEqualTo(6);
    }

    @Test
    void refusesAirThatCannotBe() {
        assertThatThrownBy(() -> new Weather(20, 120, 5, 0))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("place.humidityPercent")
                .hasMessageContaining("120")
                .hasMessageContaining("5 to 100 %");
        assertThatThrownBy(() -> new Weather(Double.NaN, 50, 5, 0)).isInstanceOf(OutOfRangeException.class);
    }
}
