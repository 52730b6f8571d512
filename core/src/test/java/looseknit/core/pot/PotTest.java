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

    /** Worked by hand: clay of 20 over 15 cm, 18 cm high; wall π (R + r) s with s² = H² + (R − r)², 1.52 g/cm² of it and of the base. */
    @Test
    void wallBaseAndWeightOfAFrustum() {
        final Pot pot = round(20, 15, 18);
        final double slant = Math.sqrt(18 * 18 + 2.5 * 2.5);
        final double wall = Math.PI * (10 + 7.5) * slant;

        assertThat(pot.with(PotWall.CLAY).emptyKg())
                .isCloseTo((wall + Math.PI * 7.5 * 7.5) * 0.8 * 1.9 / 1000, within(1e-9))
                .isCloseTo(1.787, within(0.001));
        assertThat(pot.with(PotWall.PLASTIC).emptyKg()).isCloseTo(0.168, within(0.001));
        assertThat(pot.baseM2()).isCloseTo(0.01767, within(1e-5));
        // the mix ends at 16.56 cm, where the pot is 19.6 cm wide
        assertThat(pot.wallM2()).isCloseTo(0.09087, within(1e-4));
        assertThat(pot.surfaceM2()).isCloseTo(0.03017, within(1e-5));
    }

    @Test
    void aLayerWeighsWhatItsStonesWeigh() {
        final Pot pot = new Pot(
                PotShape.SQUARE,
                10,
                10,
                20,
                PotWall.PLASTIC,
                PotBase.ON_FEET,
                0,
                Optional.of(new DrainageLayer(material("pebbles"), 5)));

        assertThat(pot.layerLitres()).isCloseTo(0.5, within(1e-12));
        assertThat(pot.layerKg())
                .isCloseTo(0.5 * material("pebbles").physics().bulkDensityGPerL() / 1000, within(1e-12));
        assertThat(round(10, 8, 9).layerKg()).isZero();
    }

    @Test
    void twiceAsWideIsEightTimesAsMuch() {
        final Pot layered = new Pot(
                PotShape.ROUND,
                12,
                9,
                11,
                PotWall.CLAY,
                PotBase.NO_HOLES,
                3,
                Optional.of(new DrainageLayer(material("pebbles"), 2)));
        final Pot scaled = layered.scaledTo(24);

        assertThat(scaled.litresToRim()).isCloseTo(8 * layered.litresToRim(), within(1e-9));
        assertThat(scaled.mixLitres()).isCloseTo(8 * layered.mixLitres(), within(1e-9));
        assertThat(scaled.layerCm()).isEqualTo(4);
        assertThat(scaled.baseCm()).isEqualTo(6);
        assertThat(scaled.wall()).isEqualTo(PotWall.CLAY);
    }

    @Test
    void aWickIsNeverLongerThanItDraws() {
        final Pot wicked = new Pot(PotShape.ROUND, 12, 9, 11, PotWall.PLASTIC, PotBase.WICK, 9, Optional.empty());

        assertThat(wicked.scaledTo(18).baseCm()).isCloseTo(13.5, within(1e-12));
        assertThat(wicked.scaledTo(36).baseCm()).isEqualTo(15);
        assertThatThrownBy(
                        () -> new Pot(PotShape.ROUND, 12, 9, 11, PotWall.PLASTIC, PotBase.WICK, 15.1, Optional.empty()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("pot.baseCm");
    }

    @Test
    void waterStandsNoHigherThanTheRim() {
        assertThatThrownBy(() ->
                        new Pot(PotShape.ROUND, 12, 9, 11, PotWall.PLASTIC, PotBase.NO_HOLES, 11.1, Optional.empty()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("pot.baseCm");
    }
}
