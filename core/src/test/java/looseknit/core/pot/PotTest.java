package looseknit.core.pot;

import static looseknit.core.Materials.material;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import looseknit.core.measure.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PotTest {

    @Test
    void aRoundPotIsAFrustum() {
        final Pot pot = round(15, 11.25, 13.8);

        // π H / 3 (R² + R r + r²)
        assertThat(pot.litresToRim())
                .isCloseTo(Math.PI * 13.8 / 3 * (7.5 * 7.5 + 7.5 * 5.625 + 5.625 * 5.625) / 1000, within(1e-9));
        assertThat(pot.mixLitres()).isLessThan(pot.litresToRim()).isGreaterThan(0.88 * pot.litresToRim());
    }

    @Test
    void aSquarePotHoldsMoreThanARoundOneOfTheSameWidth() {
        final Pot square = new Pot(PotShape.SQUARE, 10, 10, 10, PotWall.PLASTIC, PotBase.ON_FEET, 0, Optional.empty());

        assertThat(square.litresToRim()).isCloseTo(1.0, within(1e-9));
        assertThat(round(10, 10, 10).litresToRim()).isCloseTo(Math.PI / 4, within(1e-9));
        assertThat(square.wallM2()).isCloseTo(4 * 10 * 9.2 / 1e4, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.05, 1, 7.5, 120})
    void aPotGivenByVolumeHoldsIt(final double litres) {
        assertThat(Pot.byVolume(PotShape.ROUND, litres, PotWall.CLAY, PotBase.FLAT)
                        .litresToRim())
                .isCloseTo(litres, within(1e-6 * litres));
    }

    @Test
    void layerAndMixFillThePotTogether() {
        final Pot plain = round(20, 15, 18);
        final Pot layered = new Pot(
                PotShape.ROUND,
                20,
                15,
                18,
                PotWall.CLAY,
                PotBase.ON_FEET,
                0,
                Optional.of(new DrainageLayer(material("pebbles"), 4)));

        assertThat(layered.mixLitres() + layered.layerLitres()).isCloseTo(plain.mixLitres(), within(1e-9));
    }

    @Test
    void refusesPotsThatCannotBe() {
        assertThatThrownBy(() -> round(-5, 10, 10))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessage("pot.topCm is -5; allowed: 2 to 200 cm");
        assertThatThrownBy(() -> round(10, 10, Double.POSITIVE_INFINITY)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new Pot(
                        PotShape.ROUND,
                        10,
                        8,
                        10,
                        PotWall.PLASTIC,
                        PotBase.ON_FEET,
                        0,
                        Optional.of(new DrainageLayer(material("grit_3_6"), 9))))
                .hasMessageContaining("70 %");
    }

    private static Pot round(final double top, final double bottom, final double height) {
        return new Pot(PotShape.ROUND, top, bottom, height, PotWall.CLAY, PotBase.ON_FEET, 0, Optional.empty());
    }
}
