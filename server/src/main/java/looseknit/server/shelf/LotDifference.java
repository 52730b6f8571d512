package looseknit.server.shelf;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.material.Material;
import looseknit.core.message.Dimension;
import looseknit.core.message.MeasureSystem;
import looseknit.core.sheet.MaterialSheet;

/** What measuring a lot has changed against the Book. */
final class LotDifference {

    private LotDifference() {}

    static List<ShelfLotBody.FoundBody> between(final Material book, final Material lot, final MeasureSystem system) {
        final List<MaterialSheet.Line> before = MaterialSheet.of(book);
        final List<MaterialSheet.Line> after = MaterialSheet.of(lot);
        final List<ShelfLotBody.FoundBody> found = new ArrayList<>();
        for (int i = 0; i < Math.min(before.size(), after.size()); i++) {
            final MaterialSheet.Line was = before.get(i);
            final MaterialSheet.Line is = after.get(i);
            final double old = was.quantity().value();
            final double now = is.quantity().value();
            if (was.name().equals(is.name()) && (old != now || was.sd() != is.sd())) {
                final Dimension dimension = is.quantity().dimension();
                found.add(new ShelfLotBody.FoundBody(
                        is.name(),
                        dimension.unit(system),
                        dimension.shown(old, system),
                        dimension.difference(was.sd(), system),
                        dimension.shown(now, system),
                        dimension.difference(is.sd(), system),
                        dimension.decimals(is.quantity().decimals(), system)));
            }
        }
        return found;
    }
}
