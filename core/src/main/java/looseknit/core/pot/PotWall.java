package looseknit.core.pot;

import looseknit.core.message.Named;

/**
 * What a pot's wall is made of. Thickness and density, for the weight of the empty pot, are common practice without source.
 */
public enum PotWall implements Named {
    PLASTIC(false, 0.15, 0.95),
    GLAZED(false, 0.9, 2.1),
    CLAY(true, 0.8, 1.9);
    private final boolean breathes;
    private final double thicknessCm;
    private final double densityGPerCm3;

    PotWall(final boolean breathes, final double thicknessCm, final double densityGPerCm3) {
        this.breathes = breathes;
        this.thicknessCm = thicknessCm;
        this.densityGPerCm3 = densityGPerCm3;
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
