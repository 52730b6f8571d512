package looseknit.core.pot;

/**
 * What a pot's wall is made of. Thickness and density, for the weight of the empty pot, are common practice without source.
 */
public enum PotWall {
    PLASTIC("plastic", false, 0.15, 0.95),
    GLAZED("glazed", false, 0.9, 2.1),
    CLAY("unglazed clay", true, 0.8, 1.9);

    private final String words;
    private final boolean breathes;
    private final double thicknessCm;
    private final double densityGPerCm3;

    PotWall(final String words, final boolean breathes, final double thicknessCm, final double densityGPerCm3) {
        this.words = words;
        this.breathes = breathes;
        this.thicknessCm = thicknessCm;
        this.densityGPerCm3 = densityGPerCm3;
    }

    public String words() {
        return words;
    }

    /** Whether water evaporates through the wall. */
    public boolean breathes() {
        return breathes;
    }

    /** Mass of wall and base per area [g/cm²]. */
    double massGPerCm2() {
        return thicknessCm * densityGPerCm3;
    }
}
