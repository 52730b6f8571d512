package looseknit.core.blend;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/** Which material or amendment a name in a written recipe means. */
final class NameGuess {

    private static final JaroWinklerSimilarity SIMILARITY = new JaroWinklerSimilarity();

    /** Words that resemble each other less than this are different words. */
    private static final double SAME_WORD = 0.9;

    /** A name is understood if at least this share of its words is found. */
    private static final double UNDERSTOOD = 0.6;

    private static final Set<String> EMPTY_WORDS =
            Set.of("of", "the", "and", "some", "grade", "grades", "size", "sized", "horticultural", "organic", "good");

    /** Everyday words for what the Book names otherwise. */
    private static final Map<String, String> EVERYDAY = Map.ofEntries(
            Map.entry("coco", "coir"),
            Map.entry("cocos", "coir"),
            Map.entry("coconut", "coir"),
            Map.entry("cocopeat", "coir pith"),
            Map.entry("chunky", "coarse"),
            Map.entry("chunks", "chips"),
            Map.entry("large", "coarse"),
            Map.entry("big", "coarse"),
            Map.entry("small", "fine"),
            Map.entry("vermicast", "castings"),
            Map.entry("vermicompost", "castings"),
            Map.entry("worm", "castings"),
            Map.entry("moss", "sphagnum"),
            Map.entry("leca", "expanded clay"),
            Map.entry("akadama", "baked clay"),
            Map.entry("stones", "gravel"),
            Map.entry("dolomitic", "dolomite"),
            Map.entry("sulphur", "sulfur"),
            Map.entry("soil", "potting"));

    private NameGuess() {}

    /**
     * Something that can be meant.
     *
     * @param liking how readily it is meant where names tie: 2 more at hand, 1 more of a middling grade
     */
    record Named(String id, String name, boolean dose, int liking) {}

    /**
     * What may be meant.
     *
     * @param candidates best first
     * @param certain whether the first is what was written
     * @param known whether anything was understood; else these only come nearest
     */
    record Guess(List<Named> candidates, boolean certain, boolean known) {}

    /** The things whose names fit a typed one. */
    static Guess of(final String typed, final List<Named> things, final int most) {
        final List<String> wanted = words(typed);
        if (wanted.isEmpty()) {
            return new Guess(List.of(), false, false);
        }
        final String plain = String.join(" ", wanted);
        final List<Scored> scored = new ArrayList<>();
        for (final Named thing : things) {
            final List<String> name = words(thing.name());
            final String id = String.join(" ", words(thing.id().replace('_', ' ')));
            final boolean exact = String.join(" ", name).equals(plain) || id.equals(plain);
            scored.add(new Scored(thing, exact ? 2 : found(wanted, name), found(name, wanted)));
        }
        scored.sort(Comparator.comparingDouble((Scored each) -> -each.score())
                .thenComparing(each -> -each.thing().liking())
                .thenComparing(each -> -each.ofName()));
        final double best = scored.get(0).score();
        final List<Named> candidates = scored.stream()
                .filter(each -> best < UNDERSTOOD || each.score() > best - 0.05)
                .limit(most)
                .map(Scored::thing)
                .toList();
        final boolean known = best >= UNDERSTOOD;
        return new Guess(candidates, known && candidates.size() == 1 && best > 0.9, known);
    }

    private record Scored(Named thing, double score, double ofName) {}

    /** Share of the words that are found among others. */
    private static double found(final List<String> words, final List<String> among) {
        double sum = 0;
        for (final String word : words) {
            double best = 0;
            for (final String other : among) {
                best = Math.max(best, alike(word, other));
            }
            sum += best;
        }
        return sum / words.size();
    }

    private static double alike(final String word, final String other) {
        if (word.equals(other)) {
            return 1;
        }
        if (word.length() >= 4 && other.startsWith(word)) {
            return 0.97;
        }
        final double similar = SIMILARITY.apply(word, other);
        return similar >= SAME_WORD ? similar * 0.97 : 0;
    }

    private static List<String> words(final String text) {
        final String plain = Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", " ")
                .strip();
        final List<String> words = new ArrayList<>();
        for (final String word : plain.split(" ")) {
            if (word.isEmpty() || EMPTY_WORDS.contains(word)) {
                continue;
            }
            for (final String said : EVERYDAY.getOrDefault(word, word).split(" ")) {
                words.add(singular(said));
            }
        }
        return words;
    }

    private static String singular(final String word) {
        return word.length() > 3 && word.endsWith("s") && !word.endsWith("ss")
                ? word.substring(0, word.length() - 1)
                : word;
    }
}
