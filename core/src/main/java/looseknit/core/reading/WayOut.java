package looseknit.core.reading;

/**
 * A way out of a contradiction.
 *
 * @param kind what would be changed
 * @param subject name of what it is changed to; empty if a figure says it all
 * @param value figure that it is changed to; 0 if a name says it all
 * @param words the way out in words, with what it brings
 */
public record WayOut(Kind kind, String subject, double value, String words) {

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
