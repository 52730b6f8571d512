package looseknit.server.care;

import java.time.LocalDate;
import java.util.UUID;
import looseknit.core.care.Answer;

/**
 * What is counted of a look.
 *
 * @param sequence its place in the order in which all were stored
 */
record LookRow(UUID pottingId, long sequence, LocalDate on, Answer answer, LocalDate before, boolean beforeLightly) {

    /** Whether it tells how long a full watering lasts. */
    boolean isFullWatering() {
        return !beforeLightly && answer.watersThrough();
    }
}
