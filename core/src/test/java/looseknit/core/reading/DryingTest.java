package looseknit.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import looseknit.core.dry.Reservoir;
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

    /** Watered from the top some air stays trapped; soaked from below the pot is full. */
    @Test
    void soakingFillsMore() {
        final double top = drying(Habit.Amount.THOROUGHLY).usableLitres(0.5, 0.1);
        final double soaked = drying(Habit.Amount.FROM_BELOW).usableLitres(0.5, 0.1);
        final double litres = Pot.ordinary(14, PotWall.PLASTIC).mixLitres();

        assertThat(soaked).isCloseTo(0.4 * litres, within(1e-9));
        assertThat(top).isCloseTo((0.5 * Reservoir.TOP_WATERED - 0.1) * litres, within(1e-9));
        assertThat(Reservoir.beyondReach(0.02, 0.01)).isEqualTo(Reservoir.DRIEST);
    }

    @Test
    void correctedFiguresStayPossible() {
        assertThat(Corrected.porosity(0.97, 0.1)).isEqualTo(0.99);
        assertThat(Corrected.air(0.1, -0.3, 0.9)).isZero();
        assertThat(Corrected.air(0.5, 0.6, 0.9)).isEqualTo(0.9);
        assertThat(Corrected.water(0.9, 0.3)).isCloseTo(0.6, within(1e-12));
        assertThat(Corrected.water(0.9, 0.9)).isEqualTo(0.01);
        assertThat(Corrected.density(200, -2)).isCloseTo(20, within(1e-9));
    }
}
