package looseknit.server.exchange;

import java.io.Serial;

/** Why a file cannot be taken in, in a sentence. */
final class Unreadable extends IllegalArgumentException {

    @Serial
    private static final long serialVersionUID = 1;

    Unreadable(final String sentence) {
        super(sentence);
    }

    /** One row of a kind, and what is wrong with it. */
    static Unreadable among(final Kind kind, final String wrong) {
        return new Unreadable("Among the %s of the file is one that cannot be: %s.".formatted(kind.words(), wrong));
    }
}
