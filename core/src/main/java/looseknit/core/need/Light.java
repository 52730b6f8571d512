package looseknit.core.need;

/** Light of a place in classes, with a typical daily light integral; common practice put into figures by judgement. */
public enum Light {
    DIM("dim", 1.5),
    MEDIUM("moderately bright", 4),
    BRIGHT("bright", 9),
    SUN("in the sun", 22);

    private final String words;
    private final double dailyLightMol;

    Light(final String words, final double dailyLightMol) {
        this.words = words;
        this.dailyLightMol = dailyLightMol;
    }

    /** The class whose typical light is nearest in ratio. */
    static Light nearest(final double mol) {
        Light best = DIM;
        for (final Light each : values()) {
            if (Math.abs(Math.log(Math.max(mol, 0.1) / each.dailyLightMol))
                    < Math.abs(Math.log(Math.max(mol, 0.1) / best.dailyLightMol))) {
                best = each;
            }
        }
        return best;
    }

    public String words() {
        return words;
    }

    /** Daily light integral [mol/m²]. */
    public double dailyLightMol() {
        return dailyLightMol;
    }
}
