package looseknit.server.batch;

import java.util.List;
import java.util.Map;
import looseknit.core.batch.BatchOrder;
import looseknit.core.batch.Pack;
import looseknit.core.blend.Recipe;
import looseknit.server.frame.Books;

/**
 * How much of a batch is made, and with what.
 *
 * @param fills pots to fill
 * @param storeLitres finished mix for bags and bins [L]
 * @param tubsFull tubs filled as full as they go
 * @param reserve share on top of what the pots take
 * @param scoopLitres the scoop [L]
 * @param tubLitres the tub [L]
 */
public record BatchAmounts(
        List<FillBody> fills, double storeLitres, int tubsFull, double reserve, double scoopLitres, double tubLitres) {

    public BatchAmounts {
        fills = List.copyOf(fills);
    }

    /** Pots only, with the usual reserve. */
    public static BatchAmounts pots(final List<FillBody> fills, final double scoopLitres, final double tubLitres) {
        return new BatchAmounts(fills, 0, 0, BatchOrder.USUAL_RESERVE, scoopLitres, tubLitres);
    }

    BatchOrder order(final Recipe recipe, final Map<String, Pack> packs, final Books books) {
        return new BatchOrder(
                recipe,
                fills.stream().map(fill -> fill.toCore(books)).toList(),
                new BatchOrder.Store(storeLitres, tubsFull),
                reserve,
                scoopLitres,
                tubLitres,
                packs);
    }
}
