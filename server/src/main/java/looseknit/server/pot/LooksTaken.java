package looseknit.server.pot;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.care.Pace;
import org.jspecify.annotations.Nullable;

/** The looks at a pot as far as they teach how it dries; whoever keeps looks tells them. */
public interface LooksTaken {

    /**
     * A look that teaches.
     *
     * @param daysDry usual days since the watering before it
     * @param predictedDays days that were predicted then
     * @param scale what a scale said; null where there was none
     */
    record Taken(
            LocalDate on,
            double daysDry,
            double predictedDays,
            Pace.Found found,
            @Nullable Scaled scale) {

        /** As the core understands it; a scale says more than a finger. */
        Pace.Evidence toCore(final int weeksAgo, final boolean stoodElsewhere) {
            return scale == null
                    ? new Pace.Seen(daysDry, predictedDays, found, weeksAgo, stoodElsewhere)
                    : new Pace.Weighed(daysDry, scale.days(), scale.gone(), weeksAgo, stoodElsewhere);
        }
    }

    /**
     * What a scale said.
     *
     * @param days days after which the pot was reckoned to weigh so much
     * @param gone share of its water that is gone by its weight
     */
    record Scaled(double days, double gone) {}

    /** The last looks at a pot that teach something. */
    List<Taken> at(UUID pottingId);
}
