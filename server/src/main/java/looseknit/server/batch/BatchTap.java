package looseknit.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import looseknit.core.batch.Tap;
import looseknit.server.store.ToldOnce;
import org.jspecify.annotations.Nullable;

/** Something that was done for a batch, as it was told. Never changed: what was wrong is taken back by another. */
@Entity
@Table(name = "batch_tap")
final class BatchTap extends ToldOnce {

    /** What was done. */
    enum Kind {
        SCOOPED,
        WEIGHED,
        RAN_OUT,
        STOPPED,
        UNDONE,
        /** Something of the preparation is done. */
        TICKED,
        /** A wait of the preparation has begun; its amount is minutes. */
        BEGUN
    }

    @Column(name = "batch_id")
    private UUID batchId;

    private long number;

    @Column(name = "told_at")
    private Instant toldAt;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    @Column(name = "load_number")
    private int load;

    @Column(name = "thing_id")
    private String thingId;

    private double amount;

    @Column(name = "instead_of")
    private @Nullable String insteadOf;

    private @Nullable UUID undoes;

    BatchTap() {}

    BatchTap(final UUID id, final UUID batchId, final long number, final Instant toldAt, final TapBody body) {
        super(id);
        this.batchId = batchId;
        this.number = number;
        this.toldAt = toldAt;
        this.kind = body.kind();
        this.load = body.loadOrFirst();
        this.thingId = body.thingOrNone();
        this.amount = body.amountOrNone();
        this.insteadOf = body.insteadOf();
        this.undoes = body.undoes();
    }

    /** Its place among the taps of its batch, from 1. */
    long number() {
        return number;
    }

    Instant toldAt() {
        return toldAt;
    }

    Kind kind() {
        return kind;
    }

    String thingId() {
        return thingId;
    }

    double amount() {
        return amount;
    }

    /** The tap as the core understands it; nothing for what is only ticked off. */
    Stream<Tap> toCore() {
        return switch (kind) {
            case SCOOPED -> Stream.of(new Tap.Scooped(getId(), load, thingId, amount, Optional.ofNullable(insteadOf)));
            case WEIGHED -> Stream.of(new Tap.Weighed(getId(), load, thingId, amount));
            case RAN_OUT -> Stream.of(new Tap.RanOut(getId(), load, thingId));
            case STOPPED -> Stream.of(new Tap.Stopped(getId()));
            case UNDONE -> undoes == null ? Stream.empty() : Stream.of(new Tap.Undone(getId(), undoes));
            case TICKED, BEGUN -> Stream.empty();
        };
    }

    /** Those of a kind that stand: none that was taken back. */
    static Stream<BatchTap> standing(final List<BatchTap> told, final Kind kind) {
        return told.stream()
                .filter(tap -> tap.kind() == kind)
                .filter(tap -> told.stream().noneMatch(other -> tap.getId().equals(other.undoes())));
    }

    /** What it takes back, if it does. */
    @Nullable
    UUID undoes() {
        return undoes;
    }
}
