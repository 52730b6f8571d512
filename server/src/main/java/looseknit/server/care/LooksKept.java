package looseknit.server.care;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import looseknit.server.pot.LooksTaken;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** Tells the looks that are kept. */
@Component
class LooksKept implements LooksTaken {

    /** Looks before these have faded. */
    private static final int MOST = 150;

    private final LookRepository looks;
    private final EntityManager store;

    LooksKept(final LookRepository looks, final EntityManager store) {
        this.looks = looks;
        this.store = store;
    }

    @Override
    public List<Taken> at(final UUID pottingId) {
        return taken(lastAt(pottingId));
    }

    /** The last looks at a pot, as far as they have not faded; the newest first. */
    List<Look> lastAt(final UUID pottingId) {
        final List<Look> last = looks.findByPottingIdOrderBySequenceDesc(pottingId, Limit.of(MOST));
        // with each change all that is at hand is looked through for others: these never change
        last.forEach(store::detach);
        return last;
    }

    /** What looks teach. */
    static List<Taken> taken(final List<Look> looks) {
        return looks.stream().limit(MOST).flatMap(look -> look.taken().stream()).toList();
    }
}
