package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import java.util.List;
import java.util.Map;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.RecipeSentence;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;

/**
 * What is to be mixed.
 *
 * @param recipe the recipe
 * @param fills pots to fill
 * @param store what is made beside pots, for bags, bins and whole tubs
 * @param reserve share made on top of what the pots take, for spills and topping up, 0 to 1
 * @param scoopLitres the person's own scoop [L], 0.005 to 100
 * @param tubLitres what the mixing tub holds [L], 0.5 to 2,000
 * @param packs packs by material id; materials without an entry are taken in their usual pack without price
 */
public record BatchOrder(
        Recipe recipe,
        List<Fill> fills,
        Store store,
        double reserve,
        double scoopLitres,
        double tubLitres,
        Map<String, Pack> packs) {

    /** Usual reserve; common practice, no source. */
    public static final double USUAL_RESERVE = 0.05;

    /** What a mixing tub usually holds [L]; common practice, no source. */
    public static final double USUAL_TUB_LITRES = 20;

    /**
     * What is made beside the pots.
     *
     * @param litres finished mix for bags and bins [L], 0 to 10,000
     * @param tubs tubs filled as full as they go, 0 to 100
     */
    public record Store(double litres, int tubs) {

        /** Pots only. */
        public static final Store NONE = new Store(0, 0);

        public Store {
            within("store.litres", litres, 0, 10_000, Limit.L);
            within("store.tubs", tubs, 0, 100, Limit.NUMBER);
        }

        /**
         * A heap that was counted out already, without any pot in mind.
         *
         * @param recipe what it was mixed by
         * @param looseLitres loose volumes that went in, added up [L], 0.01 to 800
         */
        public static Store counted(final Recipe recipe, final double looseLitres) {
            within("looseLitres", looseLitres, 0.01, 800, Limit.L);
            return new Store(looseLitres * Ingredients.of(recipe).mix(recipe).yield(), 0);
        }

        boolean isNone() {
            return litres <= 0 && tubs == 0;
        }
    }

    /** Pots only. */
    public BatchOrder(
            final Recipe recipe,
            final List<Fill> fills,
            final double reserve,
            final double scoopLitres,
            final double tubLitres,
            final Map<String, Pack> packs) {
        this(recipe, fills, Store.NONE, reserve, scoopLitres, tubLitres, packs);
    }

    public BatchOrder {
        fills = List.copyOf(fills);
        packs = Map.copyOf(packs);
        if (fills.isEmpty() && store.isNone()) {
            throw new OutOfRangeException("fills", RecipeSentence.EMPTY.with(), BatchSentence.NO_POTS.with());
        }
        within("reserve", reserve, 0, 1, Limit.SHARE);
        within("scoopLitres", scoopLitres, 0.005, 100, Limit.L);
        within("tubLitres", tubLitres, 0.5, 2000, Limit.L);
    }
}
