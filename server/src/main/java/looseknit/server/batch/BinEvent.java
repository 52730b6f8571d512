package looseknit.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import looseknit.server.store.ToldOnce;
import org.jspecify.annotations.Nullable;

/** Something that was done with a batch once it was mixed. Never changed: what was wrong is taken back by another. */
@Entity
@Table(name = "bin_event")
final class BinEvent extends ToldOnce {

    /** What was done. */
    enum Kind {
        /** More of a material went in; loose litres. */
        ADDED,
        /** A dose went in; grams. */
        DOSED,
        /** Pots were filled; settled litres. */
        POTTED,
        /** Some was thrown away, with a reason; settled litres. */
        THROWN,
        /** Some became a batch of its own; settled litres. */
        SPLIT,
        /** Some was mixed into another batch; settled litres. */
        MOVED,
        /** Some of another batch was mixed in; its litres as settled there. */
        JOINED,
        /** Some went to the shelf as a material of its own; settled litres. */
        SHELVED,
        UNDONE;

        /** Whether it takes settled mix out. */
        boolean takes() {
            return this == POTTED || this == THROWN || this == SPLIT || this == MOVED || this == SHELVED;
        }
    }

    @Column(name = "batch_id")
    private UUID batchId;

    private long number;

    @Column(name = "told_at")
    private Instant toldAt;

    @Column(name = "happened_on")
    private LocalDate happenedOn;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    @Column(name = "thing_id")
    private String thingId;

    private double amount;

    private String reason;

    @Column(name = "other_batch_id")
    private @Nullable UUID otherBatchId;

    @Convert(converter = ContentColumn.class)
    private @Nullable BinContent content;

    private @Nullable UUID undoes;

    BinEvent() {}

    /**
     * What is told.
     *
     * @param thing material or amendment; empty for what is about the mix
     * @param amount loose litres, grams or settled litres, as its kind says
     * @param other the other batch, if there is one
     * @param content what was in what came in or went, if another batch has it
     * @param undoes what is taken back
     */
    record Told(
            UUID id,
            Kind kind,
            LocalDate on,
            String thing,
            double amount,
            String reason,
            @Nullable UUID other,
            @Nullable BinContent content,
            @Nullable UUID undoes) {}

    BinEvent(final UUID batchId, final long number, final Instant toldAt, final Told told) {
        super(told.id());
        this.batchId = batchId;
        this.number = number;
        this.toldAt = toldAt;
        this.happenedOn = told.on();
        this.kind = told.kind();
        this.thingId = told.thing();
        this.amount = told.amount();
        this.reason = told.reason();
        this.otherBatchId = told.other();
        this.content = told.content();
        this.undoes = told.undoes();
    }

    UUID batchId() {
        return batchId;
    }

    long number() {
        return number;
    }

    LocalDate happenedOn() {
        return happenedOn;
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

    String reason() {
        return reason;
    }

    @Nullable
    UUID otherBatchId() {
        return otherBatchId;
    }

    @Nullable
    BinContent content() {
        return content;
    }

    @Nullable
    UUID undoes() {
        return undoes;
    }
}
