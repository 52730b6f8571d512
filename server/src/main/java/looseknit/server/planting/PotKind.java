package looseknit.server.planting;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import looseknit.server.store.ToldOnce;
import org.jspecify.annotations.Nullable;

/** Pots of one kind that somebody has: "my 14 cm clay, 22 of them". */
@Entity
@Table(name = "pot_kind")
final class PotKind extends ToldOnce {

    @Version
    private long revision;

    private String name;

    @Convert(converter = VesselColumn.class)
    private VesselFacts vessel;

    private int owned;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    PotKind() {}

    /** {@link #become} sets the rest. */
    @SuppressWarnings("NullAway.Init")
    PotKind(final UUID id, final String name, final VesselFacts vessel, final int owned) {
        super(id);
        become(name, vessel, owned);
    }

    void become(final String otherName, final VesselFacts otherVessel, final int otherOwned) {
        this.name = otherName;
        this.vessel = otherVessel;
        this.owned = otherOwned;
        this.removedAt = null;
    }

    boolean is(final String otherName, final VesselFacts otherVessel, final int otherOwned) {
        return removedAt == null && name.equals(otherName) && vessel.equals(otherVessel) && owned == otherOwned;
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

    String name() {
        return name;
    }

    VesselFacts vessel() {
        return vessel;
    }

    int owned() {
        return owned;
    }
}
