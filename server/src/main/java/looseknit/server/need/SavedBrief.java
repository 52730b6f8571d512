package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A brief that is kept under a name, to start other blends from. */
@Entity
@Table(name = "saved_brief")
class SavedBrief {

    @Id
    private UUID id;

    private String name;

    @Convert(converter = BriefColumn.class)
    private BriefBody brief;

    @Column(name = "kept_at")
    private Instant keptAt;

    protected SavedBrief() {}

    /** {@link #become} sets the rest. */
    @SuppressWarnings("NullAway.Init")
    SavedBrief(final UUID id, final String name, final BriefBody brief, final Instant now) {
        this.id = id;
        become(name, brief, now);
    }

    void become(final String newName, final BriefBody newBrief, final Instant now) {
        this.name = newName;
        this.brief = newBrief;
        this.keptAt = now;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    BriefBody brief() {
        return brief;
    }
}
