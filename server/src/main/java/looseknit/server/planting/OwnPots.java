package looseknit.server.planting;

import static looseknit.core.measure.Require.text;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import looseknit.core.planting.PotForm;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Seen;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.TakenAway;
import looseknit.server.need.PotBody;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pots that somebody has, by their kinds. */
@Service
@Transactional
public class OwnPots implements TakenAway {

    private static final int LONGEST_NAME = 80;

    private final PotKinds kinds;
    private final Books books;
    private final Clock clock;

    OwnPots(final PotKinds kinds, final Books books, final Clock clock) {
        this.kinds = kinds;
        this.books = books;
        this.clock = clock;
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
        if (!kind.isNew() && !kind.is(checked, vessel, owned)) {
            Seen.check("kind of pot", revision, kind.revision(), () -> current.apply(kind));
        }
        kind.become(checked, vessel, owned);
        return kinds.saveAndFlush(kind);
    }

    /** Takes a kind of pot away so that it can be put back. */
    void remove(final UUID id) {
        final PotKind kind = stored(id);
        if (kind.removedAt() != null) {
            throw new NotThere("kind of pot");
        }
        kind.remove(clock.instant());
    }

    @Override
    public String kind() {
        return "pot-kinds";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return kinds.findByRemovedAtAfterOrderByRemovedAtDesc(moment).stream()
                .map(each -> Gone.of(each.getId(), each.name(), each.removedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        stored(UUID.fromString(id)).remove(null);
    }

    private PotKind stored(final UUID id) {
        return kinds.findById(id).orElseThrow(() -> new NotThere("kind of pot"));
    }
}
