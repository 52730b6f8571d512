package looseknit.core.blend;

import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.material.Amendment;

/**
 * pH of a mix over the weeks after liming, by linear buffering that stiffens away from pH 5.6.
 *
 * <p>Lots of peat differ twofold in buffering: the prediction says how much to begin with, the test says when to stop.
 *
 * @see "Stoichiometry: 1 g CaCO3 = 19.98 meq (molar mass 100.09 g/mol). Stiffening and reaction times: typical values,
 *     from memory"
 */
public final class Acidity {

    /** Acid neutralised by a gram of pure calcium carbonate [meq/g]. */
    public static final double MEQ_PER_G_CARBONATE = 19.98;

    /** pH of weakest buffering. */
    private static final double SOFTEST_PH = 5.6;

    private static final double STIFFENING_WIDTH = 2.4;
    private static final double STIFFENING_POWER = 6;
    private static final int STEPS = 60;
    private static final double REFERENCE_C = 20;

    private Acidity() {}

    /**
     * pH after some weeks.
     *
     * @param plainPh pH before any dose
     * @param bufferMeqPerLPerPh pH buffer capacity of the mix [meq/L per pH], above 0
     * @param doses lime, sulfur and the like
     * @param weeks weeks since mixing, moist, 0 or more
     * @param temperatureC mean temperature of the mix [°C]
     */
    public static double ph(
            final double plainPh,
            final double bufferMeqPerLPerPh,
            final List<Recipe.Dose> doses,
            final double weeks,
            final double temperatureC) {
        within("weeks", weeks, 0, 5000, "weeks");
        within("temperature", temperatureC, -20, 60, "°C");
        return moved(plainPh, bufferMeqPerLPerPh, baseMeqPerL(doses, weeks, temperatureC));
    }

    /** Base set free by the doses after some weeks [meq/L]; negative for acid. */
    public static double baseMeqPerL(final List<Recipe.Dose> doses, final double weeks, final double temperatureC) {
        final double quickening = Math.pow(2, (temperatureC - REFERENCE_C) / 10);
        double base = 0;
        for (final Recipe.Dose dose : doses) {
            final Amendment amendment = dose.amendment();
            final double reacted = 1 - Math.pow(2, -weeks * quickening / amendment.halfTimeWeeks());
            base += dose.gPerL() * MEQ_PER_G_CARBONATE * amendment.neutralising() * amendment.fineness() * reacted;
        }
        return base;
    }

    /** pH after base is added in many small steps, dpH = dq / (B·m). */
    static double moved(final double from, final double buffer, final double baseMeqPerL) {
        final double step = baseMeqPerL / STEPS;
        double ph = from;
        for (int i = 0; i < STEPS && step != 0; i++) {
            final boolean away = (ph - SOFTEST_PH) * step > 0;
            final double stiffness =
                    away ? 1 + Math.pow(Math.abs(ph - SOFTEST_PH) / STIFFENING_WIDTH, STIFFENING_POWER) : 1;
            ph += step / (buffer * stiffness);
        }
        return Math.max(0, Math.min(14, ph));
    }
}
