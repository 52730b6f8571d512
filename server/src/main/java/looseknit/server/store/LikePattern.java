package looseknit.server.store;

import java.util.Locale;

/** Patterns for a query's {@code like ... escape '!'}. */
public final class LikePattern {

    private LikePattern() {}

    /** What a lower-cased text is like that has another anywhere in it; {@code !} stands before what is meant as it is. */
    public static String anywhere(final String text) {
        return "%" + text.strip().toLowerCase(Locale.ROOT).replaceAll("([!%_])", "!$1") + "%";
    }
}
