package looseknit.server.exchange;

import java.io.Serial;

/** Why a file cannot be taken in, in a sentence. */
final class Unreadable extends IllegalArgumentException {

    @Serial
    private static final long serialVersionUID = 1;

    Unreadable(final String sentence) {
        super(sentence);
    }
}
