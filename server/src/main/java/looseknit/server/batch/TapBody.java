package looseknit.server.batch;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import looseknit.server.batch.BatchTap.Kind;
import org.jspecify.annotations.Nullable;

/**
 * Something that was done for a batch; the id is made by the caller, so that a tap that is sent again counts once.
 *
 * @param load the load that it was for
 * @param thingId material, amendment or key of a preparation that it was about
 * @param amount scoops of a material in quarters, grams of an amendment, or minutes of a wait
 * @param insteadOf the material of the sheet that another was used for
 * @param undoes the tap that is taken back
 */
record TapBody(
        @NotNull UUID id,
        @NotNull Kind kind,
        @Nullable Integer load,
        @Size(max = 140) @Nullable String thingId,
        @Nullable Double amount,
        @Size(max = 140) @Nullable String insteadOf,
        @Nullable UUID undoes) {

    int loadOrFirst() {
        return load == null ? 1 : load;
    }

    String thingOrNone() {
        return thingId == null ? "" : thingId;
    }

    double amountOrNone() {
        return amount == null ? 0 : amount;
    }
}
