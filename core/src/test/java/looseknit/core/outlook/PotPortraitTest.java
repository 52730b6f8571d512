package looseknit.core.outlook;

import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.dry.TopDressing;
import looseknit.core.material.MaterialBook;
import looseknit.core.message.Message;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.planting.FeedPlace;
import looseknit.core.planting.HoleCover;
import looseknit.core.planting.PotForm;
import looseknit.core.planting.SetUp;
import looseknit.core.planting.SetUpKind;
import looseknit.core.planting.Template;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.core.pot.Stability;
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

        assertThat(stones.levels().get(0).fromCm()).isEqualTo(3);
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

    private static SetUp setUp(final Pot pot, final List<SetUp.Bed> beds, final Optional<SetUp.Pole> pole) {
        return new SetUp(
                PotForm.of(pot),
                false,
                new SetUp.Holes(4, 8),
                HoleCover.MESH,
                beds,
                Optional.empty(),
                pole,
                0,
                TopDressing.NONE,
                0,
                FeedPlace.NONE,
                0);
    }

    private static SetUp.Bed bed(final String recipe, final double deepCm) {
        return new SetUp.Bed(OutlookSentence.THE_MIX.with(), recipe(recipe), deepCm);
    }

    /** Layers of the same mix are the mix: against the integral over the whole height. */
    @ParameterizedTest
    @ValueSource(strings = {"peat 3 perlite_med 1", "orch_med 3 perlite_coarse 1", "loam 2 sand_coarse 1"})
    void layersOfOneMixReadAsOne(final String mix) {
        final Pot pot = Pot.ordinary(18, PotWall.PLASTIC);
        final PottedMix potted = potted(mix, pot);
        final PotPortrait one = PotPortrait.of(potted).orElseThrow();
        final PotPortrait three = PotPortrait.of(
                        potted, setUp(pot, List.of(bed(mix, 3), bed(mix, 5)), Optional.empty()))
                .orElseThrow();

        assertThat(three.levels()).hasSize(3);
        assertThat(three.water()).isCloseTo(one.water(), within(2e-3));
        assertThat(three.air()).isCloseTo(one.air(), within(2e-3));
        assertThat(three.days().value())
                .isCloseTo(one.days().value(), within(0.02 * one.days().value()));
        assertThat(three.kg().watered()).isCloseTo(one.kg().watered(), within(0.01));
    }

    /** Worked by hand: a straight pot 10 cm wide of two loads, its tilt the arc tangent of half its foot over the centre. */
    @Test
    void aPoleTipsThePotByItsLever() {
        final Pot pot = Pot.ordinary(16, PotWall.CLAY);
        final PottedMix potted = potted("peat 3 perlite_med 1", pot);
        final SetUp.Pole stake = new SetUp.Pole(SetUp.PoleKind.STAKE, 2, 100);
        final Stability bare = PotPortrait.of(potted, setUp(pot, List.of(), Optional.empty()))
                .orElseThrow()
                .dryStands()
                .orElseThrow();
        final Stability poled = PotPortrait.of(potted, setUp(pot, List.of(), Optional.of(stake)))
                .orElseThrow()
                .dryStands()
                .orElseThrow();
        final double stakeKg = Math.PI / 4 * 4 * 100 / 1000 * 0.55;
        final double missing = bare.kg() + stakeKg - poled.kg();
        final double centre = poled.loads().stream()
                        .mapToDouble(load -> load.kg() * load.heightCm())
                        .sum()
                / poled.kg();

        assertThat(missing).isBetween(0.0, 0.1);
        assertThat(poled.loads()).anySatisfy(load -> {
            assertThat(load.heightCm()).isEqualTo(50);
            assertThat(load.kg()).isCloseTo(stakeKg, within(1e-9));
        });
        assertThat(poled.tipsAtDeg()).isCloseTo(Math.toDegrees(Math.atan(6 / centre)), within(1e-9));
        assertThat(poled.tipsAtDeg()).isLessThan(bare.tipsAtDeg());
    }

    @Test
    void stonesAreSaidToLiftTheWetFoot() {
        final Pot bare = Pot.ordinary(16, PotWall.PLASTIC);
        final Pot layered = bare.over(Optional.of(new DrainageLayer(material("pebbles"), 3)));

        assertThat(of("peat 3 perlite_med 1", layered).effects())
                .extracting(Message::code)
                .contains(OutlookSentence.LAYER_LIFTS, OutlookSentence.LESS_AIR);
        assertThat(of("peat 3 perlite_med 1", bare).effects())
                .extracting(Message::code)
                .doesNotContain(OutlookSentence.LAYER_LIFTS);
    }

    @Test
    void aClosedGlassIsWateredByMeasure() {
        final Template glass = Template.of(
                SetUpKind.CLOSED_GLASS, PotForm.GLASS.byWidth(18), Optional.empty(), MaterialBook.shipped());
        final PotPortrait portrait = PotPortrait.of(potted("peat 3 perlite_med 1", glass.pot()), glass.setUp())
                .orElseThrow();

        assertThat(portrait.syringe().orElseThrow().doseLitres()).isBetween(0.02, 0.8);
        assertThat(portrait.effects())
                .extracting(Message::code)
                .contains(OutlookSentence.STONES_TAKE_SURPLUS, OutlookSentence.SEAM_STOPS);
        assertThat(of("peat 3 perlite_med 1", Pot.ordinary(16, PotWall.PLASTIC)).syringe())
                .isEmpty();
    }

    @Test
    void dressingKeepsItMoistLonger() {
        final Pot pot = Pot.ordinary(20, PotWall.PLASTIC).filledTo(0.85);
        final PottedMix potted = potted("peat 3 perlite_med 1", pot);
        final SetUp dressed = new SetUp(
                PotForm.POT,
                false,
                new SetUp.Holes(4, 8),
                HoleCover.MESH,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                0,
                TopDressing.BARK,
                2.5,
                FeedPlace.NONE,
                0);

        assertThat(PotPortrait.of(potted, dressed).orElseThrow().days().value())
                .isGreaterThan(PotPortrait.of(potted).orElseThrow().days().value());
    }

    @Test
    void costsWhatGoesIn() {
        final Pot pot = Pot.ordinary(20, PotWall.PLASTIC);
        final PottedMix potted = potted("peat 1", pot);

        assertThat(PotPortrait.cost(potted, SetUp.plain(pot), material -> OptionalDouble.of(0.5))
                        .orElseThrow())
                .isCloseTo(0.5 * pot.mixLitres() * potted.mix().litresPerLitre(0), within(1e-9));
        assertThat(PotPortrait.cost(potted, SetUp.plain(pot), material -> OptionalDouble.empty()))
                .isEmpty();
    }

    @Test
    void withoutAPotThereIsNoPortrait() {
        assertThat(PotPortrait.of(new PottedMix(recipe("peat 1"), Brief.OPEN, Knowledge.NOTHING)))
                .isEmpty();
    }
}
