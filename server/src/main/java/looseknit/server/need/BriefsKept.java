package looseknit.server.need;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.TakenAway;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Briefs that are taken away and put back. */
@Service
@Transactional
class BriefsKept implements TakenAway {

    private final SavedBriefs briefs;
    private final Clock clock;

    BriefsKept(final SavedBriefs briefs, final Clock clock) {
        this.briefs = briefs;
        this.clock = clock;
    }

    void remove(final UUID id) {
        briefs.findById(id)
                .filter(brief -> brief.removedAt() == null)
                .orElseThrow(() -> new NotThere("brief"))
                .remove(clock.instant());
    }

    @Override
    public String kind() {
        return "briefs";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return briefs.findByRemovedAtAfterOrderByRemovedAtDesc(moment).stream()
                .map(each -> Gone.of(each.id(), each.name(), each.removedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        briefs.findById(UUID.fromString(id))
                .orElseThrow(() -> new NotThere("brief"))
                .remove(null);
    }
}
