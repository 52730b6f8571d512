package looseknit.server.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A bag, bale or heap on the shelf. */
@Entity
@Table(name = "lot")
public class Lot {

    @Id
    private UUID id;

    @Version
    private long revision;

    @Convert(converter = LotColumn.class)
    private LotFacts facts;

    @Column(name = "stored_at")
    private Instant storedAt;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    protected Lot() {}

    Lot(final UUID id, final LotFacts facts, final Instant storedAt) {
        this.id = id;
        this.facts = facts;
        this.storedAt = storedAt;
    }

    public UUID id() {
        return id;
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

    void remove(final @Nullable Instant at) {
        this.removedAt = at;
    }
}
