package looseknit.core.material;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * Main nutrients as elements.
 *
 * @param nMgPerL nitrogen [mg/L]
 * @param pMgPerL phosphorus [mg/L]
 * @param kMgPerL potassium [mg/L]
 * @param caMgPerL calcium [mg/L]
 * @param mgMgPerL magnesium [mg/L]
 * @param sMgPerL sulfur [mg/L]
 */
public record Nutrients(
        double nMgPerL, double pMgPerL, double kMgPerL, double caMgPerL, double mgMgPerL, double sMgPerL) {

    /** Phosphorus in phosphorus pentoxide by mass: 2 · 30.974 / 141.944. */
    public static final double P_IN_P2O5 = 0.4364;

    /** Potassium in potassium oxide by mass: 2 · 39.098 / 94.196. */
    public static final double K_IN_K2O = 0.8302;

    public static final Nutrients NONE = new Nutrients(0, 0, 0, 0, 0, 0);

    public Nutrients {
        within("nutrients.n", nMgPerL, 0, 1e6, Limit.MG_PER_L);
        within("nutrients.p", pMgPerL, 0, 1e6, Limit.MG_PER_L);
        within("nutrients.k", kMgPerL, 0, 1e6, Limit.MG_PER_L);
        within("nutrients.ca", caMgPerL, 0, 1e6, Limit.MG_PER_L);
        within("nutrients.mg", mgMgPerL, 0, 1e6, Limit.MG_PER_L);
        within("nutrients.s", sMgPerL, 0, 1e6, Limit.MG_PER_L);
    }

    /** Nitrogen, phosphorus and potassium alone. */
    public static Nutrients npk(final double nMgPerL, final double pMgPerL, final double kMgPerL) {
        return new Nutrients(nMgPerL, pMgPerL, kMgPerL, 0, 0, 0);
    }

    /** These and, {@code times} over, others. */
    public Nutrients plus(final Nutrients other, final double times) {
        return new Nutrients(
                nMgPerL + times * other.nMgPerL,
                pMgPerL + times * other.pMgPerL,
                kMgPerL + times * other.kMgPerL,
                caMgPerL + times * other.caMgPerL,
                mgMgPerL + times * other.mgMgPerL,
                sMgPerL + times * other.sMgPerL);
    }
}
