package looseknit.server.shelf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A material of which no lot that may be used is more than nearly used up. A full bag that waits behind one that runs low is enough; one in
 * quarantine is not.
 *
 * @param lot the first that runs low
 * @param leftLitres what is left of the material that may be used
 */
record RunningOut(ShelfLotBody lot, double leftLitres) {

    static List<RunningOut> of(final List<ShelfLotBody> all) {
        final Map<String, List<ShelfLotBody>> lots = all.stream()
                .collect(Collectors.groupingBy(
                        each -> each.facts().materialId(), LinkedHashMap::new, Collectors.toUnmodifiableList()));
        return lots.values().stream()
                .filter(each -> usable(each).allMatch(ShelfLotBody::low))
                .flatMap(each -> each.stream()
                        .filter(ShelfLotBody::low)
                        .findFirst()
                        .map(low -> new RunningOut(
                                low,
                                usable(each)
                                        .mapToDouble(lot -> lot.facts().leftLitres())
                                        .sum()))
                        .stream())
                .toList();
    }

    private static Stream<ShelfLotBody> usable(final List<ShelfLotBody> lots) {
        return lots.stream().filter(each -> !each.facts().quarantined());
    }
}
