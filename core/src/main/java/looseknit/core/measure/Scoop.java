package looseknit.core.measure;

/** How volumes are measured out by hand, and how far each may be off. Common practice put into figures by judgement, no source. */
public enum Scoop {
    LEVEL("level scoops", 0.04),
    HEAPED("heaped scoops", 0.12),
    HANDFUL("handfuls", 0.25);

    private final String words;
    private final double relativeSd;

    Scoop(final String words, final double relativeSd) {
        this.words = words;
        this.relativeSd = relativeSd;
    }

    public String words() {
        return words;
    }

    /** Spread of a measured volume as a share of it, one standard deviation. */
    public double relativeSd() {
        return relativeSd;
    }
}
