package looseknit.core.care;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Month;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Growing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NextLookTest {

    @Test
    void looksOneStandardDeviationBeforeThePredictedDay() {
        final NextLook look = NextLook.afterWatering(new Estimate(8, 2.8), AllowableDepletion.HALF);

        assertThat(look.inDays()).isEqualTo(5);
        assertThat(said(look.reason().words(new Estimate(8, 2.8), AllowableDepletion.HALF)))
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
                        .words(new Estimate(120, 42), AllowableDepletion.DRY)))
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

    /** A cactus of which the mix is dry in two days is not looked at every other day. */
    @Test
    void whatStoresWaterIsLeftDryForAWhile() {
        assertThat(AllowableDepletion.HALF.waitsDays()).isZero();
        assertThat(AllowableDepletion.NEARLY_ALL.waitsDays()).isEqualTo(3);
        assertThat(said(NextLook.Reason.PREDICTED.words(new Estimate(4.8, 0.4), AllowableDepletion.NEARLY_ALL)))
                .contains("and for long enough, after 5 days");
    }

    @Test
    void whatRestsGetsWaterSeldom() {
        final Estimate days = new Estimate(8, 1);
        final NextLook july = NextLook.after(
                Answer.WATERED, days, AllowableDepletion.NEARLY_ALL, Growing.Rest.WINTER_DRY, Month.JULY);
        final NextLook january = NextLook.after(
                Answer.WATERED, days, AllowableDepletion.NEARLY_ALL, Growing.Rest.WINTER_DRY, Month.JANUARY);

        assertThat(july.reason()).isEqualTo(NextLook.Reason.PREDICTED);
        assertThat(january.reason()).isEqualTo(NextLook.Reason.RESTING);
        assertThat(january.inDays()).isBetween(26, 34);
        assertThat(NextLook.after(
                                Answer.WATERED,
                                new Estimate(60, 20),
                                AllowableDepletion.COMPLETELY,
                                Growing.Rest.WINTER_DRY,
                                Month.JANUARY)
                        .reason())
                .as("also where it is beyond what is looked ahead")
                .isEqualTo(NextLook.Reason.RESTING);
        assertThat(NextLook.after(
                                Answer.STILL_MOIST,
                                days,
                                AllowableDepletion.HALF,
                                Growing.Rest.WINTER_COOL,
                                Month.JANUARY)
                        .reason())
                .isEqualTo(NextLook.Reason.STILL_MOIST);
    }
}
