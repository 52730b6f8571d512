package looseknit.core.message;

import java.util.List;

/**
 * Several things in a row.
 *
 * @param items what is listed: whatever can be an argument of a message
 * @param join how they are joined
 */
public record Listing(List<?> items, Join join) {

    /** How items are joined. */
    public enum Join {
        /** "a, b and c". */
        AND,
        /** "a, b or c". */
        OR,
        /** "a, b, c". */
        COMMA,
        /** "a. b. c." for whole sentences. */
        SPACE
    }

    public Listing {
        items = List.copyOf(items);
    }

    /** "a, b and c". */
    public static Listing and(final List<?> items) {
        return new Listing(items, Join.AND);
    }

    /** "a, b or c". */
    public static Listing or(final List<?> items) {
        return new Listing(items, Join.OR);
    }

    /** "a, b, c". */
    public static Listing comma(final List<?> items) {
        return new Listing(items, Join.COMMA);
    }

    /** Sentences, one after another. */
    public static Listing sentences(final List<?> items) {
        return new Listing(items, Join.SPACE);
    }
}
