package looseknit.core.blend;

import java.util.List;
import looseknit.core.material.Nutrients;

/**
 * Food in a mix: what the materials bring at once plus what the doses set free over time. Additive, typical charges; not
 * checked against measured mixes.
 */
public final class Food {

    /** Salts that soluble nitrogen of a balanced feed brings [dS/m per mg/L]; from memory. */
    private static final double EC_PER_N = 0.0065;

    private Food() {}

    /** All food that the mix will set free, materials and doses together. */
    public static Nutrients total(final Mix mix, final List<Recipe.Dose> doses) {
        final Nutrients own = mix.nutrients();
        double n = own.nMgPerL();
        double p = own.pMgPerL();
        double k = own.kMgPerL();
        for (final Recipe.Dose dose : doses) {
            n += dose.gPerL() * dose.amendment().nPercent() * 10;
            p += dose.gPerL() * dose.amendment().p2o5Percent() * 10 * Nutrients.P_IN_P2O5;
            k += dose.gPerL() * dose.amendment().k2oPercent() * 10 * Nutrients.K_IN_K2O;
        }
        return new Nutrients(n, p, k);
    }

    /**
     * Nitrogen at the roots in the first month: the materials' available charge plus what slow feeds set free in four weeks at 21
     * °C.
     *
     * @return [mg/L]
     */
    public static double firstMonthNMgPerL(final Mix mix, final List<Recipe.Dose> doses) {
        double n = mix.nutrients().nMgPerL();
        for (final Recipe.Dose dose : doses) {
            final double weeks = dose.amendment().longevityWeeks();
            n += dose.gPerL() * dose.amendment().nPercent() * 10 * Math.min(1, weeks == 0 ? 1 : 4 / weeks);
        }
        return n;
    }

    /** Salts in the mix at the start [dS/m]. */
    public static double ecDsPerM(final Mix mix, final List<Recipe.Dose> doses) {
        final double fromDoses = firstMonthNMgPerL(mix, doses) - mix.nutrients().nMgPerL();
        return mix.ecDsPerM() + EC_PER_N * fromDoses;
    }
}
