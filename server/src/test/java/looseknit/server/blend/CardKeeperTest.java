package looseknit.server.blend;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.server.frame.Books;
import looseknit.server.frame.Stopping;
import looseknit.server.reading.KnownSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Cards are read anew some at a time, and no further once the server stops. */
class CardKeeperTest {

    private static final UUID FIRST = UUID.randomUUID();
    private static final UUID SECOND = UUID.randomUUID();

    private final BlendCardRepository cards = mock(BlendCardRepository.class);
    private final BlendRepository blends = mock(BlendRepository.class);
    private final Stopping stopping = mock(Stopping.class);
    private final CardKeeper keeper = new CardKeeper(
            cards,
            blends,
            mock(VersionRepository.class),
            mock(ReadingModelRepository.class),
            mock(CardEdition.class),
            mock(Books.class),
            mock(KnownSource.class),
            new TransactionTemplate(mock(PlatformTransactionManager.class)),
            stopping);

    @BeforeEach
    void twoAreStale() {
        when(cards.readBefore(anyInt(), any()))
                .thenReturn(List.of(FIRST, SECOND))
                .thenReturn(List.of());
        when(blends.lock(any())).thenReturn(Optional.empty());
    }

    @Test
    void isAskedAgainUntilNoneIsStale() {
        keeper.readOn();
        verify(cards, never()).readBefore(anyInt(), any());

        keeper.stored();
        keeper.readOn();
        verify(blends).lock(FIRST);
        verify(blends).lock(SECOND);

        keeper.readOn();
        keeper.readOn();
        verify(cards, times(2)).readBefore(anyInt(), any());
    }

    @Test
    void aStopEndsItAfterTheCardThatIsBeingRead() {
        when(stopping.stopping()).thenReturn(false, true);

        keeper.stored();
        keeper.readOn();

        verify(blends).lock(FIRST);
        verify(blends, never()).lock(SECOND);
    }
}
