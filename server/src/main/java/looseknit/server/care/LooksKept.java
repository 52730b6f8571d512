package looseknit.server.care;

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

    LooksKept(final LookRepository looks) {
        this.looks = looks;
    }

    @Override
    public List<Taken> at(final UUID pottingId) {
        return taken(lastAt(pottingId));
    }

    /** The last looks at a pot, as far as they have not faded; the newest first. */
    List<Look> lastAt(final UUID pottingId) {
        return looks.findByPottingIdOrderBySequenceDesc(pottingId, Limit.of(MOST));
    }

    /** What looks teach. */
    static List<Taken> taken(final List<Look> looks) {
        return looks.stream().limit(MOST).flatMap(look -> look.taken().stream()).toList();
    }
}
