package looseknit.server.frame;

import org.jspecify.annotations.Nullable;

/** What a person gave in a field that may stay empty. */
public final class Given {

    private Given() {}

    /** Words without the blanks around them; null if there are none, so that an empty field and a field that was left out say the same. */
    public static @Nullable String words(final @Nullable String told) {
        return told == null || told.isBlank() ? null : told.strip();
    }
}
