package looseknit.core.blend;

import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.material.Amendment;
import looseknit.core.material.Nutrients;
import looseknit.core.measure.Limit;
import looseknit.core.message.Named;

/**
 * Food in a mix: what the materials bring at once plus what the doses set free over time. Additive, typical charges; not
 * checked against measured mixes.
 */
public final class Food {

    /** Temperature for which labels of slow feeds state their time [°C]. */
    public static final double LABEL_C = 21;

    /** Weeks of a month. */
    public static final double MONTH_WEEKS = 365.25 / 12 / 7;

    /** Salts that soluble nitrogen of a balanced feed brings [dS/m per mg/L]; from memory. */
    private static final double EC_PER_N = 0.0065;

    private static final double FIRST_MONTH_WEEKS = 4;

    /**
     * What is usual from granules for half a year, as nitrogen in all; typical classes of 1.5 to 2, 3 to 4 and 5 to 6 g/L of a feed with
     * 15 %, from memory.
     */
    public enum Appetite implements Named {
        TENDER(225, 300),
        ORDINARY(450, 600),
        HUNGRY(750, 900);
        private final double lowNMgPerL;
        private final double highNMgPerL;

        Appetite(final double lowNMgPerL, final double highNMgPerL) {
            this.lowNMgPerL = lowNMgPerL;
            this.highNMgPerL = highNMgPerL;
        }

        /** Lower end [mg/L]. */
        public double lowNMgPerL() {
            return lowNMgPerL;
        }

        /** Upper end [mg/L]. */
        public double highNMgPerL() {
            return highNMgPerL;
        }
    }

    private Food() {}

    /** All food that the mix will set free, materials and doses together. */
    public static Nutrients total(final Mix mix, final List<Recipe.Dose> doses) {
        Nutrients total = mix.nutrients();
        for (final Recipe.Dose dose : doses) {
            total = total.plus(dose.amendment().contents().mgPerG(), dose.gPerL() * solubleShare(dose.amendment()));
        }
        return total;
    }

    /**
     * Food set free by some time: all that the materials bring, and what the doses have given.
     *
     * @param weeks weeks since mixing, 0 to 5000
     * @param temperatureC mean temperature [°C]
     */
    public static Nutrients released(
            final Mix mix, final List<Recipe.Dose> doses, final double weeks, final double temperatureC) {
        within("weeks", weeks, 0, 5000, Limit.WEEKS);
        Nutrients sum = mix.nutrients();
        for (final Recipe.Dose dose : doses) {
            sum = sum.plus(
                    dose.amendment().contents().mgPerG(),
                    dose.gPerL() * releasedShare(dose.amendment(), weeks, temperatureC));
        }
        return sum;
    }

    /**
     * Share of an amendment's food that has come free. Slow feeds give it evenly over the time on the label, twice as fast with every
     * 10 °C; limes and minerals as they dissolve; the rest at once.
     */
    public static double releasedShare(final Amendment amendment, final double weeks, final double temperatureC) {
        if (amendment.longevityWeeks() > 0) {
            return Math.min(1, weeks / lastsWeeks(amendment, temperatureC));
        }
        return amendment.kind() == Amendment.Kind.FEED
                ? 1
                : solubleShare(amendment) * Acidity.reacted(amendment, weeks, temperatureC);
    }

    /**
     * Weeks until a slow feed has given all at a temperature.
     *
     * @param temperatureC mean temperature [°C]
     */
    public static double lastsWeeks(final Amendment amendment, final double temperatureC) {
        return amendment.longevityWeeks() / faster(temperatureC);
    }

    /**
     * How many times as fast as on the label a feed sets free: twice with every 10 °C.
     *
     * @param temperatureC mean temperature [°C]
     */
    public static double faster(final double temperatureC) {
        return Math.pow(2, (temperatureC - LABEL_C) / 10);
    }

    private static double solubleShare(final Amendment amendment) {
        return amendment.kind() == Amendment.Kind.FEED ? 1 : amendment.fineness();
    }

    /**
     * Nitrogen at the roots in the first month: the materials' available charge plus what slow feeds set free in four weeks.
     *
     * @return [mg/L]
     */
    public static double firstMonthNMgPerL(final Mix mix, final List<Recipe.Dose> doses, final double temperatureC) {
        return mix.sum(material -> material.chemistry().nutrients().nMgPerL())
                + dosedNMgPerL(doses, FIRST_MONTH_WEEKS, temperatureC);
    }

    /** Nitrogen that doses set free in the first month [mg/L]. */
    public static double dosedNMgPerL(final List<Recipe.Dose> doses, final double temperatureC) {
        return dosedNMgPerL(doses, FIRST_MONTH_WEEKS, temperatureC);
    }

    private static double dosedNMgPerL(final List<Recipe.Dose> doses, final double weeks, final double temperatureC) {
        double n = 0;
        for (final Recipe.Dose dose : doses) {
            n += dose.gPerL() * nMgPerG(dose.amendment(), weeks, temperatureC);
        }
        return n;
    }

    private static double nMgPerG(final Amendment amendment, final double weeks, final double temperatureC) {
        return amendment.contents().nPercent() * 10 * releasedShare(amendment, weeks, temperatureC);
    }

    /** Nitrogen that a gram of an amendment sets free in the first month [mg/g]. */
    public static double firstMonthNMgPerG(final Amendment amendment, final double temperatureC) {
        return nMgPerG(amendment, FIRST_MONTH_WEEKS, temperatureC);
    }

    /** Salts that soluble nitrogen brings [dS/m], by its amount [mg/L]. */
    public static double ecOfN(final double nMgPerL) {
        return EC_PER_N * nMgPerL;
    }

    /** Salts in the mix in the first month, as in a saturation extract [dS/m]. */
    public static double ecDsPerM(final Mix mix, final List<Recipe.Dose> doses, final double temperatureC) {
        return mix.ecDsPerM() + ecOfN(dosedNMgPerL(doses, FIRST_MONTH_WEEKS, temperatureC));
    }

    /**
     * Dose of a feed that brings the nitrogen of a mix, over the whole time of the feed, to a goal.
     *
     * @param goalNMgPerL nitrogen in all [mg/L], 0 to 5000
     * @return [g/L]; 0 if the mix has as much already
     * @throws looseknit.core.measure.OutOfRangeException if the amendment holds no nitrogen
     */
    public static double doseForN(
            final Mix mix, final List<Recipe.Dose> doses, final Amendment feed, final double goalNMgPerL) {
        within("goal", goalNMgPerL, 0, 5000, Limit.MG_N_PER_L);
        within("nitrogen of " + feed.name(), feed.contents().nPercent(), 0.1, 50, Limit.PER_CENT_N);
        final double already = total(mix, doses).nMgPerL();
        return Math.max(0, goalNMgPerL - already) / feed.contents().mgPerG().nMgPerL();
    }
}
