package looseknit.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.time.Clock;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.message.Speech;
import org.junit.jupiter.api.Test;
import org.springframework.context.ApplicationEventPublisher;

/** Each of many batches asks for the packs: the lots are read for the first, and again once one has changed. */
class ShelfTest {

    private final LotRepository lots = mock();
    private final Shelf shelf = new Shelf(
            lots, mock(LiveBooks.class), mock(ApplicationEventPublisher.class), Clock.systemUTC(), mock(Speech.class));

    private void areReadAgain(final int times) {
        assertThat(shelf.packs()).isEmpty();
        assertThat(shelf.packs()).isEmpty();
        verify(lots, times(times)).findByRemovedAtIsNullOrderByStoredAt();
    }

    @Test
    void packsAreReadOnceForAllWhoAsk() {
        areReadAgain(1);
        shelf.changed();
        areReadAgain(2);
        shelf.changed(new ChangedElsewhere());
        areReadAgain(3);
    }
}
