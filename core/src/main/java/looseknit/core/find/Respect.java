package looseknit.core.find;

/** What a proposal is the best of. */
public enum Respect {
    CLOSEST("the closest"),
    FEWEST("the fewest materials"),
    CHEAPEST("the cheapest"),
    LIGHTEST("the lightest"),
    LONGEST("the longest-lived"),
    NO_PEAT("the closest without peat"),
    SAFEST("the most forgiving"),
    FEWEST_EXTRA("the fewest extra parts"),
    MOST("makes the most of what is left");

    private final String words;

    Respect(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
