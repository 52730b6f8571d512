package looseknit.core.outlook;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.bench.Evaluation;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.dry.TopDressing;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import org.junit.jupiter.api.Test;

class OutlookTest {

    private static final Recipe RECIPE =
            recipe("peat 3 perlite_med 1 bark_fine 1", dose("lime", 3), dose("granules", 2));

    private static final Brief BRIEF = new Brief(
            PlantBook.shipped().plant("peace_lily"),
            Stage.ESTABLISHED,
            Optional.of(Pot.ordinary(14, PotWall.PLASTIC)),
            Optional.of(new Place("north window", 21, 50, Light.MEDIUM, Draught.STILL)),
            Optional.of(new Habit(6, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));

    @Test
    void beginsWhereTheReadingsStandAndGoesOn() {
        final Outlook outlook = Outlook.of(RECIPE, BRIEF, Knowledge.NOTHING, Acidity.Drift.NONE);
        final Evaluation evaluation = Evaluator.evaluate(RECIPE, BRIEF);

        assertThat(outlook.years().get(0).air()).isCloseTo(value(evaluation, Property.AIR), within(0.003));
        assertThat(outlook.years().get(0).settledTo()).isCloseTo(1, within(1e-9));
        assertThat(outlook.years()).isSortedAccordingTo((a, b) -> Double.compare(b.air(), a.air()));
        assertThat(outlook.weeks().get(6).ph().value()).isCloseTo(value(evaluation, Property.PH), within(1e-9));
        assertThat(outlook.weeks().get(6).ph().sd())
                .isGreaterThan(outlook.weeks().get(0).ph().sd());
        assertThat(outlook.months().get(12).released().nMgPerL())
                .isGreaterThan(outlook.months().get(0).released().nMgPerL() + 250);
        assertThat(outlook.leastAir()).isEqualTo(0.08);
        assertThat(outlook.partings()).anyMatch(words -> said(words).startsWith("Perlite, medium floats"));
    }

    private static double value(final Evaluation evaluation, final Property quality) {
        return evaluation.readings().stream()
                .filter(each -> each.property() == quality)
                .findFirst()
                .orElseThrow()
                .estimate()
                .value();
    }

    @Test
    void daysToEachDrynessRise() {
        final Map<AllowableDepletion, Double> days = new InThePot(RECIPE, BRIEF, Knowledge.NOTHING).daysToEach();

        assertThat(List.copyOf(days.values()))
                .hasSize(AllowableDepletion.values().length)
                .isSorted();
        assertThat(new InThePot(RECIPE, Brief.OPEN, Knowledge.NOTHING).daysToEach())
                .isEmpty();
    }

    @Test
    void whatIsMissingIsNamed() {
        final InThePot open = new InThePot(RECIPE, Brief.OPEN, Knowledge.NOTHING);

        assertThatThrownBy(() -> open.forSeason(TopDressing.NONE))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessage("brief.plantId is not named; allowed: a plant from the Book");
        assertThatThrownBy(() -> open.wet(1, 10, TopDressing.BARK))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("brief.pot");
    }
}
