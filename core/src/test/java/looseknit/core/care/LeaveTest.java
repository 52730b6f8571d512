package looseknit.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import looseknit.core.measure.Estimate;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LeaveTest {

    @ParameterizedTest
    @CsvSource({
        "20, 12, WAITS, 0",
        "12, 12, THIRSTY, 0",
        "9, 12, THIRSTY, 0",
        "7, 12, DRY, 7",
        "4, 12, DRY, 4",
        "0.6, 12, DRY, 1"
    })
    void saysHowItEndsAndWhoHasToCome(final double waits, final int away, final Leave.End end, final int every) {
        final Leave leave = Leave.of(new Estimate(waits, 0.15 * waits), away);

        assertThat(leave.end()).isEqualTo(end);
        assertThat(leave.visitEveryDays()).isEqualTo(every);
        assertThat(leave.dry()).isLessThanOrEqualTo(leave.wants());
        assertThat(leave.helps()).isNotEmpty();
    }

    @Test
    void theLongerTheLikelier() {
        final Estimate days = new Estimate(10, 2);
        for (int away = 2; away < 40; away++) {
            assertThat(Leave.of(days, away).wants())
                    .isGreaterThanOrEqualTo(Leave.of(days, away - 1).wants());
        }
    }

    @Test
    void saysWhatHelpsInWords() {
        final Wording english = Wording.english(MeasureSystem.METRIC);

        assertThat(Leave.of(new Estimate(4, 1), 12).helps().stream().map(english::of))
                .anyMatch(words -> words.contains("as often as the list says"));
        assertThat(Leave.of(new Estimate(40, 5), 12).helps()).hasSize(1);
    }

    @Test
    void refusesALeaveThatIsNone() {
        assertThatThrownBy(() -> Leave.of(new Estimate(4, 1), 0)).isInstanceOf(OutOfRangeException.class);
    }
}
