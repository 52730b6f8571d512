package looseknit.core.shelf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A material to buy soon: all that may be used of it is not more than the highest mark of its lots. A full bag that waits behind one that runs
 * low is enough, and so are many bags with a little in each; one in quarantine counts only where there is no other. This is the reorder point of
 * keeping stock, taken of what is on hand; common practice, no source.
 *
 * @param lot the first lot that is down to its own mark
 * @param leftLitres what is left of the material [L], 0 and more
 * @param <K> how lots are told apart
 */
public record RunningOut<K>(Lot<K> lot, double leftLitres) {

    /**
     * A lot as it stands.
     *
     * @param leftLitres what is left [L], 0 and more
     * @param markLitres with how much left it is time to buy [L], 0 and more
     * @param quarantined whether it may not be used
     */
    public record Lot<K>(K id, String materialId, double leftLitres, double markLitres, boolean quarantined) {

        private boolean low() {
            return leftLitres <= markLitres;
        }
    }

    /** What runs out, in the order in which the first lot of each material stands. */
    public static <K> List<RunningOut<K>> among(final List<Lot<K>> all) {
        final Map<String, List<Lot<K>>> lots = all.stream()
                .collect(Collectors.groupingBy(Lot::materialId, LinkedHashMap::new, Collectors.toUnmodifiableList()));
        return lots.values().stream().flatMap(RunningOut::of).toList();
    }

    private static <K> Stream<RunningOut<K>> of(final List<Lot<K>> ofMaterial) {
        final List<Lot<K>> usable =
                ofMaterial.stream().filter(each -> !each.quarantined()).toList();
        final List<Lot<K>> counted = usable.isEmpty() ? ofMaterial : usable;
        final double left = counted.stream().mapToDouble(Lot::leftLitres).sum();
        final double mark = counted.stream().mapToDouble(Lot::markLitres).max().orElse(0);
        return left > mark
                ? Stream.of()
                : counted.stream().filter(Lot::low).limit(1).map(low -> new RunningOut<>(low, left));
    }
}
