package looseknit.core.pot;

import java.util.List;
import looseknit.core.message.Named;

/**
 * What a pot's wall is made of. Thickness and density, for the weight of the empty pot, are common practice without source.
 */
public enum PotWall implements Named {
    PLASTIC(false, 0.15, 0.95),
    GLAZED(false, 0.9, 2.1),
    CLAY(true, 0.8, 1.9),
    /** Clear glass, as of a jar. */
    GLASS(false, 0.45, 2.5),
    /** Open slats or wire, through which the mix touches the air: taken to pass as much as clay, by judgement. */
    SLATS(true, 0.5, 0.5);

    /** Walls that ordinary pots are sold in: what is compared and proposed. */
    public static final List<PotWall> ORDINARY = List.of(PLASTIC, GLAZED, CLAY);

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
