package looseknit.core.outlook;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.MaterialBook;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Growing;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.outlook.Ahead.Due;
import looseknit.core.outlook.Ahead.Kind;
import looseknit.core.planting.FeedPlace;
import looseknit.core.planting.SetUp;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AheadTest {

    private static final Pot POT = Pot.ordinary(18, PotWall.PLASTIC);
    private static final LocalDate POTTED = LocalDate.of(2026, 3, 10);
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

    private static PottedMix potted(final String mix, final String plant) {
        return new PottedMix(
                recipe(mix),
                new Brief(
                        PlantBook.shipped().plant(plant),
                        Stage.ESTABLISHED,
                        Optional.of(POT),
                        Optional.of(new Place("stair", 20, 50, Light.MEDIUM, Draught.STILL)),
                        Optional.empty()),
                Knowledge.NOTHING);
    }

    private static List<Due> ahead(final String mix, final String plant, final Optional<LocalDate> fed) {
        return Ahead.of(
                potted(mix, plant),
                SetUp.plain(POT),
                new Ahead.History(POTTED, fed, Optional.empty(), Optional.empty()),
                TODAY);
    }

    @ParameterizedTest
    @ValueSource(strings = {"pothos", "barrel_cactus", "cape_sundew", "moth_orchid", "amaryllis"})
    void nothingIsDueInThePastAndSoonestComesFirst(final String plant) {
        assertThat(ahead("peat 3 perlite_med 1 bark_fine 1", plant, Optional.empty()))
                .isNotEmpty()
                .allSatisfy(due -> assertThat(due.on()).isAfterOrEqualTo(TODAY))
                .isSortedAccordingTo((one, other) -> one.on().compareTo(other.on()));
    }

    @Test
    void bogPlantsAreNeverFed() {
        assertThat(ahead("peat 3 perlite_med 1", "cape_sundew", Optional.empty()))
                .extracting(Due::kind)
                .doesNotContain(Kind.FEED);
    }

    @Test
    void feedWaitsForTheEndOfRest() {
        final var cactus = PlantBook.shipped().plant("barrel_cactus").orElseThrow();

        assertThat(cactus.growing().rest()).isEqualTo(Growing.Rest.WINTER_DRY);
        assertThat(ahead("pumice_med 3 peat 1", "barrel_cactus", Optional.empty()))
                .filteredOn(due -> due.kind() == Kind.FEED)
                .singleElement()
                .satisfies(due -> assertThat(due.on()).isEqualTo(LocalDate.of(2027, 3, 1)));
        assertThat(ahead("pumice_med 3 peat 1", "barrel_cactus", Optional.empty()))
                .filteredOn(due -> due.kind() == Kind.REST)
                .singleElement()
                .satisfies(due -> assertThat(due.because().code()).isEqualTo(AheadSentence.REST_ENDS));
    }

    /** What the mix brought is gone in August; who notices in November waits. What grows in winter is fed in winter. */
    @Test
    void feedWaitsForLongerDaysUnlessThePlantGrowsInWinter() {
        assertThat(ahead("peat 3 perlite_med 1", "pothos", Optional.empty()))
                .filteredOn(due -> due.kind() == Kind.FEED)
                .singleElement()
                .satisfies(due -> {
                    assertThat(due.on()).isEqualTo(LocalDate.of(2027, 3, 1));
                    assertThat(due.because().code()).isEqualTo(AheadSentence.FEED_WAITS_FOR_LIGHT);
                });
        assertThat(ahead("pumice_med 3 peat 1", "living_stones", Optional.empty()))
                .filteredOn(due -> due.kind() == Kind.FEED)
                .singleElement()
                .satisfies(due -> assertThat(due.on()).isEqualTo(LocalDate.of(2027, 3, 1)));
        assertThat(ahead("pumice_med 3 peat 1", "tree_houseleek", Optional.empty()))
                .filteredOn(due -> due.kind() == Kind.FEED)
                .singleElement()
                .satisfies(due -> assertThat(due.on()).isEqualTo(TODAY));
    }

    @Test
    void whatLastsIsTheFoodOfTheMixAndTheFeedLaidIntoIt() {
        final SetUp plain = SetUp.plain(POT);
        final SetUp fed = new SetUp(
                plain.form(),
                plain.saucer(),
                plain.holes(),
                plain.cover(),
                plain.beds(),
                plain.ball(),
                plain.pole(),
                plain.channelCm(),
                plain.dressing(),
                plain.dressingCm(),
                FeedPlace.HALF_DEPTH,
                2);
        assertThat(words(plain)).isEqualTo("what the mix brought lasts about 5 months");
        assertThat(words(fed)).isEqualTo("what the mix and the feed at half the depth brought lasts about 5 months");
    }

    private static String words(final SetUp setUp) {
        final LocalDate summer = POTTED.plusMonths(3);
        final Ahead.History history = new Ahead.History(POTTED, Optional.empty(), Optional.empty(), Optional.empty());
        return Ahead.of(potted("peat 3 perlite_med 1", "pothos"), setUp, history, summer).stream()
                .filter(due -> due.kind() == Kind.FEED)
                .map(due -> Wording.english(MeasureSystem.METRIC).of(due.because()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void fedLatelyIsFedLater() {
        assertThat(ahead("peat 3 perlite_med 1", "pothos", Optional.of(LocalDate.of(2026, 11, 1))))
                .filteredOn(due -> due.kind() == Kind.FEED)
                .singleElement()
                .satisfies(due -> assertThat(due.on()).isEqualTo(LocalDate.of(2027, 4, 1)));
    }

    @Test
    void whatSinksIsToppedUpAndStonesAreNot() {
        assertThat(ahead("peat 3 leaf_mould 2", "pothos", Optional.empty()))
                .extracting(Due::kind)
                .contains(Kind.TOP_UP);
        assertThat(ahead("pumice_med 3 grit_3_6 1", "pothos", Optional.empty()))
                .extracting(Due::kind)
                .doesNotContain(Kind.TOP_UP);
    }

    @Test
    void repottingFallsIntoSpring() {
        assertThat(ahead("peat 3 perlite_med 1", "pothos", Optional.empty()))
                .filteredOn(due -> due.kind() == Kind.REPOT)
                .singleElement()
                .satisfies(due -> assertThat(due.on().getMonthValue()).isEqualTo(4));
    }

    @Test
    void theMixAgesFromTheDayItWasFilled() {
        final PottedMix potted = potted("peat 3 leaf_mould 2", "pothos");
        final Ahead.Now fresh = Ahead.now(potted, SetUp.plain(POT), TODAY, TODAY);
        final Ahead.Now older = Ahead.now(potted, SetUp.plain(POT), TODAY.minusYears(2), TODAY);

        assertThat(fresh.sunkCm()).isZero();
        assertThat(fresh.air()).isCloseTo(fresh.airThen(), within(1e-12));
        assertThat(older.sunkCm()).isGreaterThan(0.5);
        assertThat(older.air()).isLessThan(fresh.air());
    }

    private static PottedMix inHand(final String plant, final Habit habit, final Recipe recipe) {
        return new PottedMix(
                recipe,
                new Brief(
                        PlantBook.shipped().plant(plant),
                        Stage.ESTABLISHED,
                        Optional.of(POT),
                        Optional.of(new Place("stair", 21, 50, Light.MEDIUM, Draught.STILL)),
                        Optional.of(habit)),
                Knowledge.NOTHING);
    }

    private static List<Due> ahead(final PottedMix potted, final Kind kind) {
        return ahead(potted, kind, TODAY);
    }

    private static List<Due> ahead(final PottedMix potted, final Kind kind, final LocalDate today) {
        return Ahead.of(
                        potted,
                        SetUp.plain(POT),
                        new Ahead.History(POTTED, Optional.empty(), Optional.empty(), Optional.empty()),
                        today)
                .stream()
                .filter(due -> due.kind() == kind)
                .toList();
    }

    private static Habit habit(final Habit.Amount amount, final Habit.Water water) {
        return new Habit(6, amount, Habit.Hand.STEADY, water);
    }

    @Test
    void saltsAreRinsedOutWhereTheyStay() {
        final Recipe plain = recipe("peat 3 perlite_med 1");

        assertThat(ahead(inHand("pothos", habit(Habit.Amount.THOROUGHLY, Habit.Water.RAIN), plain), Kind.FLUSH))
                .isEmpty();
        assertThat(ahead(inHand("pothos", habit(Habit.Amount.THOROUGHLY, Habit.Water.HARD_TAP), plain), Kind.FLUSH))
                .singleElement()
                .satisfies(due -> assertThat(due.because().code()).isEqualTo(AheadSentence.HARD_WATER));
        assertThat(ahead(inHand("pothos", habit(Habit.Amount.FROM_BELOW, Habit.Water.RAIN), plain), Kind.FLUSH))
                .singleElement()
                .satisfies(due -> assertThat(due.because().code()).isEqualTo(AheadSentence.NOTHING_RUNS_OUT));
    }

    /** Granules whose label says 26 weeks at 21 °C last 26 weeks at 21 °C, and their ledger runs out on that day. */
    @Test
    void granulesOfTheMixSayWhenTheyHaveGivenAll() {
        final Amendment granules = MaterialBook.shipped().amendments().stream()
                .filter(each -> each.kind() == Amendment.Kind.FEED && each.longevityWeeks() > 0)
                .findFirst()
                .orElseThrow();
        final Recipe plain = recipe("peat 3 perlite_med 1");
        final Recipe dosed = new Recipe(plain.measure(), plain.parts(), List.of(new Recipe.Dose(granules, 3)));
        final PottedMix potted = inHand("pothos", habit(Habit.Amount.THOROUGHLY, Habit.Water.RAIN), dosed);
        final LocalDate over = POTTED.plusDays(Math.round(7 * granules.longevityWeeks()));

        assertThat(ahead(potted, Kind.FEED, POTTED.plusMonths(3)))
                .singleElement()
                .satisfies(due -> assertThat(due.because().code()).isEqualTo(AheadSentence.FEED_IS_RELEASED));
        assertThat(Given.to(potted, 2, POTTED, List.of(), over).get(0).left()).isCloseTo(0, within(0.01));
        final Given half = Given.to(
                        potted, 2, POTTED, List.of(), POTTED.plusDays(over.toEpochDay() - POTTED.toEpochDay() >> 1))
                .get(0);
        assertThat(half.left()).isCloseTo(0.5, within(0.01));
        assertThat(half.grams().orElseThrow()).isCloseTo(6, within(1e-9));
    }

    @Test
    void theLedgerHasEveryFeedTheLastFirst() {
        final List<Given> given = Given.to(
                potted("peat 3 perlite_med 1", "pothos"),
                2,
                POTTED,
                List.of(
                        new Given.Fed(TODAY.minusMonths(8), OptionalDouble.of(4)),
                        new Given.Fed(TODAY, OptionalDouble.empty())),
                TODAY);

        assertThat(given).extracting(Given::on).containsExactly(TODAY, TODAY.minusMonths(8));
        assertThat(given).extracting(Given::left).containsExactly(1.0, 0.0);
        assertThat(given.get(1).says().code()).isEqualTo(OutlookSentence.NOTHING_LEFT);
    }

    @Test
    void palmsAreFedInSpringAndNewcomersSettleFirst() {
        assertThat(ahead("loam 2 sand_coarse 1 bark_fine 2", "parlour_palm", Optional.of(LocalDate.of(2026, 5, 10))))
                .filteredOn(due -> due.kind() == Kind.FEED)
                .singleElement()
                .satisfies(due -> assertThat(due.on()).isEqualTo(LocalDate.of(2027, 4, 1)));
        assertThat(Ahead.of(
                        potted("peat 3 perlite_med 1", "pothos"),
                        SetUp.plain(POT),
                        new Ahead.History(TODAY.minusDays(4), Optional.empty(), Optional.empty(), Optional.empty()),
                        TODAY))
                .filteredOn(due -> due.kind() == Kind.SETTLE)
                .singleElement()
                .satisfies(due -> assertThat(due.on()).isEqualTo(TODAY.plusDays(17)));
    }
}
