package looseknit.core.need;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Band;
import looseknit.core.name.NameIndex;
import looseknit.core.need.Habit.Amount;
import looseknit.core.need.Habit.Hand;
import looseknit.core.need.Habit.Water;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TargetsTest {

    private static final Plant ANTHURIUM =
            PlantBook.shipped().plant("velvet_anthurium").orElseThrow();
    private static final Place ROOM = new Place("sitting room", 21, 50, Light.MEDIUM, Draught.FAN);
    private static final Place CELLAR = new Place("cistern cellar", 15, 80, Light.DIM, Draught.STILL);

    @Test
    void withoutAPlantNothingIsWanted() {
        assertThat(Targets.of(Brief.OPEN)).isEmpty();
    }

    @Test
    void thePlantSetsTheBands() {
        final Brief brief = new Brief(
                Optional.of(ANTHURIUM), Stage.ESTABLISHED, Optional.empty(), Optional.empty(), Optional.empty());

        assertThat(target(brief, Property.AIR).band()).isEqualTo(new Band(0.28, 0.45));
        assertThat(target(brief, Property.PH).band())
                .isEqualTo(ANTHURIUM.group().needs().ph());
        assertThat(target(brief, Property.LIFE).band().high()).isInfinite();
    }

    @Test
    void everyShiftOfAirHasItsReasonAndMovesWaterTheOtherWay() {
        final Brief plain = brief(Stage.ESTABLISHED, PotWall.CLAY, PotBase.ON_FEET, ROOM, Hand.STEADY);
        final Brief shifted = brief(Stage.RECOVERING, PotWall.PLASTIC, PotBase.FLAT, CELLAR, Hand.OFTEN_TOO_SOON);

        final Target before = target(plain, Property.AIR);
        final Target after = target(shifted, Property.AIR);
        assertThat(said(before.because())).hasSize(2).anyMatch(each -> each.contains("clay"));
        assertThat(said(after.because()))
                .hasSize(6)
                .anyMatch(each -> each.contains("recover from rot"))
                .anyMatch(each -> each.contains("plastic wall"))
                .anyMatch(each -> each.contains("Standing flat"))
                .anyMatch(each -> each.contains("Cistern cellar dries a pot slowly"))
                .anyMatch(each -> each.contains("too soon"));
        final double moved = after.band().low() - before.band().low();
        assertThat(moved).isCloseTo(0.23, within(1e-9));
        assertThat(target(shifted, Property.WATER).band().low())
                .isCloseTo(target(plain, Property.WATER).band().low() - moved, within(1e-9));
    }

    @Test
    void aPlantThatMustNotDryHasToLastAndOneThatMustHasToDry() {
        final Habit weekly = new Habit(7, Amount.THOROUGHLY, Hand.STEADY, Water.RAIN);

        assertThat(days("maidenhair", weekly).low()).isEqualTo(7);
        assertThat(days("barrel_cactus", weekly).high()).isEqualTo(7);
        assertThat(days("velvet_anthurium", weekly).contains(7)).isTrue();
    }

    @ParameterizedTest
    @MethodSource("plants")
    void everyPlantHasTargetsThatCanBeMet(final Plant plant) {
        final Needs needs = plant.needs();

        assertThat(plant.source()).isNotBlank();
        assertThat(needs.air().low() + needs.water().low())
                .as("air and water together")
                .isLessThan(0.9);
        assertThat(needs.air().high() + needs.water().high()).isGreaterThan(0.6);
    }

    @Test
    void everyGroupHasAPlant() {
        assertThat(PlantBook.shipped().plants().stream().map(Plant::group).distinct())
                .containsExactlyInAnyOrderElementsOf(PlantBook.shipped().groups());
        assertThat(PlantBook.shipped().groups()).hasSizeGreaterThanOrEqualTo(14);
    }

    @Test
    void namesAreFoundInSpiteOfTypingErrors() {
        assertThat(PlantBook.shipped().named("velvet antorium", 3).hits())
                .extracting(NameIndex.Hit::thing)
                .contains(ANTHURIUM);
        assertThat(PlantBook.shipped().named("Monstra", 1).hits())
                .extracting(hit -> hit.thing().id())
                .containsExactly("cheese_plant");
    }

    @Test
    void triggersRiseInOrder() {
        assertThat(Stream.of(AllowableDepletion.values()).map(AllowableDepletion::depletion))
                .isSorted();
    }

    @Test
    void refusesAnImpossibleHabit() {
        assertThatThrownBy(() -> new Habit(0, Amount.LIGHTLY, Hand.STEADY, Water.RAIN))
                .hasMessage("habit.everyDays is 0; allowed: 0.5 to 120 days");
    }

    /** No range of any pot is empty or a point, and each lies within its bearable one; where standing and lifting clash, it is said. */
    @ParameterizedTest
    @MethodSource("plants")
    void everyRangeOfEveryPotHasRoom(final Plant plant) {
        for (double width = 8; width <= 60; width += 4) {
            for (final PotBase base : PotBase.values()) {
                final Pot plain = Pot.ordinary(width, PotWall.PLASTIC);
                final double baseCm = base == PotBase.NO_HOLES ? 2 : 0;
                final Brief brief = new Brief(
                        Optional.of(plant),
                        Stage.ESTABLISHED,
                        Optional.of(new Pot(
                                plain.shape(),
                                width,
                                plain.bottomCm(),
                                plain.heightCm(),
                                PotWall.PLASTIC,
                                base,
                                baseCm,
                                Optional.empty())),
                        Optional.empty(),
                        Optional.of(new Habit(5, Amount.THOROUGHLY, Hand.STEADY, Water.RAIN)));
                for (final Target target : Targets.of(brief)) {
                    final Band band = target.band();
                    assertThat(band.width())
                            .as("%s, %.0f cm: %s", plant.id(), width, target.property())
                            .isGreaterThan(0.1 * Math.min(Math.abs(band.high()), Math.abs(band.low())));
                    assertThat(target.bearable().low()).isLessThanOrEqualTo(band.low());
                    assertThat(target.bearable().high()).isGreaterThanOrEqualTo(band.high());
                }
            }
        }
    }

    @Test
    void aTubThatStandsOnlyWhereNobodyLiftsItIsToldSo() {
        final Plant tall = PlantBook.shipped().plant("column_cactus").orElseThrow();
        final Brief brief = new Brief(
                Optional.of(tall),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(40, PotWall.PLASTIC)),
                Optional.empty(),
                Optional.empty());

        assertThat(Targets.tooHeavyToStand(brief)).isPresent();
        assertThat(target(brief, Property.WEIGHT).band().high()).isInfinite();
        assertThat(Targets.tooHeavyToStand(brief.with(Pot.ordinary(12, PotWall.CLAY))))
                .isEmpty();
    }

    static Stream<Plant> plants() {
        return PlantBook.shipped().plants().stream();
    }

    private static Band days(final String plant, final Habit habit) {
        return target(
                        new Brief(
                                PlantBook.shipped().plant(plant),
                                Stage.ESTABLISHED,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(habit)),
                        Property.DRY_DAYS)
                .band();
    }

    private static Brief brief(
            final Stage stage, final PotWall wall, final PotBase base, final Place place, final Hand hand) {
        final Pot pot = new Pot(PotShape.ROUND, 14, 10.5, 13, wall, base, 0, Optional.empty());
        return new Brief(
                Optional.of(ANTHURIUM),
                stage,
                Optional.of(pot),
                Optional.of(place),
                Optional.of(new Habit(5, Amount.THOROUGHLY, hand, Water.RAIN)));
    }

    private static Target target(final Brief brief, final Property quality) {
        return Targets.of(brief).stream()
                .filter(each -> each.property() == quality)
                .findFirst()
                .orElseThrow();
    }
}
