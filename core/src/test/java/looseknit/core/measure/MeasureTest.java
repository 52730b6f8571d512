package looseknit.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MeasureTest {

    /** NIST Special Publication 811 (2008), appendix B.8, from memory. */
    @ParameterizedTest
    @CsvSource({
        "US_GALLON, 3.785412", "US_QUART, 0.9463529", "US_CUP, 0.2365882", "US_TABLESPOON, 0.01478676",
        "US_TEASPOON, 0.004928922", "US_BUSHEL, 35.23907", "CUBIC_FOOT, 28.31685", "CUBIC_YARD, 764.5549",
        "CUBIC_INCH, 0.01638706", "IMPERIAL_GALLON, 4.54609", "IMPERIAL_PINT, 0.5682612"
    })
    void volumesAsPrinted(final VolumeUnit unit, final double litres) {
        assertThat(unit.litres()).isCloseTo(litres, within(1e-6 * litres));
    }

    @ParameterizedTest
    @EnumSource(VolumeUnit.class)
    void thereAndBackAgain(final VolumeUnit unit) {
        assertThat(unit.fromLitres(unit.toLitres(7.3))).isCloseTo(7.3, within(1e-12));
        assertThat(unit.symbol()).isNotBlank();
    }

    /** NIST Special Publication 811 (2008), appendix B.8, from memory. */
    @Test
    void lengthsAndMassesAsPrinted() {
        assertThat(LengthUnit.INCH.centimetres()).isEqualTo(2.54);
        assertThat(MassUnit.POUND.grams()).isCloseTo(453.5924, within(1e-4));
        assertThat(MassUnit.OUNCE.grams() * 16).isCloseTo(MassUnit.POUND.grams(), within(1e-9));
        assertThat(MassUnit.POUND.grams() / VolumeUnit.CUBIC_YARD.litres()).isCloseTo(0.5933, within(5e-5));
    }

    @Test
    void anEstimateHasAnEightyPercentInterval() {
        final Estimate estimate = new Estimate(30, 10);

        assertThat(estimate.low80()).isCloseTo(17.18, within(0.01));
        assertThat(estimate.high80()).isCloseTo(42.82, within(0.01));
        assertThat(estimate.times(-2)).isEqualTo(new Estimate(-60, 20));
        assertThatThrownBy(() -> new Estimate(Double.NaN, 1)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new Estimate(1, -1)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void aBandKnowsHowFarAValueMisses() {
        final Band band = new Band(2, 4);

        assertThat(band.miss(1)).isEqualTo(-1);
        assertThat(band.miss(3)).isZero();
        assertThat(band.miss(7)).isEqualTo(3);
        assertThat(Band.atLeast(2).miss(1e9)).isZero();
        assertThat(Band.atMost(2).contains(-5)).isTrue();
        assertThat(band.shifted(3).clampedTo(0, 6)).isEqualTo(new Band(5, 6));
        assertThatThrownBy(() -> new Band(4, 2)).hasMessageContaining("low end");
    }

    @Test
    void refusalsNameFieldValueAndRange() {
        assertThatThrownBy(() -> Require.within("pot.topCm", -3.5, 2, 200, Limit.CM))
                .hasMessage("pot.topCm is -3.5; allowed: 2 to 200 cm");
        assertThatThrownBy(() -> Require.within("x", Double.NaN, 0, 1, Limit.L))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> Require.text("name", "x".repeat(2000), 120))
                .hasMessage("name is 2000 characters long; allowed: 1 to 120 characters");
        assertThat(Require.text("name", "  Cellar mix ", 120)).isEqualTo("Cellar mix");
    }
}
