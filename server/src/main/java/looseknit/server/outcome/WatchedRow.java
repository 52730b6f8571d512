package looseknit.server.outcome;

import java.time.LocalDate;
import java.util.UUID;
import looseknit.server.pot.Potting;
import org.jspecify.annotations.Nullable;

/** A plant in a pot, as far as it is compared with others. */
record WatchedRow(
        UUID id,
        String label,
        LocalDate pottedOn,
        Potting.State state,
        double pace,
        int paceLooks,
        @Nullable String placeName,
        @Nullable String plantId,
        @Nullable String wall,
        String lot,
        UUID blendId,
        String blendName) {}
