package looseknit.core.written;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import looseknit.core.material.Lexicon;
import looseknit.core.message.TableText;
import looseknit.core.name.NameWords;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/**
 * Which material or amendment a name in a written recipe means: its own name, then what people call it, then either with a typing error, then whatever
 * shares most of its words. What must never be used is only meant by name.
 */
final class NameGuess {

    private static final JaroWinklerSimilarity SIMILARITY = new JaroWinklerSimilarity();

    /** Words that resemble each other less than this are different words. */
    private static final double SAME_WORD = 0.92;

    /** A name is understood if more than this share of its words is found. */
    private static final double UNDERSTOOD = 0.6;

    /** A name is what was written if so much of it is found. */
    private static final double SURE = 0.9;

    /** Words for grades, by the end of a name that they mean. */
    private static final Map<String, String> GRADES = Map.ofEntries(
            Map.entry("fine", "fine"),
            Map.entry("small", "fine"),
            Map.entry("seedling", "fine"),
            Map.entry("mini", "fine"),
            Map.entry("medium", "medium"),
            Map.entry("standard", "medium"),
            Map.entry("coarse", "coarse"),
            Map.entry("chunky", "coarse"),
            Map.entry("large", "coarse"),
            Map.entry("big", "coarse"),
            Map.entry("jumbo", "coarse"));

    /** Words that may stand beside a name and change nothing. */
    private static final List<String> ASIDE = List.of(
            "super",
            "extra",
            "very",
            "horticultural",
            "organic",
            "washed",
            "rinsed",
            "dry",
            "fresh",
            "clean",
            "sifted",
            "sieved",
            "my",
            "own");

    private static final Pattern SIZE = Pattern.compile(
            "(?:(\\d+(?:[.,]\\d+)?)\\s*(?:-|–|to)\\s*)?(\\d+(?:[.,]\\d+)?)\\s*mm\\b", Pattern.CASE_INSENSITIVE);

    /** A size names a grade if it is not more than so many times off. */
    private static final double OF_A_SIZE = 3;

    private NameGuess() {}

    /**
     * Something that can be meant.
     *
     * @param words the words of its name
     * @param liking how readily it is meant where names tie: 2 more at hand, 1 more of a middling grade
     * @param never whether it is only meant by its name
     * @param grainMm its median grain; nothing for a dose
     */
    record Named(
            String id,
            String name,
            List<String> words,
            boolean dose,
            int liking,
            boolean never,
            OptionalDouble grainMm) {

        static Named of(
                final String id,
                final String name,
                final boolean dose,
                final int liking,
                final boolean never,
                final OptionalDouble grainMm) {
            return new Named(id, name, NameWords.of(name), dose, liking, never, grainMm);
        }

        private boolean atHand() {
            return liking >= 2;
        }
    }

    /**
     * What may be meant.
     *
     * @param candidates best first
     * @param certain whether the first is what was written
     * @param known whether anything was understood; else these only come nearest
     * @param question what has to be asked before it is clear; empty if there is nothing in particular
     */
    record Guess(List<Named> candidates, boolean certain, boolean known, TableText question) {

        private static Guess of(final List<Named> candidates, final boolean certain, final boolean known) {
            return new Guess(candidates, certain, known, TableText.NONE);
        }
    }

    /** The things whose names fit a typed one. */
    static Guess of(final String typed, final List<Named> things, final int most) {
        final OptionalDouble size = size(typed);
        final List<String> wanted = NameWords.of(SIZE.matcher(typed).replaceAll(" "));
        if (wanted.isEmpty()) {
            return Guess.of(List.of(), false, false);
        }
        return exact(wanted, things)
                .or(() -> called(wanted, size, things, most))
                .orElseGet(() -> likest(wanted, things, most));
    }

    private static OptionalDouble size(final String typed) {
        final Matcher size = SIZE.matcher(typed);
        if (!size.find()) {
            return OptionalDouble.empty();
        }
        final double to = Double.parseDouble(size.group(2).replace(',', '.'));
        final double from =
                size.group(1) == null ? to : Double.parseDouble(size.group(1).replace(',', '.'));
        return OptionalDouble.of(Math.sqrt(Math.max(0.01, from) * Math.max(0.01, to)));
    }

    private static Optional<Guess> exact(final List<String> wanted, final List<Named> things) {
        return things.stream()
                .filter(each -> each.words().equals(wanted))
                .findFirst()
                .map(each -> Guess.of(List.of(each), true, true));
    }

    /** By what people call things, with or without a grade, as typed or mistyped. */
    private static Optional<Guess> called(
            final List<String> wanted, final OptionalDouble size, final List<Named> things, final int most) {
        final Lexicon lexicon = Lexicon.shipped();
        final List<String> plain =
                wanted.stream().filter(word -> !ASIDE.contains(word)).toList();
        final List<String> bare =
                plain.stream().filter(word -> !GRADES.containsKey(word)).toList();
        final List<String> grades =
                plain.stream().filter(GRADES::containsKey).map(GRADES::get).toList();
        final Optional<Lexicon.Entry> whole = lexicon.find(wanted).or(() -> lexicon.find(plain));
        if (whole.isPresent()) {
            return guess(whole.get(), List.of(), size, things, most, false);
        }
        if (!bare.isEmpty() && !bare.equals(plain)) {
            final Optional<Lexicon.Entry> graded = lexicon.find(bare);
            if (graded.isPresent()) {
                return guess(graded.get(), grades, size, things, most, false);
            }
        }
        return lexicon.nearly(plain)
                .or(() -> head(plain, lexicon))
                .or(() -> bare.isEmpty() ? Optional.empty() : lexicon.nearly(bare))
                .flatMap(entry -> guess(entry, grades, size, things, most, true));
    }

    /** What its last words mean, whatever stands before them: "garden loam" is some loam. */
    private static Optional<Lexicon.Entry> head(final List<String> words, final Lexicon lexicon) {
        for (int from = 1; from < words.size(); from++) {
            final Optional<Lexicon.Entry> found = lexicon.find(words.subList(from, words.size()));
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private static Optional<Guess> guess(
            final Lexicon.Entry entry,
            final List<String> grades,
            final OptionalDouble size,
            final List<Named> things,
            final int most,
            final boolean mistyped) {
        final List<Named> meant = entry.means().stream()
                .flatMap(id ->
                        things.stream().filter(thing -> thing.id().equals(id)).limit(1))
                .sorted(Comparator.comparing((Named each) -> !each.atHand()))
                .toList();
        if (meant.isEmpty()) {
            return Optional.empty();
        }
        final List<Named> graded =
                meant.stream().filter(each -> graded(each, grades, size)).toList();
        final boolean one = graded.size() == 1 && (!grades.isEmpty() || size.isPresent());
        final List<Named> candidates = new ArrayList<>(graded);
        meant.stream().filter(each -> !graded.contains(each)).forEach(candidates::add);
        return Optional.of(new Guess(
                candidates.stream().limit(most).toList(),
                !mistyped && (one || !entry.ask()),
                true,
                one || mistyped ? TableText.NONE : entry.question()));
    }

    private static boolean graded(final Named thing, final List<String> grades, final OptionalDouble size) {
        if (size.isPresent() && thing.grainMm().isPresent()) {
            final double off = size.getAsDouble() / thing.grainMm().getAsDouble();
            return off < OF_A_SIZE && off > 1 / OF_A_SIZE;
        }
        return thing.words().containsAll(grades);
    }

    /** By words that are shared, or nearly so. */
    private static Guess likest(final List<String> wanted, final List<Named> things, final int most) {
        final List<Scored> scored = new ArrayList<>();
        for (final Named thing : things) {
            if (!thing.never()) {
                scored.add(new Scored(thing, found(wanted, thing.words()), found(thing.words(), wanted)));
            }
        }
        scored.sort(Comparator.comparingDouble((Scored each) -> -each.score())
                .thenComparing(each -> -each.thing().liking())
                .thenComparing(each -> -each.ofName()));
        final double best = scored.get(0).score();
        final boolean known = best > UNDERSTOOD;
        final List<Named> candidates = scored.stream()
                .filter(each -> !known || each.score() > best - 0.05)
                .limit(most)
                .map(Scored::thing)
                .toList();
        return Guess.of(candidates, known && candidates.size() == 1 && best > SURE, known);
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
}
