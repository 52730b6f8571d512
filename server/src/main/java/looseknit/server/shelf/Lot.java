package looseknit.server.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import looseknit.server.store.ToldOnce;
import org.jspecify.annotations.Nullable;

/** A bag, bale or heap on the shelf. */
@Entity
@Table(name = "lot")
public final class Lot extends ToldOnce {

    @Version
    private long revision;

    @Convert(converter = LotColumn.class)
    private LotFacts facts;

    @Column(name = "stored_at")
    private Instant storedAt;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    Lot() {}

    Lot(final UUID id, final LotFacts facts, final Instant storedAt) {
        super(id);
        this.facts = facts;
        this.storedAt = storedAt;
    }

    public UUID id() {
        return getId();
    }

    public long revision() {
        return revision;
    }

    public LotFacts facts() {
        return facts;
    }

    public Instant storedAt() {
        return storedAt;
    }

    void become(final LotFacts other) {
        this.facts = other;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    void remove(final @Nullable Instant at) {
        this.removedAt = at;
    }
}
