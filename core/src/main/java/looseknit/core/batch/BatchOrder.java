package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import java.util.List;
import java.util.Map;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.RecipeSentence;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;

/**
 * What is to be mixed.
 *
 * @param recipe the recipe
 * @param fills pots to fill, at least one kind
 * @param reserve share made on top, for spills and topping up, 0 to 1
 * @param scoopLitres the person's own scoop [L], 0.005 to 100
 * @param tubLitres what the mixing tub holds [L], 0.5 to 2,000
 * @param packs packs by material id; materials without an entry are taken in their usual pack without price
 */
public record BatchOrder(
        Recipe recipe,
        List<Fill> fills,
        double reserve,
        double scoopLitres,
        double tubLitres,
        Map<String, Pack> packs) {

    /** Usual reserve; common practice, no source. */
    public static final double USUAL_RESERVE = 0.05;

    /** What a mixing tub usually holds [L]; common practice, no source. */
    public static final double USUAL_TUB_LITRES = 20;

    public BatchOrder {
        fills = List.copyOf(fills);
        packs = Map.copyOf(packs);
        if (fills.isEmpty()) {
            throw new OutOfRangeException("fills", RecipeSentence.EMPTY.with(), BatchSentence.NO_POTS.with());
        }
        within("reserve", reserve, 0, 1, Limit.SHARE);
        within("scoopLitres", scoopLitres, 0.005, 100, Limit.L);
        within("tubLitres", tubLitres, 0.5, 2000, Limit.L);
    }
}
