package looseknit.core.dry;

import looseknit.core.message.Named;

/** What lies on top of the mix. Factors on evaporation, depths and densities are guesses of common practice, no source. */
public enum TopDressing implements Named {
    NONE(1, 0, 0),
    BARK(0.4, 3, 0.19),
    STONE(0.3, 1.5, 1.55),
    SPHAGNUM(0.8, 2, 0.035);
    private final double evaporation;
    private final double depthCm;
    private final double kgPerL;

    TopDressing(final double evaporation, final double depthCm, final double kgPerL) {
        this.evaporation = evaporation;
        this.depthCm = depthCm;
        this.kgPerL = kgPerL;
    }

    /** Evaporation through it, against a bare surface. */
    public double evaporation() {
        return evaporation;
    }

    /** Usual depth [cm]. */
    public double depthCm() {
        return depthCm;
    }

    /** Mass of the usual depth over an area [kg]. */
    public double kg(final double areaM2) {
        return kgPerL * depthCm * areaM2 * 10;
    }
}
