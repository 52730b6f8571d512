package looseknit.server.planting;

import static looseknit.core.measure.Require.text;

import java.util.UUID;
import java.util.function.Function;
import looseknit.core.planting.PotForm;
import looseknit.server.frame.Books;
import looseknit.server.frame.StaleRevision;
import looseknit.server.need.PotBody;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pots that somebody has, by their kinds. */
@Service
@Transactional
public class OwnPots {

    private static final int LONGEST_NAME = 80;

    private final PotKinds kinds;
    private final Books books;

    OwnPots(final PotKinds kinds, final Books books) {
        this.kinds = kinds;
        this.books = books;
    }

    /** Keeps a kind of pot as new. */
    public void add(final UUID id, final String name, final PotForm form, final PotBody pot, final int owned) {
        keep(id, name, new VesselFacts(form, pot), owned, null, kind -> kind);
    }

    /**
     * Keeps a kind of pot, new or changed.
     *
     * @param revision the revision that was seen; null for a new one
     * @throws StaleRevision if it has changed since
     */
    PotKind keep(
            final UUID id,
            final String name,
            final VesselFacts vessel,
            final int owned,
            final @Nullable Long revision,
            final Function<PotKind, Object> current) {
        vessel.pot().toCore(books);
        final String checked = text("name", name, LONGEST_NAME);
        final PotKind kind = kinds.findById(id).orElseGet(() -> new PotKind(id, checked, vessel, owned));
        if (revision != null && !kind.isNew() && revision != kind.revision()) {
            throw new StaleRevision("kind of pot", current.apply(kind));
        }
        kind.become(checked, vessel, owned);
        return kinds.saveAndFlush(kind);
    }
}
