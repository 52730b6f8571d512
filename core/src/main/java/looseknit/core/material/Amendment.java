package looseknit.core.material;

import static looseknit.core.measure.Require.text;
import static looseknit.core.measure.Require.within;

import java.util.List;

/**
 * Something given by weight per litre of mix that does not count as a part of its volume: lime, sulfur, granules.
 *
 * @param id short name used in data
 * @param name name for people
 * @param kind what it is for
 * @param neutralising acid neutralised per gram relative to pure calcium carbonate; negative for what makes acid
 * @param fineness share that reacts within a season
 * @param halfTimeWeeks weeks until half of that has reacted at 20 °C
 * @param nPercent nitrogen [% by mass]
 * @param p2o5Percent phosphorus as P2O5 [% by mass]
 * @param k2oPercent potassium as K2O [% by mass]
 * @param longevityWeeks weeks over which the food comes free at 21 °C; 0 if at once
 * @param usualLowGPerL lower end of the usual dose [g/L]
 * @param usualHighGPerL upper end of the usual dose [g/L]
 * @param hazards what handling asks for
 * @param does what it does, in two sentences
 * @param source where the figures come from
 */
public record Amendment(
        String id,
        String name,
        Kind kind,
        double neutralising,
        double fineness,
        double halfTimeWeeks,
        double nPercent,
        double p2o5Percent,
        double k2oPercent,
        double longevityWeeks,
        double usualLowGPerL,
        double usualHighGPerL,
        List<Hazard> hazards,
        String does,
        String source) {

    /** What an amendment is for. */
    public enum Kind {
        LIME,
        ACIDIFIER,
        FEED
    }

    public Amendment {
        id = text("amendment.id", id, 40);
        name = text("amendment.name", name, 80);
        hazards = List.copyOf(hazards);
        within("amendment.neutralising", neutralising, -5, 3, "(relative to calcium carbonate)");
        within("amendment.fineness", fineness, 0, 1, "(share)");
        within("amendment.halfTimeWeeks", halfTimeWeeks, 0.01, 200, "weeks");
        within("amendment.nPercent", nPercent, 0, 50, "%");
        within("amendment.p2o5Percent", p2o5Percent, 0, 60, "%");
        within("amendment.k2oPercent", k2oPercent, 0, 62, "%");
    }
}
