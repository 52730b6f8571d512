package looseknit.core.care;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Estimate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NextLookTest {

    @Test
    void looksOneStandardDeviationBeforeThePredictedDay() {
        final NextLook look = NextLook.afterWatering(new Estimate(8, 2.8), AllowableDepletion.HALF);

        assertThat(look.inDays()).isEqualTo(5);
        assertThat(said(look.reason().words(new Estimate(8, 2.8), AllowableDepletion.HALF.words())))
                .isEqualTo("predicted half dry after 8 days (4 to 12)");
    }

    @Test
    void whatBearsDroughtIsLookedAtLater() {
        final Estimate days = new Estimate(20, 6);

        assertThat(NextLook.afterWatering(days, AllowableDepletion.NEVER_DRY).inDays())
                .isEqualTo(12);
        assertThat(NextLook.afterWatering(days, AllowableDepletion.HALF).inDays())
                .isBetween(13, 14);
        assertThat(NextLook.afterWatering(days, AllowableDepletion.COMPLETELY).inDays())
                .isBetween(16, 20);
    }

    @Test
    void neverLooksTwiceADay() {
        assertThat(NextLook.afterWatering(new Estimate(0.4, 0.2), AllowableDepletion.HALF)
                        .inDays())
                .isEqualTo(1);
        assertThat(NextLook.after(Answer.STILL_MOIST, new Estimate(1, 0.3), AllowableDepletion.HALF)
                        .inDays())
                .isEqualTo(1);
    }

    @Test
    void looksAgainSoonAtAPotThatWasStillMoist() {
        assertThat(NextLook.after(Answer.STILL_MOIST, new Estimate(12, 4), AllowableDepletion.HALF)
                        .inDays())
                .isEqualTo(3);
        assertThat(NextLook.after(Answer.STILL_MOIST, new Estimate(120, 40), AllowableDepletion.HALF)
                        .inDays())
                .isEqualTo(14);
    }

    @Test
    void saysSoWhenAPotHardlyDries() {
        assertThat(said(NextLook.afterWatering(new Estimate(120, 42), AllowableDepletion.HALF)
                        .reason()
                        .words(new Estimate(120, 42), AllowableDepletion.DRY.words())))
                .contains("more than 120 days");
    }

    @ParameterizedTest
    @CsvSource({"WATERED, 8", "BONE_DRY, 8", "WATERED_LIGHTLY, 4", "STILL_MOIST, 3", "SOAKING, 6", "SKIPPED, 1"})
    void eachAnswerSetsItsOwnLook(final Answer answer, final int days) {
        assertThat(NextLook.after(answer, new Estimate(12, 3), AllowableDepletion.HALF)
                        .inDays())
                .isEqualTo(days);
        assertThat(NextLook.after(answer, new Estimate(0.6, 0.3), AllowableDepletion.HALF)
                        .inDays())
                .isEqualTo(1);
    }

    @Test
    void waterGoesDownToNothingWhenThePlantWantsIt() {
        assertThat(WaterLevel.left(0, 8)).isEqualTo(1);
        assertThat(WaterLevel.left(2, 8)).isEqualTo(0.75);
        assertThat(WaterLevel.left(20, 8)).isEqualTo(0);
        assertThat(WaterLevel.left(0, 0)).isEqualTo(1);
    }
}
