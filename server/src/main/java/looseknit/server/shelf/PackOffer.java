package looseknit.server.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A pack that can be bought. */
@Entity
@Table(name = "pack_offer")
final class PackOffer {

    @Id
    private UUID id;

    @Convert(converter = OfferColumn.class)
    private OfferFacts facts;

    @Column(name = "seq", insertable = false, updatable = false)
    private @Nullable Long seq;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    PackOffer() {}

    PackOffer(final UUID id, final OfferFacts facts) {
        this.id = id;
        this.facts = facts;
    }

    UUID id() {
        return id;
    }

    void become(final OfferFacts other) {
        this.facts = other;
    }

    void remove(final @Nullable Instant at) {
        this.removedAt = at;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    OfferFacts facts() {
        return facts;
    }
}
