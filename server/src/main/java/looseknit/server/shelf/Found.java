package looseknit.server.shelf;

import looseknit.core.sheet.MaterialSheet;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.material.Material;

/** What measuring a lot has changed against the Book. */
final class Found {

    private Found() {}

    static List<ShelfLotBody.FoundBody> between(final Material book, final Material lot) {
        final List<MaterialSheet.Line> before = MaterialSheet.of(book);
        final List<MaterialSheet.Line> after = MaterialSheet.of(lot);
        final List<ShelfLotBody.FoundBody> found = new ArrayList<>();
        for (int i = 0; i < Math.min(before.size(), after.size()); i++) {
            final MaterialSheet.Line was = before.get(i);
            final MaterialSheet.Line is = after.get(i);
            if (was.name().equals(is.name()) && (was.value() != is.value() || was.sd() != is.sd())) {
                found.add(new ShelfLotBody.FoundBody(
                        is.name(), is.unit(), was.value(), was.sd(), is.value(), is.sd(), is.decimals()));
            }
        }
        return found;
    }
}
