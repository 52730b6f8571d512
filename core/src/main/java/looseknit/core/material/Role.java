package looseknit.core.material;

/** What a material does in a mix. */
public enum Role {
    AIR("opens air"),
    WATER("holds water"),
    FEED("feeds"),
    ACIDITY("sets acidity"),
    WEIGHT("weighs down"),
    FILTER("filters"),
    STRUCTURE("gives structure"),
    /** Arises inside the pot; not for recipes. */
    INTERNAL("arises in the pot");

    private final String words;

    Role(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
