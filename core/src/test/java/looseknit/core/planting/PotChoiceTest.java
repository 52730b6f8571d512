package looseknit.core.planting;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.planting.PotChoice.Fit;
import looseknit.core.planting.SetUp.RootBall;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import org.junit.jupiter.api.Test;

class PotChoiceTest {

    private static final RootBall BALL = new RootBall(10, 9, 0);

    private static List<PotChoice> among(final Pot... pots) {
        return among(1, pots);
    }

    private static List<PotChoice> among(final double left, final Pot... pots) {
        return PotChoice.among(
                List.of(pots),
                BALL,
                left,
                recipe("peat 3 perlite_med 1"),
                new Brief(
                        PlantBook.shipped().plant("peace_lily"),
                        Stage.ESTABLISHED,
                        Optional.empty(),
                        Optional.of(new Place("stair", 20, 50, Light.MEDIUM, Draught.STILL)),
                        Optional.empty()),
                Knowledge.NOTHING);
    }

    /** Two to three times the volume of the ball at the most; common practice, no source. */
    @Test
    void twiceToThriceTheBallIsRight() {
        final List<PotChoice> choices = among(
                Pot.ordinary(10, PotWall.PLASTIC),
                Pot.ordinary(13, PotWall.PLASTIC),
                Pot.ordinary(14, PotWall.CLAY),
                Pot.ordinary(25, PotWall.PLASTIC));

        assertThat(choices.get(0).fit()).isEqualTo(Fit.RIGHT);
        assertThat(choices.get(0).timesTheBall()).isBetween(2.0, 3.0);
        assertThat(choices)
                .filteredOn(choice -> choice.pot().topCm() == 25)
                .allMatch(choice -> choice.fit() == Fit.TOO_BIG);
        assertThat(choices)
                .filteredOn(choice -> choice.pot().topCm() == 10)
                .allMatch(choice -> choice.fit() == Fit.TOO_SMALL);
        assertThat(choices)
                .allSatisfy(choice -> assertThat(choice.days().value()).isPositive());
    }

    /** What is left of a ball once rotten roots are cut wants a smaller pot. */
    @Test
    void aBallThatWasCutWantsASmallerPot() {
        final Pot pot = Pot.ordinary(13, PotWall.PLASTIC);

        assertThat(among(pot).get(0).fit()).isEqualTo(Fit.RIGHT);
        assertThat(among(0.4, pot).get(0).fit()).isEqualTo(Fit.TOO_BIG);
        assertThat(BALL.left(0.4).litres()).isCloseTo(0.4 * BALL.litres(), within(1e-12));
    }

    @Test
    void aBowlIsTooShallow() {
        assertThat(among(PotForm.BOWL.byWidth(20)).get(0).fit()).isEqualTo(Fit.TOO_SHALLOW);
    }
}
