package looseknit.server.frame;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A kind of things that are only laid aside when somebody takes them away, and can be put back. */
public interface TakenAway {

    /**
     * Something that was taken away.
     *
     * @param id its id within its kind
     * @param name what it is called
     * @param at when it was taken away
     */
    record Gone(String id, String name, Instant at) {

        /**
         * The same of a row that is known to have been taken away.
         *
         * @throws NullPointerException if it has not
         */
        public static Gone of(final Object id, final String name, final @Nullable Instant at) {
            return new Gone(id.toString(), name, Objects.requireNonNull(at, "it is there"));
        }
    }

    /** The kind, in an address. */
    String kind();

    /** What was taken away after a moment, the last first. */
    List<Gone> since(Instant moment);

    /**
     * Puts something back, with all that hangs on it.
     *
     * @throws NotThere if there is no such thing
     */
    void putBack(String id);
}
