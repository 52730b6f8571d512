package looseknit.server.table;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

/** What is known of a file while it is read: how often things that say the same stand in it, for two bags alike are two bags, wherever they stand. */
public final class Occurrences {

    private final Map<String, Integer> seen = new HashMap<>();
    private final Map<Class<?>, Object> known = new HashMap<>();

    /** What is looked up once for a file. */
    public <T> T once(final Class<T> what, final Supplier<T> look) {
        return what.cast(known.computeIfAbsent(what, any -> look.get()));
    }

    /** Which of those that say the same this is, from 1 on. */
    public int next(final String identity) {
        return seen.merge(identity, 1, Integer::sum);
    }
}
