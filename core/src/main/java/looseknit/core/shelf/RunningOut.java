package looseknit.core.shelf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A material to buy soon: it has a lot that runs low, and none that may be used is more than nearly used up. A full bag that waits behind one
 * that runs low is enough; one in quarantine is not. Common practice, no source.
 *
 * @param lot the first lot that runs low
 * @param leftLitres what is left of the material that may be used [L], 0 and more
 * @param <K> how lots are told apart
 */
public record RunningOut<K>(Lot<K> lot, double leftLitres) {

    /**
     * A lot as it stands.
     *
     * @param leftLitres what is left [L], 0 and more
     * @param low whether that is not more than its mark
     * @param quarantined whether it may not be used
     */
    public record Lot<K>(K id, String materialId, double leftLitres, boolean low, boolean quarantined) {}

    /** What runs out, in the order in which the first lot of each material stands. */
    public static <K> List<RunningOut<K>> among(final List<Lot<K>> all) {
        final Map<String, List<Lot<K>>> lots = all.stream()
                .collect(Collectors.groupingBy(Lot::materialId, LinkedHashMap::new, Collectors.toUnmodifiableList()));
        return lots.values().stream().flatMap(RunningOut::of).toList();
    }

    private static <K> Stream<RunningOut<K>> of(final List<Lot<K>> ofMaterial) {
        final List<Lot<K>> usable =
                ofMaterial.stream().filter(each -> !each.quarantined()).toList();
        if (!usable.stream().allMatch(Lot::low)) {
            return Stream.of();
        }
        final double left = usable.stream().mapToDouble(Lot::leftLitres).sum();
        return ofMaterial.stream().filter(Lot::low).limit(1).map(low -> new RunningOut<>(low, left));
    }
}
