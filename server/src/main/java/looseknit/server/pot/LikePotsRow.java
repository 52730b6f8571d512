package looseknit.server.pot;

import java.util.Optional;
import java.util.UUID;
import looseknit.core.care.LikePots;
import looseknit.core.care.Pace;
import looseknit.core.measure.Estimate;
import org.jspecify.annotations.Nullable;

/** What a pot has taught by its own looks, and what it may have in common with others. */
record LikePotsRow(
        UUID id,
        @Nullable String placeName,
        UUID blendId,
        @Nullable String wall,
        double predictedDays,
        double predictedSdDays,
        double pace,
        double logSd,
        int looks) {

    /** As the core understands it. */
    LikePots.Taught taught() {
        return new LikePots.Taught(
                kind(placeName, blendId, wall),
                Pace.Prior.of(new Estimate(predictedDays, predictedSdDays)),
                new Pace(pace, logSd, looks, 0));
    }

    static LikePots.Kind kind(final @Nullable String placeName, final UUID blendId, final @Nullable String wall) {
        return new LikePots.Kind(
                Optional.ofNullable(placeName), Optional.of(blendId.toString()), Optional.ofNullable(wall));
    }
}
