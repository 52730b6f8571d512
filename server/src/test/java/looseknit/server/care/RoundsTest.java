package looseknit.server.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import looseknit.core.care.Answer;
import looseknit.core.care.LikePots;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.PotPaces;
import looseknit.server.pot.PotWork;
import looseknit.server.pot.Potting;
import looseknit.server.pot.PottingBodies;
import looseknit.server.pot.PottingRepository;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;

/** Two who go the same round in another order each keep pots that the other wants next: pots are always taken in one order. */
class RoundsTest {

    private static final UUID FIRST = new UUID(1, 1);
    private static final UUID SECOND = new UUID(1, 2);
    private static final UUID THIRD = new UUID(1, 3);

    private final LookRepository looks = mock();
    private final PotPaces paces = mock();
    private final Rounds rounds = spy(new Rounds(
            looks,
            mock(LooksKept.class),
            mock(PottingRepository.class),
            mock(PlaceOrderRepository.class),
            mock(PotWork.class),
            mock(PotDrying.class),
            paces,
            mock(Climate.class),
            mock(PottingBodies.class),
            Clock.systemUTC()));

    private static Rounds.Told told(final UUID pot) {
        return new Rounds.Told(UUID.randomUUID(), pot, Answer.WATERED, null, null, null);
    }

    private static PotPaces.Others others() {
        return new PotPaces.Others(Instant.EPOCH, Map.of(), new LikePots(List.of()));
    }

    private static Potting pot() {
        return mock();
    }

    @Test
    void potsAreTakenInOneOrderAndToldOfInTheirs() {
        final Rounds.Told third = told(THIRD);
        final Rounds.Told first = told(FIRST);
        final Rounds.Told second = told(SECOND);
        final Potting ofThird = pot();
        final Potting ofFirst = pot();
        final Potting ofSecond = pot();
        when(paces.others()).thenReturn(others());
        doReturn(ofThird).when(rounds).look(eq(third), any());
        doReturn(ofFirst).when(rounds).look(eq(first), any());
        doReturn(ofSecond).when(rounds).look(eq(second), any());

        assertThat(rounds.look(List.of(third, first, second))).containsExactly(ofThird, ofFirst, ofSecond);

        final InOrder order = inOrder(rounds);
        order.verify(rounds).look(eq(first), any());
        order.verify(rounds).look(eq(second), any());
        order.verify(rounds).look(eq(third), any());
    }

    @Test
    void takenBackTheyAreTakenInTheSameOrder() {
        final UUID atThird = new UUID(2, 1);
        final UUID atFirst = new UUID(2, 2);
        final List<Look> stored = List.of(look(atThird, THIRD), look(atFirst, FIRST));
        when(looks.findAllById(any())).thenReturn(stored);
        doReturn(pot()).when(rounds).takeBack(any(UUID.class));

        assertThat(rounds.takeBack(List.of(atThird, UUID.randomUUID(), atFirst)))
                .hasSize(2);

        final InOrder order = inOrder(rounds);
        order.verify(rounds).takeBack(atFirst);
        order.verify(rounds).takeBack(atThird);
    }

    private static Look look(final UUID id, final UUID pot) {
        final Look look = mock();
        when(look.id()).thenReturn(id);
        when(look.pottingId()).thenReturn(pot);
        return look;
    }
}
