package looseknit.core.planting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import looseknit.core.message.Message;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.planting.RootCheck.Ball;
import looseknit.core.planting.RootCheck.Colour;
import looseknit.core.planting.RootCheck.Firmness;
import looseknit.core.planting.RootCheck.Growth;
import looseknit.core.planting.RootCheck.OldMix;
import looseknit.core.planting.RootCheck.Smell;
import looseknit.core.planting.RootCheck.State;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is seen at roots and what it means; common practice, no source. */
class RootCheckTest {

    private static final Plant POTHOS = PlantBook.shipped().plant("pothos").orElseThrow();
    private static final Plant FERN = PlantBook.shipped().plant("mother_fern").orElseThrow();

    @ParameterizedTest
    @CsvSource({
        "PALE, EARTHY, FIRM, WELL_SPREAD, HOLDS, LOOSE, SOUND",
        "PALE, EARTHY, FIRM, CIRCLING, HOLDS, LOOSE, BOUND",
        "BROWN, NONE, FIRM, MATTED, HOLDS, PACKED, BOUND",
        "TAN, NONE, PAPERY, SPARSE, FALLS_APART, LOOSE, DRIED_OUT",
        "BROWN, EARTHY, SOFT, WELL_SPREAD, HOLDS, LOOSE, SOME_ROT",
        "BLACK, EARTHY, FIRM, WELL_SPREAD, HOLDS, LOOSE, SOUND",
        "BLACK, SOUR, FIRM, WELL_SPREAD, HOLDS, LOOSE, SOME_ROT",
        "BLACK, SOUR, SOFT, SPARSE, FALLS_APART, SLUDGE, MUCH_ROT",
        "BROWN, SOUR, FIRM, WELL_SPREAD, HOLDS, LOOSE, SOUND"
    })
    void rotIsToldByMoreThanItsColour(
            final Colour colour,
            final Smell smell,
            final Firmness firmness,
            final Growth growth,
            final Ball ball,
            final OldMix oldMix,
            final State state) {
        assertThat(new RootCheck(colour, smell, firmness, growth, ball, oldMix).state(POTHOS))
                .isEqualTo(state);
    }

    @Test
    void darkRootsOfAFernAreUsual() {
        final RootCheck dark =
                new RootCheck(Colour.BLACK, Smell.SOUR, Firmness.FIRM, Growth.WELL_SPREAD, Ball.HOLDS, OldMix.LOOSE);

        assertThat(dark.state(FERN)).isEqualTo(State.SOUND);
        assertThat(dark.state(POTHOS)).isEqualTo(State.SOME_ROT);
        assertThat(dark.actions(FERN)).contains(RootSentence.DARK_IS_USUAL.with(FERN));
    }

    @Test
    void rotMeansASmallerPotAnAirierMixAndRecovering() {
        final RootCheck rotten =
                new RootCheck(Colour.BLACK, Smell.SOUR, Firmness.SOFT, Growth.SPARSE, Ball.FALLS_APART, OldMix.SLUDGE);

        assertThat(rotten.stage(POTHOS, Stage.ESTABLISHED)).isEqualTo(Stage.RECOVERING);
        assertThat(rotten.left(POTHOS)).isLessThan(0.5);
        assertThat(rotten.broke()).isTrue();
        assertThat(rotten.actions(POTHOS))
                .containsSubsequence(
                        RootSentence.WASH.with(),
                        RootSentence.CUT_HARD.with(),
                        RootSentence.AIRIER.with(),
                        RootSentence.SMALLEST.with());
    }

    @Test
    void aSoundBallIsLeftAlone() {
        final RootCheck sound =
                new RootCheck(Colour.PALE, Smell.EARTHY, Firmness.FIRM, Growth.WELL_SPREAD, Ball.HOLDS, OldMix.LOOSE);
        final List<Message> actions = sound.actions(POTHOS);

        assertThat(actions).containsExactly(RootSentence.LEAVE.with());
        assertThat(sound.stage(POTHOS, Stage.YOUNG)).isEqualTo(Stage.YOUNG);
        assertThat(sound.left(POTHOS)).isEqualTo(1);
        assertThat(sound.broke()).isFalse();
    }
}
