package looseknit.core.reading;

import java.util.List;

/**
 * A way out of a contradiction.
 *
 * @param kind what would be changed
 * @param subject name of what it is changed to; empty if a figure says it all
 * @param value figure that it is changed to; 0 if a name says it all
 * @param words the way out in words, with what it brings
 * @param then what is to be changed with it, if one change alone is not enough
 */
public record WayOut(Kind kind, String subject, double value, String words, List<WayOut> then) {

    public WayOut {
        then = List.copyOf(then);
    }

    /** A way out that is a single change. */
    public WayOut(final Kind kind, final String subject, final double value, final String words) {
        this(kind, subject, value, words, List.of());
    }

    /** What would be changed. */
    public enum Kind {
        /** The wall of the pot: its name. */
        WALL,
        /** How water leaves the pot: its name. */
        BASE,
        /** The size of the pot: width at the rim [cm]. */
        POT_WIDTH,
        /** Days between waterings. */
        INTERVAL,
        /** The water: its name. */
        WATER,
        /** The mix: a material to add. */
        MIX,
        /** A wish to give up: its name. */
        WISH,
        /** Something that only the person can change: place, plant, pot. */
        ADVICE
    }

    static WayOut advice(final String words) {
        return new WayOut(Kind.ADVICE, "", 0, words);
    }

    static WayOut wish(final String wish, final String words) {
        return new WayOut(Kind.WISH, wish, 0, words);
    }
}
