package looseknit.server.house;

import java.io.Serial;

/** Why the server cannot start, in a sentence, and the way out of it. */
public final class CannotStart extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1;

    private final String wayOut;

    public CannotStart(final String what, final String wayOut) {
        super(what);
        this.wayOut = wayOut;
    }

    /** What to do about it. */
    public String wayOut() {
        return wayOut;
    }
}
