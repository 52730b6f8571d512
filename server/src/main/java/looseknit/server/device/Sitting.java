package looseknit.server.device;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import looseknit.core.device.Sample;
import looseknit.core.device.SimulatedProbe;
import looseknit.server.store.ToldOnce;
import org.jspecify.annotations.Nullable;

/** A probe that was pushed into something at a moment. What it shows follows from the time since, so that it goes on whoever looks. */
@Entity
@Table(name = "probe_sitting")
final class Sitting extends ToldOnce {

    /** What a probe is pushed into. */
    enum Medium {
        BUFFER_SEVEN,
        BUFFER_FOUR,
        MIX
    }

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

    Sitting() {}

    Sitting(
            final UUID id,
            final Medium medium,
            final @Nullable UUID batchId,
            final Instant begunAt,
            final Sample sample) {
        super(id);
        this.medium = medium;
        this.batchId = batchId;
        this.begunAt = begunAt;
        this.ph = sample.ph();
        this.water = sample.water();
        this.holds = sample.holds();
        this.stones = sample.stones();
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
        return new SimulatedProbe(sample(), getId().getLeastSignificantBits());
    }

    void keep(final double reading) {
        this.kept = reading;
    }

    @Nullable
    Double kept() {
        return kept;
    }
}
