package looseknit.core.name;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** A name as people type it, in plain words: without accents, capitals, plurals, and words that say nothing. */
public final class NameWords {

    private static final Set<String> EMPTY = Set.of(
            "of", "the", "and", "some", "grade", "grades", "size", "sized", "good", "quality", "type", "a", "an");

    /** A variety: quoted, with the opening mark after a space and the closing one before a space or the end. */
    private static final Pattern VARIETY = Pattern.compile("(?<=^|\\s)['‘\"“][^'’\"”]+['’\"”](?=\\s|$)");

    private NameWords() {}

    /** Text without accents, capitals and signs: letters and figures with single spaces between. */
    public static String folded(final String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", " ")
                .strip();
    }

    /** A name without the name of a garden variety in quotation marks; the whole where nothing else is left. */
    public static String withoutVariety(final String name) {
        final String rest = VARIETY.matcher(name).replaceAll(" ").strip();
        return rest.isEmpty() ? name : rest;
    }

    /** The words of a name, in order. */
    public static List<String> of(final String name) {
        return Arrays.stream(folded(name.replaceAll("['’]s\\b", "s")).split(" "))
                .filter(word -> !word.isEmpty() && !EMPTY.contains(word))
                .map(NameWords::singular)
                .toList();
    }

    private static String singular(final String word) {
        return word.length() > 3 && word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us")
                ? word.substring(0, word.length() - 1)
                : word;
    }
}
