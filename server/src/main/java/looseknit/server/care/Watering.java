package looseknit.server.care;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** A look, and the watering before it. */
record Watering(LocalDate before, LocalDate on) {

    /** Longer ago nothing is learnt of [d]. */
    private static final long MOST_DAYS = 400;

    /** Days between the two, up to those of which something is learnt. */
    int days() {
        return (int) Math.max(0, Math.min(MOST_DAYS, ChronoUnit.DAYS.between(before, on)));
    }
}
