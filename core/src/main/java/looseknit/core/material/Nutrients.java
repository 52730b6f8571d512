package looseknit.core.material;

import static looseknit.core.measure.Require.within;

/**
 * Available main nutrients as elements.
 *
 * @param nMgPerL nitrogen [mg/L]
 * @param pMgPerL phosphorus [mg/L]
 * @param kMgPerL potassium [mg/L]
 */
public record Nutrients(double nMgPerL, double pMgPerL, double kMgPerL) {

    /** Phosphorus in phosphorus pentoxide by mass: 2 · 30.974 / 141.944. */
    public static final double P_IN_P2O5 = 0.4364;

    /** Potassium in potassium oxide by mass: 2 · 39.098 / 94.196. */
    public static final double K_IN_K2O = 0.8302;

    public static final Nutrients NONE = new Nutrients(0, 0, 0);

    public Nutrients {
        within("nutrients.n", nMgPerL, 0, 1e6, "mg/L");
        within("nutrients.p", pMgPerL, 0, 1e6, "mg/L");
        within("nutrients.k", kMgPerL, 0, 1e6, "mg/L");
    }
}
