package looseknit.server.shelf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** The shelf before a change of lots, and those that have changed. */
final class LotsBeforeAndAfter {

    private final Map<UUID, Optional<LotFacts>> before = new LinkedHashMap<>();
    private final Map<UUID, Optional<LotFacts>> changed = new LinkedHashMap<>();

    LotsBeforeAndAfter(final List<ShelfLotBody> before) {
        before.forEach(lot -> this.before.put(lot.id(), Optional.of(lot.facts())));
    }

    /** A lot as it is now. */
    void of(final Lot lot) {
        changed.put(lot.id(), Optional.of(lot.facts()).filter(any -> lot.removedAt() == null));
    }

    /** Whether the Book says something else now: another lot is in use that was measured, or something else was measured of it. */
    boolean ofTheBook() {
        final Map<UUID, Optional<LotFacts>> after = new LinkedHashMap<>(before);
        after.putAll(changed);
        return !LiveBooks.measuredInUse(here(before)).equals(LiveBooks.measuredInUse(here(after)));
    }

    private static List<LotFacts> here(final Map<UUID, Optional<LotFacts>> lots) {
        return lots.values().stream().flatMap(Optional::stream).toList();
    }
}
