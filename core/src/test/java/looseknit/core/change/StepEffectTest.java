package looseknit.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import looseknit.core.change.StepEffect.Effect;
import looseknit.core.measure.Band;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StepEffectTest {

    @ParameterizedTest
    @CsvSource({
        "5, 4.5, BETTER",
        "5, 6, WORSE",
        "3, 3.5, NEUTRAL",
        "3, 5, WORSE",
        "1, 1.5, BETTER",
        "1, 6, WORSE",
        "1, 3, BETTER"
    })
    void aChangeIsBetterWhenItLessensTheMiss(final double before, final double after, final Effect effect) {
        assertThat(Effect.of(new Band(2, 4), before, after)).isEqualTo(effect);
    }
}
