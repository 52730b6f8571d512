package looseknit.core.dry;

/** What lies on top of the mix. Factors on evaporation, depths and densities are guesses of common practice, no source. */
public enum TopDressing {
    NONE("no dressing", 1, 0, 0),
    BARK("bark", 0.4, 3, 0.19),
    STONE("stone", 0.3, 1.5, 1.55),
    SPHAGNUM("sphagnum", 0.8, 2, 0.035);

    private final String words;
    private final double evaporation;
    private final double depthCm;
    private final double kgPerL;

    TopDressing(final String words, final double evaporation, final double depthCm, final double kgPerL) {
        this.words = words;
        this.evaporation = evaporation;
        this.depthCm = depthCm;
        this.kgPerL = kgPerL;
    }

    public String words() {
        return words;
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
