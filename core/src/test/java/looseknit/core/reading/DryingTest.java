package looseknit.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Packing;
import looseknit.core.dry.Reservoir;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;

class DryingTest {

    private static Brief brief(final Habit.Amount amount) {
        return new Brief(
                PlantBook.shipped().plant("peace_lily"),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(14, PotWall.PLASTIC)),
                Optional.of(new Place("landing", 20, 50, Light.MEDIUM, Draught.STILL)),
                Optional.of(new Habit(6, amount, Habit.Hand.STEADY, Habit.Water.RAIN)));
    }

    private static Drying drying(final Habit.Amount amount) {
        return Drying.of(brief(amount)).orElseThrow();
    }

    @Test
    void needsPlantPotAndPlace() {
        assertThat(Drying.of(Brief.OPEN)).isEmpty();
        assertThat(Drying.of(brief(Habit.Amount.THOROUGHLY))).isPresent();
    }

    /** More water lasts longer; a light watering lasts less long than a thorough one. */
    @Test
    void moreWaterLastsLonger() {
        final Drying thorough = drying(Habit.Amount.THOROUGHLY);
        final Drying light = drying(Habit.Amount.LIGHTLY);
        double before = 0;
        for (double litres = 0.1; litres < 1.2; litres += 0.1) {
            assertThat(thorough.days(litres)).isGreaterThan(before);
            assertThat(light.days(litres)).isLessThan(thorough.days(litres));
            before = thorough.days(litres);
        }
    }

    private static MixState state(final Habit.Amount amount) {
        final MixState state = new MixReader(
                        new MixTables(
                                List.of(MaterialBook.shipped().material("peat").orElseThrow()),
                                List.of(Packing.Form.PAIRS),
                                brief(amount).pot()),
                        Situation.of(brief(amount)),
                        Optional.empty(),
                        Optional.empty())
                .state();
        state.totalPorosity = 0.9;
        state.capacity = 0.5;
        state.tabulatedDensityGPerL = 200;
        state.waterAt50 = 0.1;
        state.waterAt100 = 0.1;
        return state;
    }

    /** Watered from the top some air stays trapped; soaked from below the pot is full. */
    @Test
    void soakingFillsMore() {
        final double top = state(Habit.Amount.THOROUGHLY).usableLitres();
        final double soaked = state(Habit.Amount.FROM_BELOW).usableLitres();
        final double litres = Pot.ordinary(14, PotWall.PLASTIC).mixLitres();

        assertThat(soaked).isCloseTo(0.4 * litres, within(1e-9));
        assertThat(top).isCloseTo((0.5 * Reservoir.TOP_WATERED - 0.1) * litres, within(1e-9));
        assertThat(Reservoir.beyondReach(0.02, 0.01)).isEqualTo(Reservoir.DRIEST);
    }

    /** However far tests put a mix off the tables, its figures stay possible. */
    @Test
    void correctedFiguresStayPossible() {
        final MixState state = state(Habit.Amount.THOROUGHLY);
        assertThat(state.air()).isCloseTo(0.4, within(1e-12));
        assertThat(state.water()).isCloseTo(0.5, within(1e-12));
        state.airOff = 0.1;
        assertThat(state.air()).isCloseTo(0.5, within(1e-12));
        assertThat(state.water()).isCloseTo(0.4, within(1e-12));
        state.airOff = -0.6;
        assertThat(state.air()).isZero();
        assertThat(state.water()).isCloseTo(0.9, within(1e-12));
        state.airOff = 0.7;
        assertThat(state.air()).isCloseTo(0.9, within(1e-12));
        assertThat(state.water()).isEqualTo(0.01);
        state.porosityOff = 0.5;
        assertThat(state.porosity()).isEqualTo(0.99);
        state.densityOff = -2;
        assertThat(state.densityGPerL()).isCloseTo(20, within(1e-9));
    }
}
