package looseknit.server.shelf;

import java.util.HashMap;
import java.util.Map;

/** How often things that say the same stand in a file: two bags alike are two bags, wherever in the file they stand. */
final class Occurrences {

    private final Map<String, Integer> seen = new HashMap<>();

    /** Which of those that say the same this is, from 1 on. */
    int next(final String identity) {
        return seen.merge(identity, 1, Integer::sum);
    }
}
