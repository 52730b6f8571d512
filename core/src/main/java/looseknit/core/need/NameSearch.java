package looseknit.core.need;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import looseknit.core.material.NameWords;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/** Finds things by name although the name was mistyped, half typed, or typed without its accents. */
public final class NameSearch {

    private static final JaroWinklerSimilarity SIMILARITY = new JaroWinklerSimilarity();

    /** A name that begins with what was typed beats one that only resembles it, and one that holds it comes between. */
    private static final double BEGINS = 2;

    private static final double HOLDS = 1.5;

    private NameSearch() {}

    /** The things with the closest names, best first. */
    public static <T> List<T> closest(
            final String typed, final List<T> things, final Function<T, List<String>> names, final int howMany) {
        final String wanted = NameWords.folded(typed);
        return things.stream()
                .map(thing -> new Scored<>(
                        thing,
                        names.apply(thing).stream()
                                .mapToDouble(name -> score(wanted, NameWords.folded(name)))
                                .max()
                                .orElse(0)))
                .sorted(Comparator.comparingDouble((Scored<T> scored) -> -scored.score()))
                .limit(howMany)
                .map(Scored::thing)
                .toList();
    }

    private record Scored<T>(T thing, double score) {}

    private static double score(final String wanted, final String name) {
        double best = SIMILARITY.apply(wanted, name);
        for (final String word : name.split(" ")) {
            best = Math.max(best, 0.98 * SIMILARITY.apply(wanted, word));
        }
        if (name.startsWith(wanted)) {
            return BEGINS + best;
        }
        return name.contains(wanted) ? HOLDS + best : best;
    }
}
