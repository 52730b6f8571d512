package looseknit.server.care;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** A full watering that followed on a full one. */
record Watering(LocalDate before, LocalDate on) {

    private static final long MOST_DAYS = 400;

    /** Days between the two. */
    int days() {
        return (int) Math.max(0, Math.min(MOST_DAYS, ChronoUnit.DAYS.between(before, on)));
    }
}
