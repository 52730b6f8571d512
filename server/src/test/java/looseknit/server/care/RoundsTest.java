package looseknit.server.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import looseknit.core.care.Answer;
import looseknit.core.care.LikePots;
import looseknit.server.frame.NotThere;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.PotPaces;
import looseknit.server.pot.PotWork;
import looseknit.server.pot.Potting;
import looseknit.server.pot.PottingBodies;
import looseknit.server.pot.PottingRepository;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import org.springframework.context.ApplicationEventPublisher;

/** Two who go the same round in another order would each keep pots that the other wants next: all pots are taken at once, before anything is told of them. */
class RoundsTest {

    private static final UUID FIRST = new UUID(1, 1);
    private static final UUID SECOND = new UUID(1, 2);

    private final LookRepository looks = mock();
    private final PottingRepository pottings = mock();
    private final PotPaces paces = mock();
    private final ApplicationEventPublisher events = mock();
    private final Rounds rounds = spy(new Rounds(
            looks,
            mock(LooksKept.class),
            pottings,
            mock(PlaceOrderRepository.class),
            mock(PotWork.class),
            mock(PotDrying.class),
            paces,
            mock(Climate.class),
            mock(PottingBodies.class),
            events,
            Clock.systemUTC()));

    private static Rounds.Told told(final UUID pot) {
        return new Rounds.Told(UUID.randomUUID(), pot, Answer.WATERED, null, null, null);
    }

    private static Potting pot(final UUID id) {
        final Potting pot = mock();
        when(pot.id()).thenReturn(id);
        return pot;
    }

    private void areThere(final Potting... pots) {
        when(pottings.lockAll(any())).thenReturn(List.of(pots));
        when(paces.others()).thenReturn(new PotPaces.Others(Instant.EPOCH, Map.of(), new LikePots(List.of())));
    }

    @Test
    void potsAreTakenAtOnceAndWhatIsToldAgainIsToldOfInTheOrderInWhichItCame() {
        final Potting first = pot(FIRST);
        final Potting second = pot(SECOND);
        areThere(first, second);
        final Rounds.Told ofSecond = told(SECOND);
        final Rounds.Told ofFirst = told(FIRST);
        when(looks.stored(any())).thenReturn(new HashSet<>(Set.of(ofSecond.id(), ofFirst.id())));

        assertThat(rounds.look(List.of(ofSecond, ofFirst, ofSecond))).containsExactly(second, first, second);

        final InOrder order = inOrder(pottings, looks);
        order.verify(pottings).lockAll(Set.of(FIRST, SECOND));
        order.verify(looks).stored(Set.of(ofFirst.id(), ofSecond.id()));
        verify(looks, never()).save(any());
    }

    @Test
    void nothingIsToldWhereOneOfThePotsIsNotThere() {
        final Potting first = pot(FIRST);
        areThere(first);
        when(looks.stored(any())).thenReturn(new HashSet<>());
        assertThatThrownBy(() -> rounds.look(List.of(told(SECOND), told(FIRST))))
                .isInstanceOf(NotThere.class);
        verify(looks, never()).save(any());
        verify(events, never()).publishEvent(any(Object.class));
    }

    @Test
    void takenBackTheyAreTakenAtOnceToo() {
        final UUID atSecond = new UUID(2, 1);
        final UUID atFirst = new UUID(2, 2);
        final List<Look> stored = List.of(look(atSecond, SECOND), look(atFirst, FIRST));
        when(looks.findAllById(any())).thenReturn(stored);
        doReturn(pot(FIRST)).when(rounds).takeBack(any(UUID.class));

        assertThat(rounds.takeBack(List.of(atSecond, UUID.randomUUID(), atFirst)))
                .hasSize(2);

        final InOrder order = inOrder(pottings, rounds);
        order.verify(pottings).lockAll(Set.of(FIRST, SECOND));
        order.verify(rounds).takeBack(atSecond);
        order.verify(rounds).takeBack(atFirst);
    }

    private static Look look(final UUID id, final UUID pot) {
        final Look look = mock();
        when(look.id()).thenReturn(id);
        when(look.pottingId()).thenReturn(pot);
        return look;
    }
}
