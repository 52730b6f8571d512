package looseknit.core.reading;

/** Figures of a mix after what tests have shown is added, kept within what is possible. */
public final class Corrected {

    private static final double MOST_PORES = 0.99;
    private static final double LEAST_WATER = 0.01;
    private static final double LEAST_DENSITY = 0.1;

    private Corrected() {}

    /** Pores [vol/vol]. */
    public static double porosity(final double predicted, final double off) {
        return Math.min(MOST_PORES, predicted + off);
    }

    /** Air after draining [vol/vol], of pores that are corrected already. */
    public static double air(final double predicted, final double off, final double porosity) {
        return Math.max(0, Math.min(porosity, predicted + off));
    }

    /** Water held [vol/vol], by pores and air that are corrected already. */
    public static double water(final double porosity, final double air) {
        return Math.max(LEAST_WATER, Math.min(porosity, porosity - air));
    }

    /** Dry bulk density [g/L]; tests tell a share by which it is off. */
    public static double density(final double predicted, final double shareOff) {
        return predicted * Math.max(LEAST_DENSITY, 1 + shareOff);
    }
}
