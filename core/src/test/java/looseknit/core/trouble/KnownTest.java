package looseknit.core.trouble;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import looseknit.core.measure.Estimate;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.outlook.PotPortrait;
import looseknit.core.planting.SetUp;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KnownTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final LocalDate POTTED = LocalDate.of(2025, 10, 1);
    private static final Pot POT = Pot.ordinary(14, PotWall.PLASTIC);
    private static final Place STAIR = new Place("stair", 20, 50, Light.MEDIUM, Draught.STILL);

    private static PottedMix potted(final String plant, final String mix, final Place place) {
        return new PottedMix(
                recipe(mix),
                new Brief(
                        PlantBook.shipped().plant(plant),
                        Stage.ESTABLISHED,
                        Optional.of(POT),
                        Optional.of(place),
                        Optional.empty()),
                Knowledge.NOTHING);
    }

    private static Known.History history(final LocalDate potted, final int wateredDaysAgo, final LocalDate... fed) {
        return new Known.History(
                potted,
                Optional.empty(),
                TODAY.minusDays(wateredDaysAgo),
                new Estimate(7, 1.5),
                List.of(7L, 6L, 8L),
                List.of(fed));
    }

    private static List<Sign> signs(final PottedMix potted, final Known.History history) {
        return Known.of(potted, SetUp.plain(POT), history, TODAY).stream()
                .map(Known::sign)
                .toList();
    }

    private static final String MIX = "peat 3 perlite_med 1 bark_fine 1";

    @ParameterizedTest
    @CsvSource({"1, RECKONED_WET", "6, RECKONED_BETWEEN", "12, RECKONED_OVERDUE"})
    void reckonsWater(final int daysAgo, final Sign sign) {
        assertThat(signs(potted("pothos", MIX, STAIR), history(POTTED, daysAgo)))
                .contains(sign);
    }

    @ParameterizedTest
    @CsvSource({"3, WATERED_EARLY", "7, WATERED_WELL", "11, WATERED_LATE"})
    void seesTheHand(final long days, final Sign sign) {
        final Known.History history = new Known.History(
                POTTED, Optional.empty(), TODAY, new Estimate(7, 1), List.of(days, days, days), List.of());

        assertThat(signs(potted("pothos", MIX, STAIR), history)).contains(sign);
    }

    @Test
    void saysNothingOfAHandThatItHardlyKnows() {
        final Known.History history =
                new Known.History(POTTED, Optional.empty(), TODAY, new Estimate(7, 1), List.of(1L, 1L), List.of());

        assertThat(signs(potted("pothos", MIX, STAIR), history))
                .extracting(Sign::finding)
                .doesNotContain(Finding.KNOWN_HAND);
    }

    @Test
    void keepsALedgerOfFood() {
        final PottedMix pothos = potted("pothos", MIX, STAIR);

        assertThat(signs(pothos, history(POTTED, 3))).contains(Sign.UNFED);
        assertThat(signs(pothos, history(POTTED, 3, TODAY.minusMonths(2)))).contains(Sign.FED);
        assertThat(signs(pothos, history(POTTED, 3, TODAY, TODAY.minusDays(14), TODAY.minusDays(28))))
                .contains(Sign.FED_MUCH);
        assertThat(signs(potted("cape_sundew", "peat 3 perlite_med 1", STAIR), history(POTTED, 3)))
                .extracting(Sign::finding)
                .doesNotContain(Finding.KNOWN_FOOD);
    }

    @Test
    void knowsWhatChangedLast() {
        final PottedMix pothos = potted("pothos", MIX, STAIR);
        final Known.History moved = new Known.History(
                POTTED, Optional.of(TODAY.minusDays(5)), TODAY, new Estimate(7, 1), List.of(), List.of());

        assertThat(signs(pothos, history(TODAY.minusDays(9), 3))).contains(Sign.JUST_POTTED, Sign.YOUNG_MIX);
        assertThat(signs(pothos, moved)).contains(Sign.JUST_MOVED);
        assertThat(signs(pothos, history(POTTED, 3))).contains(Sign.UNCHANGED);
    }

    @Test
    void comparesThePlaceWithThePlant() {
        final Place lantern = new Place("lantern room", 38, 30, Light.SUN, Draught.FAN);
        final Place cellar = new Place("cellar", 6, 80, Light.DIM, Draught.STILL);

        assertThat(signs(potted("pothos", MIX, lantern), history(POTTED, 3)))
                .contains(Sign.LIGHT_STRONG, Sign.HOT_THERE, Sign.DRY_AIR);
        assertThat(signs(potted("barrel_cactus", MIX, cellar), history(POTTED, 3)))
                .contains(Sign.LIGHT_SCARCE, Sign.RESTING, Sign.AIR_MOIST);
        assertThat(signs(potted("pothos", MIX, cellar), history(POTTED, 3))).contains(Sign.COLD_THERE);
    }

    @Test
    void saysTheFiguresBehindItInTheReadersUnits() {
        final List<Known> known = Known.of(potted("pothos", MIX, STAIR), SetUp.plain(POT), history(POTTED, 4), TODAY);
        final Wording us = Wording.english(MeasureSystem.US);

        assertThat(known).allSatisfy(each -> assertThat(us.of(each.words())).isNotBlank());
        assertThat(known.stream().map(each -> us.of(each.words())))
                .anyMatch(words -> words.startsWith("watered 4 days ago"))
                .anyMatch(words -> words.contains("68 °F"));
    }

    @Test
    void rescuesIntoASmallerPotThatBreathes() {
        final Brief rescue = Rescue.of(potted("pothos", MIX, STAIR).brief());

        assertThat(rescue.stage()).isEqualTo(Stage.RECOVERING);
        assertThat(rescue.pot().orElseThrow().topCm()).isEqualTo(10.5);
        assertThat(rescue.pot().orElseThrow().wall()).isEqualTo(PotWall.CLAY);
        final Pot tub = POT.with(PotBase.NO_HOLES, 4);
        assertThat(Rescue.of(rescue.with(tub)).pot().orElseThrow().wall()).isEqualTo(PotWall.PLASTIC);
    }

    @Test
    void aPotGetsLighterAsItDries() {
        final PotPortrait portrait =
                PotPortrait.of(potted("pothos", MIX, STAIR)).orElseThrow();

        assertThat(portrait.kgAfter(0)).isEqualTo(portrait.kg().watered());
        assertThat(portrait.kgAfter(3))
                .isBetween(portrait.kg().dry(), portrait.kg().watered());
        assertThat(portrait.left(400)).isBetween(0.0, portrait.left(1));
    }
}
