package looseknit.server.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A material of the person's own. */
@Entity
@Table(name = "own_material")
final class StoredOwnMaterial {

    @Id
    private String id;

    @Version
    private long revision;

    @Convert(converter = OwnMaterialFactsColumn.class)
    private OwnMaterialFacts facts;

    @Column(name = "stored_at")
    private Instant storedAt;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    StoredOwnMaterial() {}

    StoredOwnMaterial(final String id, final OwnMaterialFacts facts, final Instant storedAt) {
        this.id = id;
        this.facts = facts;
        this.storedAt = storedAt;
    }

    String id() {
        return id;
    }

    long revision() {
        return revision;
    }

    OwnMaterialFacts facts() {
        return facts;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    boolean removed() {
        return removedAt != null;
    }

    void become(final OwnMaterialFacts other) {
        this.facts = other;
    }

    void remove(final @Nullable Instant at) {
        this.removedAt = at;
    }
}
