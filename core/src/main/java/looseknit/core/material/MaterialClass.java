package looseknit.core.material;

/**
 * Kind of matter, which sets how far an unknown retail lot may lie from the table.
 *
 * <p>Spreads are one standard deviation; from memory, by judgement.
 */
public enum MaterialClass {
    /** Organic. */
    O(0.06, 0.03, 0.15, 0.5, 0.30),
    /** Porous mineral. */
    P(0.05, 0.03, 0.10, 0.4, 0.40),
    /** Dense mineral. */
    D(0.03, 0.02, 0.04, 0.4, 0.50);

    private final double waterSd;
    private final double porositySd;
    private final double densityRelativeSd;
    private final double phSd;
    private final double bufferRelativeSd;

    MaterialClass(
            final double waterSd,
            final double porositySd,
            final double densityRelativeSd,
            final double phSd,
            final double bufferRelativeSd) {
        this.waterSd = waterSd;
        this.porositySd = porositySd;
        this.densityRelativeSd = densityRelativeSd;
        this.phSd = phSd;
        this.bufferRelativeSd = bufferRelativeSd;
    }

    /** Spread of air space and of water content at any suction [vol/vol]. */
    public double waterSd() {
        return waterSd;
    }

    /** Spread of total porosity [vol/vol]. */
    public double porositySd() {
        return porositySd;
    }

    /** Spread of bulk density, as a share of it. */
    public double densityRelativeSd() {
        return densityRelativeSd;
    }

    /** Spread of pH. */
    public double phSd() {
        return phSd;
    }

    /** Spread of pH buffering, as a share of it. */
    public double bufferRelativeSd() {
        return bufferRelativeSd;
    }
}
