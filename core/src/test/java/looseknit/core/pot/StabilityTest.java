package looseknit.core.pot;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import looseknit.core.blend.Mix;
import looseknit.core.dry.TopDressing;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.pot.Stability.Cargo;
import looseknit.core.pot.Stability.Load;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StabilityTest {

    private static final Pot POT = Pot.ordinary(15, PotWall.PLASTIC);

    /** Worked by hand: 1.40 kg of mix, or 1.98 kg of a gritty one, and 0.6 kg of plant at 45 cm on a foot of 5.6 cm. */
    @ParameterizedTest
    @CsvSource({"1.40, 17.0", "1.98, 19.5"})
    void tipsAsWorkedByHand(final double mixKg, final double degrees) {
        final double centre = Stability.centreCm(11.25, 15, 13.43);
        final Stability stability = new Stability(
                List.of(
                        new Load(PotSentence.LOAD_MIX.with(), mixKg, centre),
                        new Load(PotSentence.LOAD_PLANT.with(), 0.6, 45)),
                5.625);

        assertThat(stability.tipsAtDeg()).isCloseTo(degrees, within(0.3));
    }

    /** Limits of common practice: 10 and 15 degrees. */
    @ParameterizedTest
    @CsvSource({"10, STANDS", "20, UNSTEADY", "30, FALLS_IN_WIND"})
    void firmnessFollowsTheTilt(final double centreCm, final Stability.Firmness firmness) {
        assertThat(new Stability(List.of(new Load(PotSentence.LOAD_MIX.with(), 1, centreCm)), 5).firmness())
                .isEqualTo(firmness);
    }

    /** Closed forms: a cylinder has its centre at half, a cone on its tip at three quarters of the height. */
    @Test
    void centreOfAFrustum() {
        assertThat(Stability.centreCm(10, 10, 8)).isCloseTo(4, within(1e-12));
        assertThat(Stability.centreCm(1e-9, 10, 8)).isCloseTo(6, within(1e-6));
    }

    @Test
    void aDryPotOfLightMixTipsSoonerThanAWetOne() {
        final Mix mix = Mix.of(recipe("peat 3 perlite_med 1"));
        final Cargo plant = new Cargo(0.5, 25, TopDressing.STONE.kg(POT.surfaceM2()));
        final double wet = mix.bulkDensityGPerL() / 1000 + Column.in(POT, mix).containerCapacity(mix);
        final double dry = mix.bulkDensityGPerL() / 1000 + mix.waterAt(100);

        assertThat(Stability.of(POT, dry, plant).tipsAtDeg())
                .isLessThan(Stability.of(POT, wet, plant).tipsAtDeg());
        assertThat(Stability.of(POT, wet, plant).kg())
                .isCloseTo(
                        wet * POT.mixLitres() + POT.emptyKg() + 0.5 + TopDressing.STONE.kg(POT.surfaceM2()),
                        within(1e-9));
    }

    @Test
    void absurdLoadsAreNamed() {
        assertThatThrownBy(() -> new Cargo(-1, 0, 0))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("plant.kg");
    }
}
