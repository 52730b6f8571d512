package looseknit.core.material;

import static looseknit.core.measure.Require.text;
import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.measure.Limit;
import looseknit.core.message.Message;
import looseknit.core.message.Titled;

/**
 * Something given by weight per litre of mix that does not count as a part of its volume: lime, sulfur, granules.
 *
 * @param id short name used in data
 * @param name name for people
 * @param kind what it is for
 * @param reaction how it moves the pH
 * @param neutralising acid neutralised per gram relative to pure calcium carbonate; negative for what makes acid
 * @param fineness share that reacts within a season
 * @param halfTimeWeeks weeks until half of that has reacted at 20 °C
 * @param contents plant food in it
 * @param longevityWeeks weeks over which the food comes free at 21 °C; 0 if at once
 * @param usualLowGPerL lower end of the usual dose [g/L]
 * @param usualHighGPerL upper end of the usual dose [g/L]
 * @param looseGPerMl weight of a loose millilitre, for spoons [g/mL]; typical, from memory
 * @param hazards what handling asks for
 * @param advice what to know before using it
 * @param source where the figures come from
 */
public record Amendment(
        String id,
        String name,
        Kind kind,
        Reaction reaction,
        double neutralising,
        double fineness,
        double halfTimeWeeks,
        Contents contents,
        double longevityWeeks,
        double usualLowGPerL,
        double usualHighGPerL,
        double looseGPerMl,
        List<Hazard> hazards,
        Advice advice,
        Message source)
        implements Titled {

    /** What an amendment is for. */
    public enum Kind {
        LIME,
        ACIDIFIER,
        FEED,
        MINERAL
    }

    /** How an amendment moves the pH. */
    public enum Reaction {
        /** Dissolves in acid only, so that it stops by itself near pH 7.6. */
        CARBONATE,
        /** Dissolves at once; carbon dioxide of the air turns the rest into carbonate within days. */
        HYDROXIDE,
        /** Turned to acid by bacteria, in warmth only. */
        BACTERIAL,
        NONE
    }

    /**
     * Plant food by mass, as labels state it.
     *
     * @param nPercent nitrogen [%]
     * @param p2o5Percent phosphorus as P2O5 [%]
     * @param k2oPercent potassium as K2O [%]
     * @param caPercent calcium as the element [%]
     * @param mgPercent magnesium as the element [%]
     * @param sPercent sulfur as the element [%]
     */
    public record Contents(
            double nPercent,
            double p2o5Percent,
            double k2oPercent,
            double caPercent,
            double mgPercent,
            double sPercent) {

        public Contents {
            within("amendment.nPercent", nPercent, 0, 50, Limit.PER_CENT);
            within("amendment.p2o5Percent", p2o5Percent, 0, 60, Limit.PER_CENT);
            within("amendment.k2oPercent", k2oPercent, 0, 62, Limit.PER_CENT);
            within("amendment.caPercent", caPercent, 0, 72, Limit.PER_CENT);
            within("amendment.mgPercent", mgPercent, 0, 61, Limit.PER_CENT);
            within("amendment.sPercent", sPercent, 0, 100, Limit.PER_CENT);
        }

        /** Elements in a gram [mg]. */
        public Nutrients mgPerG() {
            return new Nutrients(
                    10 * nPercent,
                    10 * p2o5Percent * Nutrients.P_IN_P2O5,
                    10 * k2oPercent * Nutrients.K_IN_K2O,
                    10 * caPercent,
                    10 * mgPercent,
                    10 * sPercent);
        }
    }

    public Amendment {
        id = text("amendment.id", id, 40);
        name = text("amendment.name", name, 80);
        hazards = List.copyOf(hazards);
        within("amendment.neutralising", neutralising, -5, 3, Limit.AGAINST_CALCIUM_CARBONATE);
        within("amendment.fineness", fineness, 0, 1, Limit.SHARE);
        within("amendment.looseGPerMl", looseGPerMl, 0.1, 3, Limit.G_PER_ML);
        within("amendment.halfTimeWeeks", halfTimeWeeks, 0.01, 200, Limit.WEEKS);
    }

    /**
     * The same stuff as bought: with the label's neutralising value and a fineness from sieving.
     *
     * @param neutralisingValue acid neutralised relative to pure calcium carbonate; same sign as the table's
     * @param sievedFineness share that reacts within a season, 0 to 1
     */
    public Amendment asBought(final double neutralisingValue, final double sievedFineness) {
        return new Amendment(
                id,
                name,
                kind,
                reaction,
                neutralisingValue,
                sievedFineness,
                halfTimeWeeks,
                contents,
                longevityWeeks,
                usualLowGPerL,
                usualHighGPerL,
                looseGPerMl,
                hazards,
                advice,
                source);
    }

    /**
     * Share of a ground lime that reacts within a season, from what passes sieves: all of the finest, half of the next, a fifth, a
     * twentieth of the coarsest. Typical handbook weights, from memory.
     *
     * @param under025 share finer than 0.25 mm
     * @param under085 share of 0.25 to 0.85 mm
     * @param under24 share of 0.85 to 2.4 mm
     * @throws looseknit.core.measure.OutOfRangeException if a share is negative or they add up to more than 1
     */
    public static double finenessBySieve(final double under025, final double under085, final double under24) {
        within("sieve.under025", under025, 0, 1, Limit.SHARE);
        within("sieve.under085", under085, 0, 1, Limit.SHARE);
        within("sieve.under24", under24, 0, 1, Limit.SHARE);
        final double coarser = 1 - under025 - under085 - under24;
        within("sieve.sum", under025 + under085 + under24, 0, 1 + 1e-9, Limit.SHARES_TOGETHER);
        return under025 + 0.5 * under085 + 0.2 * under24 + 0.05 * Math.max(0, coarser);
    }
}
