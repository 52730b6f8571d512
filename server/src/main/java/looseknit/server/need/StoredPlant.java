package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A plant of the person's own. */
@Entity
@Table(name = "own_plant")
final class StoredPlant {

    @Id
    private String id;

    @Version
    private long revision;

    @Convert(converter = OwnPlantColumn.class)
    private OwnPlantBody facts;

    @Column(name = "stored_at")
    private Instant storedAt;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    StoredPlant() {}

    StoredPlant(final String id, final OwnPlantBody facts, final Instant storedAt) {
        this.id = id;
        this.facts = facts;
        this.storedAt = storedAt;
    }

    String id() {
        return id;
    }

    OwnPlantBody facts() {
        return facts;
    }

    long revision() {
        return revision;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    boolean removed() {
        return removedAt != null;
    }

    void become(final OwnPlantBody other) {
        this.facts = other;
        this.removedAt = null;
    }

    void remove(final @Nullable Instant at) {
        this.removedAt = at;
    }
}
