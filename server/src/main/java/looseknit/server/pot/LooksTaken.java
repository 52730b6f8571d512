package looseknit.server.pot;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.care.Pace;

/** The looks at a pot as far as they teach how it dries; whoever keeps looks tells them. */
public interface LooksTaken {

    /**
     * A look that teaches.
     *
     * @param daysDry days since the watering before it
     * @param predictedDays days that were predicted then
     */
    record Taken(LocalDate on, long daysDry, double predictedDays, Pace.Found found) {}

    /** The last looks at a pot that teach something. */
    List<Taken> at(UUID pottingId);
}
