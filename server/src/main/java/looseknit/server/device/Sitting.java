package looseknit.server.device;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import looseknit.core.device.Sample;
import looseknit.core.device.SimulatedProbe;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A probe that was pushed into something at a moment. What it shows follows from the time since, so that it goes on whoever looks. */
@Entity
@Table(name = "probe_sitting")
class Sitting implements Persistable<UUID> {

    /** What a probe is pushed into. */
    enum Medium {
        BUFFER_SEVEN,
        BUFFER_FOUR,
        MIX
    }

    @Id
    private UUID id;

    @Enumerated(EnumType.STRING)
    private Medium medium;

    @Column(name = "batch_id")
    private @Nullable UUID batchId;

    @Column(name = "begun_at")
    private Instant begunAt;

    private double ph;
    private double water;
    private double holds;
    private double stones;

    /** What a buffer read when it was kept. */
    private @Nullable Double kept;

    @Transient
    private boolean stored;

    protected Sitting() {}

    Sitting(
            final UUID id,
            final Medium medium,
            final @Nullable UUID batchId,
            final Instant begunAt,
            final Sample sample) {
        this.id = id;
        this.medium = medium;
        this.batchId = batchId;
        this.begunAt = begunAt;
        this.ph = sample.ph();
        this.water = sample.water();
        this.holds = sample.holds();
        this.stones = sample.stones();
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void isStored() {
        stored = true;
    }

    Medium medium() {
        return medium;
    }

    @Nullable
    UUID batchId() {
        return batchId;
    }

    Instant begunAt() {
        return begunAt;
    }

    Sample sample() {
        return new Sample(ph, water, holds, stones);
    }

    SimulatedProbe probe() {
        return new SimulatedProbe(sample(), id.getLeastSignificantBits());
    }

    void keep(final double reading) {
        this.kept = reading;
    }

    @Nullable
    Double kept() {
        return kept;
    }
}
