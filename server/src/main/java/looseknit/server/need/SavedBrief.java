package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A brief that is kept under a name, to start other blends from. */
@Entity
@Table(name = "saved_brief")
final class SavedBrief {

    @Id
    private UUID id;

    @Version
    private long revision;

    private String name;

    @Convert(converter = BriefColumn.class)
    private BriefBody brief;

    @Column(name = "kept_at")
    private Instant keptAt;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    SavedBrief() {}

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
        this.removedAt = null;
    }

    boolean is(final String otherName, final BriefBody other) {
        return removedAt == null && name.equals(otherName) && brief.equals(other);
    }

    void remove(final @Nullable Instant at) {
        this.removedAt = at;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    long revision() {
        return revision;
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
