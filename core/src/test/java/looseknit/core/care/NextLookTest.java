package looseknit.core.care;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Estimate;
import org.junit.jupiter.api.Test;

class NextLookTest {

    @Test
    void looksOneStandardDeviationBeforeThePredictedDay() {
        final NextLook look = NextLook.afterWatering(new Estimate(8, 2.8));

        assertThat(look.inDays()).isEqualTo(5);
        assertThat(said(look.reason().words(new Estimate(8, 2.8), AllowableDepletion.HALF.words())))
                .isEqualTo("predicted half dry after 8 days (4 to 12)");
    }

    @Test
    void neverLooksTwiceADay() {
        assertThat(NextLook.afterWatering(new Estimate(0.4, 0.2)).inDays()).isEqualTo(1);
        assertThat(NextLook.afterStillMoist(new Estimate(1, 0.3)).inDays()).isEqualTo(1);
    }

    @Test
    void looksAgainSoonAtAPotThatWasStillMoist() {
        assertThat(NextLook.afterStillMoist(new Estimate(12, 4)).inDays()).isEqualTo(3);
        assertThat(NextLook.afterStillMoist(new Estimate(120, 40)).inDays()).isEqualTo(14);
    }

    @Test
    void saysSoWhenAPotHardlyDries() {
        assertThat(said(NextLook.afterWatering(new Estimate(120, 42))
                        .reason()
                        .words(new Estimate(120, 42), AllowableDepletion.DRY.words())))
                .contains("more than 120 days");
    }
}
