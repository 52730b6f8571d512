package looseknit.server.exchange;

import java.nio.file.Path;
import java.util.UUID;
import looseknit.server.job.LookedThrough;
import org.jspecify.annotations.Nullable;

/** A file of everything that came in. */
final class Incoming extends LookedThrough {

    private final UUID id;
    private final Path folder;
    private volatile Merge.@Nullable Found found;

    Incoming(final UUID id, final Path folder) {
        super(id.toString());
        this.id = id;
        this.folder = folder;
    }

    UUID id() {
        return id;
    }

    /** Where it lies while it is looked through. */
    Path folder() {
        return folder;
    }

    /** What it would change, or has changed; null as long as nobody knows. */
    Merge.@Nullable Found found() {
        return found;
    }

    void found(final Merge.Found what) {
        this.found = what;
    }
}
