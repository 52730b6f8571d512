package looseknit.core.need;

import looseknit.core.message.Named;

/** Light of a place in classes, with a typical daily light integral; common practice put into figures by judgement. */
public enum Light implements Named {
    DIM(1.5),
    MEDIUM(4),
    BRIGHT(9),
    SUN(22);
    private final double dailyLightMol;

    Light(final double dailyLightMol) {
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

    /** Daily light integral [mol/m²]. */
    public double dailyLightMol() {
        return dailyLightMol;
    }
}
