package looseknit.core.outlook;

import static looseknit.core.Materials.recipe;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.care.Answer;
import looseknit.core.care.Hand;
import looseknit.core.care.HandSentence;
import looseknit.core.care.Pace;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.planting.SetUp;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A pot in the hand: on a scale, and under a hand that waters too seldom or too often for it. */
class InTheHandTest {

    private static final Pot POT = Pot.ordinary(14, PotWall.CLAY);
    private static final PottedMix POTTED = new PottedMix(
            recipe("peat 3 perlite_med 1"),
            new Brief(
                    PlantBook.shipped().plant("peace_lily"),
                    Stage.ESTABLISHED,
                    Optional.of(POT),
                    Optional.of(new Place("window", 21, 50, Light.MEDIUM, Draught.STILL)),
                    Optional.of(new Habit(6, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN))),
            Knowledge.NOTHING);
    private static final PotPortrait PORTRAIT = PotPortrait.of(POTTED).orElseThrow();
    private static final double PLANT_KG = 0.2;

    private static PotOnScale grams(final double kg) {
        return PotOnScale.of(PORTRAIT, PLANT_KG, 1000 * (kg + PLANT_KG));
    }

    @Test
    void theScaleSaysHowMuchIsLeft() {
        assertThat(grams(PORTRAIT.kg().watered()).left()).isCloseTo(1, within(1e-9));
        assertThat(grams(PORTRAIT.kg().dry()).left()).isCloseTo(0, within(1e-9));
        assertThat(grams(PORTRAIT.kg().wants()).left()).isCloseTo(1 - PORTRAIT.wants(), within(1e-6));
        assertThat(grams(PORTRAIT.kg().dry()).suggests()).contains(Answer.WATERED);
        assertThat(grams(PORTRAIT.kg().watered()).suggests()).contains(Answer.STILL_MOIST);
        assertThat(said(grams(PORTRAIT.kg().dry()).says())).startsWith("0 % of its water is left: it wants more");
    }

    /** The weight at which it wants water is reckoned to come on the day on which it is predicted to want water. */
    @Test
    void theDaysToAWeightAgreeWithThePrediction() {
        final PotOnScale wants = grams(PORTRAIT.kg().wants());

        assertThat(wants.predictedDays().orElseThrow())
                .isCloseTo(
                        PORTRAIT.days().value(), within(0.05 * PORTRAIT.days().value()));
        assertThat(grams(PORTRAIT.kg().watered()).predictedDays()).isEmpty();
    }

    @Test
    void whatIsNotThisPotIsSaidSo() {
        final PotOnScale two = grams(3 * PORTRAIT.kg().watered());

        assertThat(said(two.says())).contains("not what this pot can weigh");
        assertThat(two.predictedDays()).isEmpty();
        assertThat(two.suggests()).isEmpty();
        assertThatThrownBy(() -> PotOnScale.of(PORTRAIT, PLANT_KG, -3)).isInstanceOf(OutOfRangeException.class);
    }

    /** A simulated pot that dries at its own pace is found out by its weights. */
    @ParameterizedTest
    @ValueSource(doubles = {0.7, 1, 1.4})
    void theSimulatedScaleTeachesThePace(final double pace) {
        final List<Pace.Weighed> weighed = List.of(2, 3, 4, 5).stream()
                .map(day -> {
                    final PotOnScale scale = PotOnScale.of(
                            PORTRAIT,
                            PLANT_KG,
                            PotOnScale.simulated(PORTRAIT, PLANT_KG, day, pace, 4)
                                    .grams());
                    return new Pace.Weighed(day, scale.predictedDays().orElseThrow(), 1 - scale.left(), 0, false);
                })
                .toList();

        assertThat(Pace.learnt(Pace.Prior.of(PORTRAIT.days()), weighed).factor())
                .isCloseTo(pace, within(0.17 * pace));
    }

    @Test
    void clayThatDriesTooFastForAHandIsPlasticInstead() {
        final double days = PORTRAIT.days().value();
        final Hand slow = Hand.of(Hand.Intervals.NONE
                        .with(1.6 * days)
                        .with(1.7 * days)
                        .with(1.6 * days)
                        .with(1.7 * days))
                .orElseThrow();
        final Place dim = new Place("dim corner", 16, 75, Light.DIM, Draught.STILL);
        final Place sunny = new Place("sunny sill", 26, 35, Light.SUN, Draught.BREEZY);
        final Pace pace = new Pace(1, 0.1, 9, 0);

        assertThat(slow.fit(pace.expected(PORTRAIT.days()))).isEqualTo(Hand.Fit.TOO_SELDOM);
        final List<FittingWays.Way> ways =
                FittingWays.tried(POTTED, SetUp.plain(POT), List.of(dim, sunny)).of(pace, slow);
        assertThat(ways)
                .isNotEmpty()
                .allSatisfy(way -> assertThat(slow.fit(way.days())).isEqualTo(Hand.Fit.FITS))
                .allSatisfy(way -> assertThat(way.days().value()).isGreaterThan(days));
        assertThat(ways.stream().map(way -> way.words().code()))
                .contains(HandSentence.OTHER_PLACE)
                .doesNotHaveDuplicates();
    }
}
