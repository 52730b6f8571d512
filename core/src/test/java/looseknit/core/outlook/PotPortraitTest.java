package looseknit.core.outlook;

import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class PotPortraitTest {

    private static PottedMix potted(final String recipe, final Pot pot) {
        return new PottedMix(
                recipe(recipe),
                new Brief(
                        PlantBook.shipped().plant("peace_lily"),
                        Stage.ESTABLISHED,
                        Optional.of(pot),
                        Optional.of(new Place("north window", 21, 50, Light.MEDIUM, Draught.STILL)),
                        Optional.of(new Habit(6, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN))),
                Knowledge.NOTHING);
    }

    private static PotPortrait of(final String recipe, final Pot pot) {
        return PotPortrait.of(potted(recipe, pot)).orElseThrow();
    }

    /** The slices, each weighed by its volume, come to the water that the whole pot is said to hold. */
    @ParameterizedTest
    @ValueSource(
            strings = {"peat 3 perlite_med 1", "orch_med 3 perlite_coarse 1 sphagnum_lf 1", "loam 2 sand_coarse 1"})
    void theSlicesHoldWhatThePotHolds(final String recipe) {
        final Pot pot = Pot.ordinary(16, PotWall.PLASTIC);
        final PottedMix potted = potted(recipe, pot);
        final PotPortrait portrait = PotPortrait.of(potted).orElseThrow();
        final double held = portrait.slices().stream()
                .mapToDouble(slice -> slice.water() * pot.litresBetween(slice.fromCm(), slice.toCm()))
                .sum();

        assertThat(held / pot.mixLitres()).isCloseTo(potted.water(), within(0.012));
        assertThat(portrait.slices()).isSortedAccordingTo((low, high) -> Double.compare(high.water(), low.water()));
        assertThat(portrait.slices())
                .allSatisfy(slice -> assertThat(slice.water() + slice.air())
                        .isCloseTo(potted.mix().totalPorosity(), within(1e-9)));
    }

    @Test
    void aLayerOfStonesLiftsEverything() {
        final Pot bare = Pot.ordinary(16, PotWall.CLAY);
        final Pot layered = new Pot(
                bare.shape(),
                bare.topCm(),
                bare.bottomCm(),
                bare.heightCm(),
                bare.wall(),
                bare.base(),
                0,
                Optional.of(new DrainageLayer(material("pebbles"), 3)));
        final PotPortrait stones = of("peat 3 perlite_med 1", layered);

        assertThat(stones.layerCm()).isEqualTo(3);
        assertThat(stones.slices().get(0).fromCm()).isEqualTo(3);
        assertThat(stones.fillCm()).isCloseTo(of("peat 3 perlite_med 1", bare).fillCm(), within(1e-9));
        assertThat(stones.wetFootCm()).isPositive();
    }

    @ParameterizedTest
    @EnumSource(PotWall.class)
    void itsOwnWallComesFirstAndClayDriesFirst(final PotWall wall) {
        final PotPortrait portrait = of("peat 3 perlite_med 1", Pot.ordinary(14, wall));

        assertThat(portrait.curves().get(0).wall()).isEqualTo(wall);
        assertThat(portrait.curves())
                .hasSize(2)
                .extracting(PotPortrait.Curve::own)
                .containsExactly(true, false);
        assertThat(after(portrait, true)).isLessThan(after(portrait, false));
        assertThat(portrait.curves()).allSatisfy(curve -> {
            assertThat(curve.left().get(0)).isEqualTo(1);
            assertThat(curve.left()).isSortedAccordingTo((early, late) -> Double.compare(late, early));
        });
    }

    private static double after(final PotPortrait portrait, final boolean breathes) {
        return portrait.curves().stream()
                .filter(curve -> curve.wall().breathes() == breathes)
                .findFirst()
                .orElseThrow()
                .left()
                .get(3);
    }

    /** The curve of its own wall crosses what the plant wants on the day that is said. */
    @Test
    void theCurveMeetsTheDay() {
        final PotPortrait portrait = of("peat 3 perlite_med 1", Pot.ordinary(14, PotWall.PLASTIC));
        final int before = (int) Math.floor(portrait.days().value());

        assertThat(portrait.curves().get(0).left().get(before)).isGreaterThanOrEqualTo(1 - portrait.wants() - 1e-9);
        assertThat(portrait.curves().get(0).left().get(before + 1)).isLessThan(1 - portrait.wants());
    }

    /** The range holds the curve and crosses what the plant wants about on the days that are said. */
    @Test
    void theRangeHoldsTheCurve() {
        final PotPortrait portrait = of("peat 3 perlite_med 1", Pot.ordinary(14, PotWall.PLASTIC));
        final PotPortrait.Curve own = portrait.curves().get(0);

        for (int day = 1; day < own.left().size(); day++) {
            assertThat(own.early().get(day)).isLessThan(own.left().get(day));
            assertThat(own.late().get(day)).isGreaterThan(own.left().get(day));
        }
        final int soon = (int) Math.ceil(portrait.days().low80()) + 1;
        assertThat(own.early().get(soon)).isLessThan(1 - portrait.wants());
    }

    /** What goes between watered and dry is water: a litre is a kilogram. */
    @Test
    void theWeightsDifferByTheirWater() {
        final PottedMix potted = potted("peat 3 perlite_med 1", Pot.ordinary(14, PotWall.PLASTIC));
        final PotPortrait.Weights kg = PotPortrait.of(potted).orElseThrow().kg();
        final double usable = potted.reservoir().orElseThrow().fromTopL();

        assertThat(kg.watered() - kg.dry()).isCloseTo(usable, within(1e-9));
        assertThat(kg.watered() - kg.wants())
                .isCloseTo(usable * PotPortrait.of(potted).orElseThrow().wants(), within(1e-9));
    }

    @Test
    void soakedAtTheFootOfAClosedPot() {
        final Pot closed = new Pot(PotShape.ROUND, 16, 14, 15, PotWall.GLAZED, PotBase.NO_HOLES, 4, Optional.empty());
        final PotPortrait portrait = of("peat 3 perlite_med 1", closed);

        assertThat(portrait.slices().get(0).air()).isLessThan(0.05);
        assertThat(portrait.wetFootCm()).isGreaterThan(4);
    }

    @Test
    void peatSinksWithinAYearAndStonesDoNot() {
        final PotPortrait peat = of("peat 3 leaf_mould 1", Pot.ordinary(14, PotWall.PLASTIC));
        final PotPortrait pumice = of("pumice_med 3 grit_3_6 1", Pot.ordinary(14, PotWall.PLASTIC));

        assertThat(peat.settledCm()).isLessThan(peat.fillCm() - 0.2);
        assertThat(pumice.settledCm()).isCloseTo(pumice.fillCm(), within(0.05));
    }

    @Test
    void withoutAPotThereIsNoPortrait() {
        assertThat(PotPortrait.of(new PottedMix(recipe("peat 1"), Brief.OPEN, Knowledge.NOTHING)))
                .isEmpty();
    }
}
