package looseknit.core.blend;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import looseknit.core.material.Amendment;
import looseknit.core.measure.Limit;

/**
 * pH of a mix over the weeks, by linear buffering that stiffens away from pH 5.6: what lime, sulfur, water and feed set free or take up
 * moves it. Carbonates stop by themselves where the carbon dioxide of the root zone holds them.
 *
 * <p>Lots of peat differ twofold in buffering: the prediction says how much to begin with, the test says when to stop.
 *
 * @param plainPh pH before any dose, 2 to 12
 * @param bufferMeqPerLPerPh pH buffer capacity of the mix [meq/L per pH], above 0
 * @param doses lime, sulfur and the like
 * @param temperatureC mean temperature of the mix [°C], −20 to 60
 * @param drift what watering and feeding add
 * @param agesWeeks how long ago each dose was given when the weeks begin to count [weeks], 0 or more; below 0 for one that is given later
 * @see "Stoichiometry: 1 g CaCO3 = 19.98 meq (molar mass 100.09 g/mol). Stiffening and reaction times: typical values,
 *     from memory"
 */
public record Acidity(
        double plainPh,
        double bufferMeqPerLPerPh,
        List<Recipe.Dose> doses,
        double temperatureC,
        Drift drift,
        List<Double> agesWeeks) {

    /** Acid neutralised by a gram of pure calcium carbonate [meq/g]. */
    public static final double MEQ_PER_G_CARBONATE = 19.98;

    /** Alkalinity of a milliequivalent as calcium carbonate [mg/meq]: half its molar mass. */
    public static final double MG_CARBONATE_PER_MEQ = 50.04;

    /** pH of weakest buffering. */
    private static final double SOFTEST_PH = 5.6;

    private static final double STIFFENING_WIDTH = 2.4;
    private static final int STEPS = 60;
    private static final double REFERENCE_C = 20;

    /** Below the first no bacteria work on sulfur, from the second on all do [°C]; typical, from memory. */
    private static final double BACTERIA_STOP_C = 10;

    private static final double BACTERIA_WORK_C = 15;

    /** Carbon dioxide in the air of a root zone [atm]: middle of 0.003 to 0.01, typical, from memory. */
    private static final double ROOT_ZONE_CO2_ATM = 0.005;

    private static final double CO2_SOLUBILITY = 0.034;
    private static final double FIRST_PK = 6.35;

    /** Least alkalinity of the water in a limed mix [meq/L]; typical, from memory. */
    private static final double LIMED_ALKALINITY = 3;

    private static final double MOST_WEEKS = 5000;

    /**
     * What watering and feeding do to the pH, week by week.
     *
     * @param alkalinityMeqPerL alkalinity of the water [meq/L], 0 to 15
     * @param litresPerLWeek water given per litre of mix and week [L/L], 0 to 10
     * @param leaching share that runs out at the bottom, 0 to 0.9
     * @param feedAcidMeqPerLWeek acid that the feed leaves [meq per litre of mix and week], −5 to 5
     */
    public record Drift(double alkalinityMeqPerL, double litresPerLWeek, double leaching, double feedAcidMeqPerLWeek) {

        /** Neither water nor feed counts. */
        public static final Drift NONE = new Drift(0, 0, 0, 0);

        /** Usual share of water that runs out at the bottom; common practice, no source. */
        public static final double USUAL_LEACHING = 0.2;

        public Drift {
            within("drift.alkalinityMeqPerL", alkalinityMeqPerL, 0, 15, Limit.MEQ_PER_L);
            within("drift.litresPerLWeek", litresPerLWeek, 0, 10, Limit.WATER_PER_MIX_AND_WEEK);
            within("drift.leaching", leaching, 0, 0.9, Limit.SHARE);
            within("drift.feedAcidMeqPerLWeek", feedAcidMeqPerLWeek, -5, 5, Limit.MEQ_PER_L_AND_WEEK);
        }

        double alkaliMeqPerLWeek() {
            return litresPerLWeek * (1 - leaching) * alkalinityMeqPerL;
        }
    }

    public Acidity {
        within("plainPh", plainPh, 0, 14, Limit.PH);
        within("buffer", bufferMeqPerLPerPh, 1e-3, 1e4, Limit.MEQ_PER_L_PER_PH);
        within("temperature", temperatureC, -20, 60, Limit.CELSIUS);
        doses = List.copyOf(doses);
        agesWeeks = List.copyOf(agesWeeks);
        within("ages", agesWeeks.size(), doses.size(), doses.size(), Limit.NUMBER);
    }

    /** A mix whose doses are all given when the weeks begin to count. */
    public Acidity(
            final double plainPh,
            final double bufferMeqPerLPerPh,
            final List<Recipe.Dose> doses,
            final double temperatureC,
            final Drift drift) {
        this(plainPh, bufferMeqPerLPerPh, doses, temperatureC, drift, Collections.nCopies(doses.size(), 0.0));
    }

    /** The acidity of a mix that is watered with water free of lime. */
    public static Acidity of(final Mix mix, final List<Recipe.Dose> doses, final double temperatureC) {
        return new Acidity(mix.plainPh(), mix.bufferMeqPerLPerPh(), doses, temperatureC, Drift.NONE);
    }

    /** The same mix with other doses, all given when the weeks begin to count. */
    public Acidity with(final List<Recipe.Dose> others) {
        return new Acidity(plainPh, bufferMeqPerLPerPh, others, temperatureC, drift);
    }

    /** The same mix with a further dose, given when the weeks begin to count. */
    public Acidity plus(final Recipe.Dose dose) {
        final List<Recipe.Dose> all = new ArrayList<>(doses);
        all.add(dose);
        final List<Double> ages = new ArrayList<>(agesWeeks);
        ages.add(0.0);
        return new Acidity(plainPh, bufferMeqPerLPerPh, all, temperatureC, drift, ages);
    }

    /** The same mix from another pH without doses. */
    public Acidity from(final double otherPh) {
        return new Acidity(otherPh, bufferMeqPerLPerPh, doses, temperatureC, drift, agesWeeks);
    }

    /** The same doses given at other times. */
    public Acidity given(final List<Double> otherAgesWeeks) {
        return new Acidity(plainPh, bufferMeqPerLPerPh, doses, temperatureC, drift, otherAgesWeeks);
    }

    /** The same mix with other water and feed. */
    public Acidity with(final Drift other) {
        return new Acidity(plainPh, bufferMeqPerLPerPh, doses, temperatureC, other, agesWeeks);
    }

    /**
     * pH after some weeks.
     *
     * @param weeks weeks since mixing, moist, 0 to 5000
     */
    public double ph(final double weeks) {
        within("weeks", weeks, 0, MOST_WEEKS, Limit.WEEKS);
        return moved(plainPh, bufferMeqPerLPerPh, carbonateMeqPerL(weeks), otherMeqPerL(weeks), most());
    }

    /** Base that carbonates, and alkaline water, have set free after some weeks [meq/L]. */
    public double carbonateMeqPerL(final double weeks) {
        return lime(weeks) + weeks * drift.alkaliMeqPerLWeek();
    }

    /** Base that everything else has set free after some weeks [meq/L]; negative for acid. */
    public double otherMeqPerL(final double weeks) {
        return others(weeks) - weeks * drift.feedAcidMeqPerLWeek();
    }

    /** pH once all doses have reacted, without drift. */
    public double phWhenDone() {
        return with(Drift.NONE).ph(MOST_WEEKS);
    }

    /** Base set free by the doses after some weeks [meq/L]; negative for acid. */
    public double baseMeqPerL(final double weeks) {
        return lime(weeks) + others(weeks);
    }

    /**
     * Highest pH that carbonates can bring about: where dissolved bicarbonate and the carbon dioxide of the root zone balance, pH =
     * 6.35 + log₁₀(alkalinity / (0.034 · pCO₂)).
     */
    public double most() {
        return most(Math.max(LIMED_ALKALINITY, drift.alkalinityMeqPerL()));
    }

    /**
     * pH of a mix that only a carbonate, and only something else, move; with water free of lime.
     *
     * @param plainPh pH before
     * @param bufferMeqPerLPerPh buffer capacity [meq/L per pH]
     * @param carbonateMeqPerL base that carbonates have set free [meq/L]
     * @param otherMeqPerL base that others have set free, negative for acid [meq/L]
     */
    public static double ph(
            final double plainPh,
            final double bufferMeqPerLPerPh,
            final double carbonateMeqPerL,
            final double otherMeqPerL) {
        return moved(plainPh, bufferMeqPerLPerPh, carbonateMeqPerL, otherMeqPerL, most(LIMED_ALKALINITY));
    }

    /** Base that a gram of an amendment sets free by some time [meq/g]; negative for acid. */
    public static double meqPerG(final Amendment amendment, final double weeks, final double temperatureC) {
        return MEQ_PER_G_CARBONATE
                * amendment.neutralising()
                * amendment.fineness()
                * reacted(amendment, weeks, temperatureC);
    }

    private static double most(final double alkalinityMeqPerL) {
        return FIRST_PK + Math.log10(alkalinityMeqPerL / 1000 / (CO2_SOLUBILITY * ROOT_ZONE_CO2_ATM));
    }

    private double lime(final double weeks) {
        double base = 0;
        for (int i = 0; i < doses.size(); i++) {
            if (doses.get(i).amendment().reaction() == Amendment.Reaction.CARBONATE) {
                base += baseMeqPerL(i, weeks);
            }
        }
        return base;
    }

    private double others(final double weeks) {
        double base = 0;
        for (int i = 0; i < doses.size(); i++) {
            if (doses.get(i).amendment().reaction() != Amendment.Reaction.CARBONATE) {
                base += baseMeqPerL(i, weeks);
            }
        }
        return base;
    }

    private double baseMeqPerL(final int i, final double weeks) {
        final Recipe.Dose dose = doses.get(i);
        return dose.gPerL() * meqPerG(dose.amendment(), Math.max(0, weeks + agesWeeks.get(i)), temperatureC);
    }

    /** Share of an amendment that has reacted after some weeks, 0 to 1; doubling speed with every 10 °C. */
    public static double reacted(final Amendment amendment, final double weeks, final double temperatureC) {
        double speed = Math.pow(2, (temperatureC - REFERENCE_C) / 10);
        if (amendment.reaction() == Amendment.Reaction.BACTERIAL) {
            speed *= Math.max(0, Math.min(1, (temperatureC - BACTERIA_STOP_C) / (BACTERIA_WORK_C - BACTERIA_STOP_C)));
        }
        return 1 - Math.pow(2, -weeks * speed / amendment.halfTimeWeeks());
    }

    /** pH after base is added in many small steps, dpH = dq / (B·m); carbonates lift it no higher than {@code most}. */
    static double moved(
            final double from,
            final double buffer,
            final double carbonateMeqPerL,
            final double otherMeqPerL,
            final double most) {
        final double net = (carbonateMeqPerL + otherMeqPerL) / STEPS;
        final double withoutLime = Math.min(net, otherMeqPerL / STEPS);
        double ph = from;
        for (int i = 0; i < STEPS; i++) {
            final double next = ph + net / (buffer * stiffness(ph, net));
            ph = net <= 0 || next <= most
                    ? next
                    : Math.max(
                            Math.min(next, Math.max(ph, most)),
                            ph + withoutLime / (buffer * stiffness(ph, withoutLime)));
        }
        return Math.max(0, Math.min(14, ph));
    }

    private static double stiffness(final double ph, final double direction) {
        if ((ph - SOFTEST_PH) * direction <= 0) {
            return 1;
        }
        final double x = (ph - SOFTEST_PH) / STIFFENING_WIDTH;
        final double squared = x * x;
        return 1 + squared * squared * squared;
    }
}
