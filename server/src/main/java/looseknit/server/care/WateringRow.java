package looseknit.server.care;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A watering and the one before it. */
record WateringRow(UUID pottingId, @Nullable String placeName, LocalDate before, LocalDate on) {

    private static final long MOST_DAYS = 400;

    /** Days between the two. */
    long days() {
        return Math.max(0, Math.min(MOST_DAYS, ChronoUnit.DAYS.between(before, on)));
    }
}
