package looseknit.core.name;

import org.apache.commons.text.similarity.LevenshteinDistance;

/** Edits between two words: a letter too many, too few, wrong, or two exchanged; how many are forgiven depends on the length. */
public final class TypingErrors {

    private static final int LONGEST_WORD = 11;
    private static final int LONG_WORD = 8;
    private static final int SHORT_WORD = 4;
    private static final LevenshteinDistance[] WITHIN = {
        new LevenshteinDistance(0), new LevenshteinDistance(1), new LevenshteinDistance(2), new LevenshteinDistance(3)
    };

    private TypingErrors() {}

    /** Most edits that are forgiven in a word of so many letters: none below four, one below eight, two below eleven, then three. */
    public static int forgiven(final int letters) {
        return letters >= LONGEST_WORD ? 3 : letters >= LONG_WORD ? 2 : letters >= SHORT_WORD ? 1 : 0;
    }

    /** Edits that make one word of the other, or −1 if more than are forgiven in the typed one. */
    public static int between(final String typed, final String word) {
        final int most = forgiven(typed.length());
        if (Math.abs(typed.length() - word.length()) > most) {
            return -1;
        }
        return exchanged(typed, word) ? 1 : WITHIN[most].apply(typed, word);
    }

    /** Whether two neighbouring letters are exchanged, and nothing else. */
    private static boolean exchanged(final String typed, final String word) {
        if (typed.length() != word.length() || typed.length() < SHORT_WORD) {
            return false;
        }
        int at = 0;
        while (at < typed.length() && typed.charAt(at) == word.charAt(at)) {
            at++;
        }
        return at + 1 < typed.length()
                && typed.charAt(at) == word.charAt(at + 1)
                && typed.charAt(at + 1) == word.charAt(at)
                && typed.regionMatches(at + 2, word, at + 2, typed.length() - at - 2);
    }
}
