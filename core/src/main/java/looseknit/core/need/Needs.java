package looseknit.core.need;

import static looseknit.core.measure.Require.within;

import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Band;
import looseknit.core.measure.Limit;

/**
 * What roots ask of a mix in an ordinary pot, place and hand.
 *
 * @param air air-filled porosity [vol/vol]
 * @param bearableAir air-filled porosity that growers get away with [vol/vol]; holds {@code air}
 * @param water container capacity [vol/vol]
 * @param easyWater easily available water [vol/vol]
 * @param ph pH
 * @param nitrogen nitrogen in the first month [mg/L]
 * @param mostEcDsPerM most salts it bears [dS/m]
 * @param trigger how far the pot may dry
 * @param lifeYears years for which the mix must keep its air
 * @param spread width of an established plant over the width of its pot, 0.3 to 6
 * @param cropCoefficient water use of the ground that it covers against the reference crop, 0.05 to 2
 */
public record Needs(
        Band air,
        Band bearableAir,
        Band water,
        Band easyWater,
        Band ph,
        Band nitrogen,
        double mostEcDsPerM,
        AllowableDepletion trigger,
        double lifeYears,
        double spread,
        double cropCoefficient) {

    /** A plant whose best pH ends here or lower hates lime; common practice put into a figure by judgement. */
    public static final double LIME_HATER_PH = 5.8;

    /** A plant whose best pH begins here or higher likes lime; common practice put into a figure by judgement. */
    public static final double LIME_LOVER_PH = 6.5;

    /** Whether it thrives on lime. */
    public boolean likesLime() {
        return ph.low() >= LIME_LOVER_PH;
    }

    /** Whether lime harms it. */
    public boolean hatesLime() {
        return ph.high() <= LIME_HATER_PH;
    }

    public Needs {
        within("needs.lifeYears", lifeYears, 0.1, 50, Limit.YEARS);
        within("needs.spread", spread, 0.3, 6, Limit.PLANT_OVER_POT);
        within("needs.cropCoefficient", cropCoefficient, 0.05, 2, Limit.AGAINST_A_LEAFY_PLANT);
        bearableAir = bearableAir.around(air);
    }
}
