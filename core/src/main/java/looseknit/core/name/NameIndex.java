package looseknit.core.name;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Finds things by any of their names: exactly, by the start of a word, by the genus, by other and former names, then with typing errors. What is
 * not alike is not found. Words that no name has are set aside, as those of garden varieties; if they are known from other names, what is
 * left is only offered as what may be meant.
 *
 * @param <T> what is named
 */
public final class NameIndex<T> {

    /** Typed words beyond so many are not looked at. */
    private static final int MOST_WORDS = 8;

    /** Words that do not tell one plant from another. */
    private static final Set<String> SAYING_LITTLE = Set.of(
            "plant",
            "flower",
            "tree",
            "vine",
            "bush",
            "shrub",
            "leaf",
            "kind",
            "unknown",
            "species",
            "hybrid",
            "common",
            "dwarf",
            "giant",
            "mini",
            "indoor",
            "house",
            "garden",
            "potted",
            "red",
            "white",
            "pink",
            "blue",
            "yellow",
            "black",
            "green",
            "golden",
            "silver",
            "purple",
            "variegated",
            "new",
            "old");

    /** Cost of a word that is only begun, of one that is mistyped, and of one that is missing. */
    private static final int BEGUN = 1;

    private static final int MISTYPED = 2;
    private static final int MISSING = 99;

    /** What costs a name that has more words than were typed, and one whose last word, which says what it is, was not typed. */
    private static final double WORD_TOO_MANY = 1;

    private static final double NOT_ITS_HEAD = 4;

    /** What a mistyped name costs for each edit, and what each further word of what may be meant makes up for; all by judgement. */
    private static final double EDIT = 6;

    private static final double WORD_MORE = 10;

    private final List<Name<T>> names = new ArrayList<>();
    private final TreeMap<String, Integer> vocabulary = new TreeMap<>();

    /** In what way a thing was found, the surest first. */
    public enum How {
        WHOLE(0),
        WHOLE_OTHER(10),
        NAME(20),
        WHOLE_BEGUN(25),
        NAME_BEGUN(30),
        GENUS(40),
        OTHER(50),
        OTHER_BEGUN(60),
        MISTYPED(80),
        /** Part of what was typed fits, the rest is known from other names: it may be meant, or not. */
        PERHAPS(100);

        private final int cost;

        How(final int cost) {
            this.cost = cost;
        }
    }

    /**
     * The names of a thing.
     *
     * @param name what it is mainly called
     * @param botanical its botanical name, genus first; empty if it has none
     * @param others other and former names
     */
    public record Names(String name, String botanical, Collection<String> others) {

        public Names {
            others = List.copyOf(others);
        }

        /** The names of what only has one. */
        public static Names of(final String name) {
            return new Names(name, "", List.of());
        }
    }

    /**
     * A thing that was found.
     *
     * @param matched the name by which it was
     * @param cost how far the name is from what was typed; only to be compared
     */
    public record Hit<T>(T thing, How how, String matched, double cost) {}

    /**
     * What was found.
     *
     * @param hits best first
     * @param aside typed words that no name has
     */
    public record Found<T>(List<Hit<T>> hits, List<String> aside) {

        public Found {
            hits = List.copyOf(hits);
            aside = List.copyOf(aside);
        }

        /** The best of several: what was found in the surest way comes alone. */
        public static <T> Found<T> best(final Collection<Found<T>> all, final int most) {
            final int surest = all.stream().mapToInt(Found::doubt).min().orElse(0);
            final List<Found<T>> kept =
                    all.stream().filter(each -> each.doubt() == surest).toList();
            return new Found<>(
                    kept.stream()
                            .flatMap(each -> each.hits.stream())
                            .sorted(Comparator.comparingDouble(Hit::cost))
                            .limit(most)
                            .toList(),
                    kept.stream().findFirst().map(Found::aside).orElse(List.of()));
        }

        /** From all that was typed, over typing errors and words set aside, to what only may be meant, and nothing. */
        private int doubt() {
            if (hits.isEmpty()) {
                return 4;
            }
            final How how = hits.get(0).how();
            if (how == How.PERHAPS) {
                return 3;
            }
            return aside.isEmpty() ? how == How.MISTYPED ? 1 : 0 : 2;
        }

        /** Whether the first is what was typed, not only like it. */
        public boolean sure() {
            return !hits.isEmpty() && hits.get(0).how().compareTo(How.MISTYPED) < 0;
        }
    }

    private enum Sort {
        MAIN,
        BOTANICAL,
        OTHER
    }

    private record Name<T>(T thing, int place, Sort sort, String text, int[] words, int[] pairs) {}

    private record Scored<T>(Hit<T> hit, int place, int head) {}

    /**
     * @param things what can be found, the commoner first: it wins where names tie
     * @param names their names
     */
    public NameIndex(final Collection<? extends T> things, final Function<? super T, Names> names) {
        int place = 0;
        for (final T thing : things) {
            final Names of = names.apply(thing);
            add(thing, place, Sort.MAIN, of.name());
            if (!of.botanical().isEmpty()) {
                add(thing, place, Sort.BOTANICAL, of.botanical());
            }
            for (final String other : of.others()) {
                add(thing, place, Sort.OTHER, other);
            }
            place++;
        }
    }

    private NameIndex() {}

    /** The same names for what stands for the things. */
    public <V> NameIndex<V> map(final Function<? super T, ? extends V> other) {
        final NameIndex<V> mapped = new NameIndex<>();
        names.forEach(name -> mapped.names.add(
                new Name<>(other.apply(name.thing), name.place, name.sort, name.text, name.words, name.pairs)));
        mapped.vocabulary.putAll(vocabulary);
        return mapped;
    }

    private void add(final T thing, final int place, final Sort sort, final String text) {
        final List<String> words = NameWords.of(text);
        if (!words.isEmpty()) {
            names.add(new Name<>(thing, place, sort, text, numbers(words.stream()), numbers(pairs(words))));
        }
    }

    private int[] numbers(final Stream<String> words) {
        return words.mapToInt(word -> vocabulary.computeIfAbsent(word, each -> vocabulary.size()))
                .toArray();
    }

    /** Neighbouring words written as one: "cheeseplant". */
    private static Stream<String> pairs(final List<String> words) {
        return IntStream.range(1, words.size()).mapToObj(i -> words.get(i - 1) + words.get(i));
    }

    /** What fits a typed name, best first; each thing once, by its best name. */
    public Found<T> search(final String typed, final int most) {
        final List<String> words = NameWords.of(NameWords.withoutVariety(typed)).stream()
                .limit(MOST_WORDS)
                .toList();
        if (words.isEmpty()) {
            return new Found<>(List.of(), List.of());
        }
        List<Hit<T>> fitting = ranked(words, costs(words, false), most);
        for (int i = 1; i < words.size() && fitting.isEmpty(); i++) {
            final List<String> joined = joined(words, i);
            fitting = ranked(joined, costs(joined, false), most);
        }
        if (!fitting.isEmpty()) {
            return new Found<>(fitting, List.of());
        }
        final int[][] forgiving = costs(words, true);
        final List<Hit<T>> mistyped = ranked(words, forgiving, most);
        return mistyped.isEmpty() ? partly(words, forgiving, most) : new Found<>(mistyped, List.of());
    }

    /** Two neighbouring words written as one: "maiden hair" is maidenhair. */
    private static List<String> joined(final List<String> words, final int second) {
        final List<String> joined = new ArrayList<>(words);
        joined.set(second - 1, words.get(second - 1) + joined.remove(second));
        return joined;
    }

    /** Without the words that no name has; or, if all are known, what has the most of them. */
    private Found<T> partly(final List<String> words, final int[][] costs, final int most) {
        final List<Integer> known = IntStream.range(0, words.size())
                .filter(i -> IntStream.of(costs[i]).anyMatch(cost -> cost == 0))
                .boxed()
                .toList();
        final List<String> aside = IntStream.range(0, words.size())
                .filter(i -> !known.contains(i))
                .mapToObj(words::get)
                .toList();
        final List<String> left = known.stream().map(words::get).toList();
        if (SAYING_LITTLE.containsAll(left)) {
            return new Found<>(List.of(), aside);
        }
        if (!aside.isEmpty()) {
            final int[][] plain = costs(left, false);
            final List<Hit<T>> hits = best(
                    scored(left, plain).stream()
                            .filter(each -> least(plain, each.head()) == 0)
                            .toList(),
                    most);
            if (!hits.isEmpty()) {
                return new Found<>(hits, aside);
            }
        }
        return new Found<>(perhaps(known, costs, most), aside);
    }

    /** Things of which a name ends in one of the words, or whose genus is one: the more words, the better. */
    private List<Hit<T>> perhaps(final List<Integer> known, final int[][] costs, final int most) {
        final List<Scored<T>> scored = new ArrayList<>();
        for (final Name<T> name : names) {
            int found = 0;
            boolean head = false;
            for (final int i : known) {
                final int cost = least(costs[i], name);
                if (cost != BEGUN && cost < MISSING) {
                    found++;
                    head |= costs[i][headOf(name)] == cost;
                }
            }
            if (head) {
                scored.add(new Scored<>(
                        new Hit<>(
                                name.thing,
                                How.PERHAPS,
                                name.text,
                                How.PERHAPS.cost - WORD_MORE * found + name.words.length),
                        name.place,
                        headOf(name)));
            }
        }
        return best(scored, most);
    }

    private static int headOf(final Name<?> name) {
        return name.sort == Sort.BOTANICAL ? name.words[0] : name.words[name.words.length - 1];
    }

    private List<Hit<T>> ranked(final List<String> words, final int[][] costs, final int most) {
        return best(scored(words, costs), most);
    }

    /** The names that have every word. */
    private List<Scored<T>> scored(final List<String> words, final int[][] costs) {
        final List<Scored<T>> scored = new ArrayList<>();
        for (final Name<T> name : names) {
            int sum = 0;
            for (int i = 0; i < words.size() && sum < MISSING; i++) {
                sum += least(costs[i], name);
            }
            if (sum < MISSING) {
                final How how = how(name, words.size(), sum, costs);
                final double head = least(costs, headOf(name)) < MISSING ? 0 : NOT_ITS_HEAD;
                final double rest = Math.max(0, name.words.length - words.size()) * WORD_TOO_MANY;
                scored.add(new Scored<>(
                        new Hit<>(
                                name.thing,
                                how,
                                name.text,
                                how.cost + rest + head + (how == How.MISTYPED ? EDIT * sum : 0)),
                        name.place,
                        headOf(name)));
            }
        }
        return scored;
    }

    private static How how(final Name<?> name, final int typed, final int sum, final int[][] costs) {
        final boolean main = name.sort == Sort.MAIN;
        if (sum == 0 && name.words.length == typed) {
            return main ? How.WHOLE : How.WHOLE_OTHER;
        }
        if (sum > typed * BEGUN || IntStream.range(0, typed).anyMatch(i -> least(costs[i], name) >= MISTYPED)) {
            return How.MISTYPED;
        }
        if (name.words.length == typed && name.sort != Sort.BOTANICAL) {
            return How.WHOLE_BEGUN;
        }
        if (main) {
            return sum == 0 ? How.NAME : How.NAME_BEGUN;
        }
        if (name.sort == Sort.BOTANICAL && least(costs, name.words[0]) == 0) {
            return How.GENUS;
        }
        return sum == 0 ? How.OTHER : How.OTHER_BEGUN;
    }

    /** Each thing once, the cheapest first. */
    private static <T> List<Hit<T>> best(final List<Scored<T>> scored, final int most) {
        final Set<Integer> seen = new HashSet<>();
        return scored.stream()
                .sorted(Comparator.comparingDouble(
                                (Scored<T> each) -> each.hit().cost())
                        .thenComparing(Scored::place))
                .filter(each -> seen.add(each.place()))
                .limit(most)
                .map(Scored::hit)
                .toList();
    }

    /** What every word of the vocabulary costs for every typed word. */
    private int[][] costs(final List<String> words, final boolean forgiving) {
        final Map<String, int[]> known = new HashMap<>();
        return words.stream()
                .map(word -> known.computeIfAbsent(word, each -> costs(each, forgiving)))
                .toArray(int[][]::new);
    }

    private int[] costs(final String typed, final boolean forgiving) {
        final int[] costs = new int[vocabulary.size()];
        vocabulary.forEach((word, number) -> costs[number] = cost(typed, word, forgiving));
        return costs;
    }

    private static int cost(final String typed, final String word, final boolean forgiving) {
        if (word.equals(typed)) {
            return 0;
        }
        if (word.startsWith(typed)) {
            return BEGUN;
        }
        final int edits = forgiving ? TypingErrors.between(typed, word) : -1;
        return edits < 0 ? MISSING : MISTYPED + edits;
    }

    /** The least that a typed word costs against a name, whose neighbouring words may have been written as one. */
    private static int least(final int[] costs, final Name<?> name) {
        int least = MISSING;
        for (final int word : name.words) {
            least = Math.min(least, costs[word]);
        }
        for (final int pair : name.pairs) {
            least = Math.min(least, costs[pair] == BEGUN ? MISSING : costs[pair]);
        }
        return least;
    }

    private static int least(final int[][] costs, final int word) {
        int least = MISSING;
        for (final int[] each : costs) {
            least = Math.min(least, each[word]);
        }
        return least;
    }
}
