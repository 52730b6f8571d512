package looseknit.server.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.care.Answer;
import looseknit.server.pot.Pottings;
import org.junit.jupiter.api.Test;

/** A file of looks takes pots in the order in which a round takes them. */
class LookFileTest {

    private static final UUID FIRST = new UUID(1, 1);
    private static final UUID SECOND = new UUID(1, 2);
    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    private final LookFile file =
            new LookFile(mock(Pottings.class), mock(LookRepository.class), mock(Rounds.class), Clock.systemUTC());

    private static LookFile.LookLine line(final UUID pot, final LocalDate on) {
        return new LookFile.LookLine(UUID.randomUUID(), pot, "a pot", on, Answer.WATERED, null);
    }

    @Test
    void potsAreTakenInOneOrderAndTheirLooksAsTold() {
        final LookFile.LookLine second = line(SECOND, DAY);
        final LookFile.LookLine secondLater = line(SECOND, DAY.plusDays(1));
        final LookFile.LookLine first = line(FIRST, DAY.plusDays(2));
        final LookFile.LookLine firstAgain = line(FIRST, DAY.plusDays(2));

        assertThat(file.inOrder(List.of(second, first, secondLater, firstAgain)))
                .containsExactly(first, firstAgain, second, secondLater);
    }
}
