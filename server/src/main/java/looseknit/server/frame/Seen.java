package looseknit.server.frame;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The revision of something that somebody saw who changes it now. */
public final class Seen {

    private Seen() {}

    /**
     * Lets a change through if what it changes is what was seen.
     *
     * @param what what is changed, in words
     * @param seen the revision that was seen; null if none was, as if it were new
     * @param stands the revision that stands
     * @param current what stands now, for the choice
     * @throws StaleRevision if it has changed since
     */
    public static void check(
            final String what, final @Nullable Long seen, final long stands, final Supplier<?> current) {
        if (seen == null || seen != stands) {
            throw new StaleRevision(what, current.get());
        }
    }
}
