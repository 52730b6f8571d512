package looseknit.server.pot;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what happened to pots on days gone by, for whoever fills a store with a history. */
@Service
@Transactional
public class PotStory {

    private final PotWork work;

    PotStory(final PotWork work) {
        this.work = work;
    }

    /** It was fed [g]. */
    public void fed(final UUID pot, final LocalDate day, final String with, final @Nullable Double grams) {
        tell(pot, PotEvent.Kind.FED, day, with, grams);
    }

    /** Something was seen. */
    public void noted(final UUID pot, final LocalDate day, final String words) {
        tell(pot, PotEvent.Kind.NOTED, day, words, null);
    }

    /** It was topped up [L]. */
    public void toppedUp(final UUID pot, final LocalDate day, final @Nullable Double litres) {
        tell(pot, PotEvent.Kind.TOPPED_UP, day, "", litres);
    }

    /** It was lent. */
    public void lent(final UUID pot, final LocalDate day, final String whom) {
        tell(pot, PotEvent.Kind.LENT, day, whom, null);
    }

    /** It died. */
    public void lost(final UUID pot, final LocalDate day, final String cause) {
        tell(pot, PotEvent.Kind.LOST, day, cause, null);
    }

    /** How it did. */
    public void does(final UUID pot, final PotEvent.Kind how, final LocalDate day, final String words) {
        tell(pot, how, day, words, null);
    }

    private void tell(
            final UUID pot,
            final PotEvent.Kind kind,
            final LocalDate day,
            final String words,
            final @Nullable Double amount) {
        work.tell(pot, new PotWork.Told(UUID.randomUUID(), kind, day, words, amount, null));
    }
}
