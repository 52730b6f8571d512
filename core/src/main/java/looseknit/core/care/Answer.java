package looseknit.core.care;

import java.util.Optional;
import looseknit.core.care.Pace.Found;
import org.jspecify.annotations.Nullable;

/** What is answered at a look: what was found, and whether it got water. */
public enum Answer {
    /** It wanted water and was watered through. */
    WATERED(Found.WANTED_WATER, true),
    /** It wanted water and got a little. */
    WATERED_LIGHTLY(Found.WANTED_WATER, true),
    STILL_MOIST(Found.STILL_MOIST, false),
    /** It was dry all through, and was watered. */
    BONE_DRY(Found.BONE_DRY, true),
    /** Far too wet still. */
    SOAKING(Found.SOAKING, false),
    /** Nobody looked; it comes again the next day. */
    SKIPPED(null, false);

    private final Optional<Found> found;
    private final boolean waters;

    Answer(final @Nullable Found found, final boolean waters) {
        this.found = Optional.ofNullable(found);
        this.waters = waters;
    }

    /** What it says of how fast the pot dries; nothing where nobody looked. */
    public Optional<Found> found() {
        return found;
    }

    /** Whether the plant was watered. */
    public boolean waters() {
        return waters;
    }

    /** Whether the plant was watered through, so that it counts from then on how long the water lasts. */
    public boolean watersThrough() {
        return waters && this != WATERED_LIGHTLY;
    }
}
