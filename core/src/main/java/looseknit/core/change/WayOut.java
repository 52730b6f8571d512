package looseknit.core.change;

import java.util.Optional;
import looseknit.core.message.Message;

/**
 * A way out of a contradiction.
 *
 * @param change what would be changed; nothing if only the person can: place, plant, pot
 * @param words the way out in words, with what it brings
 */
public record WayOut(Optional<Change> change, Message words) {

    /** A way out that can be taken at once. */
    public static WayOut of(final Change change, final Message words) {
        return new WayOut(Optional.of(change), words);
    }

    /** A way out that only the person can take. */
    static WayOut advice(final ChangeSentence words) {
        return new WayOut(Optional.empty(), words.with());
    }
}
