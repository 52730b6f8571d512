package looseknit.server.batch;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import looseknit.server.batch.BinEvent.Kind;
import org.jspecify.annotations.Nullable;

/**
 * Something that is done with a mixed batch; the id is made by the caller, so that it counts once however often it is sent.
 *
 * @param on the day; today if nothing is said
 * @param thingId material that is added, or amendment
 * @param amount loose litres of a material, grams of an amendment, or settled litres of the mix
 * @param reason why it is thrown away
 * @param otherBatchId the batch that it is mixed into, or a new id for the one that is split off
 * @param undoes the step that is taken back: the last that stands
 */
record BinEventBody(
        @NotNull UUID id,
        @NotNull Kind kind,
        @Nullable LocalDate on,
        @Size(max = 140) @Nullable String thingId,
        @Nullable Double amount,
        @Size(max = 200) @Nullable String reason,
        @Nullable UUID otherBatchId,
        @Nullable UUID undoes) {

    String thingOrNone() {
        return thingId == null ? "" : thingId;
    }

    double amountOrNone() {
        return amount == null ? 0 : amount;
    }

    String reasonOrNone() {
        return reason == null ? "" : reason.strip();
    }
}
