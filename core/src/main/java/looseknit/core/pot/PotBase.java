package looseknit.core.pot;

/** How water leaves the bottom of a pot. */
public enum PotBase {
    /** Open holes, raised. */
    ON_FEET("on feet"),
    /** Open holes in the air, hung up. */
    HANGING("hanging"),
    /** Open holes on a hard surface: drains like a raised pot as long as the holes stay clear. */
    FLAT("flat on a hard surface"),
    /** Closed, with free water up to the overflow height. */
    NO_HOLES("without holes"),
    /** A wick, mat or soil draws water from the hole; its length adds suction. */
    WICK("on a wick or mat");

    private final String words;

    PotBase(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
