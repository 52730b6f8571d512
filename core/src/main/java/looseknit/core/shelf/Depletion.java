package looseknit.core.shelf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is left on the shelf once something was taken from it. */
public final class Depletion {

    private static final double FINEST_L = 0.01;

    private Depletion() {}

    /**
     * A lot with what is left of it.
     *
     * @param leftLitres what is left [L], 0 and more
     * @param <K> how lots are told apart
     */
    public record Lot<K>(K id, String materialId, double leftLitres) {}

    /**
     * Something that is taken.
     *
     * @param litres how much [L], 0 and more
     */
    public record Taken(String materialId, double litres) {}

    /**
     * Litres left of each lot that loses something, to a hundredth: the first lot of a material is emptied before the next is begun, and none
     * goes below nothing.
     *
     * @param lots in the order in which they are used
     */
    public static <K> Map<K, Double> after(final List<Lot<K>> lots, final List<Taken> taken) {
        final Map<K, Double> left = new LinkedHashMap<>();
        for (final Taken each : taken) {
            double open = each.litres();
            for (final Lot<K> lot : lots) {
                final double before = left.getOrDefault(lot.id(), lot.leftLitres());
                final double used = Math.min(before, open);
                if (lot.materialId().equals(each.materialId()) && used > 0) {
                    left.put(lot.id(), Math.rint((before - used) / FINEST_L) * FINEST_L);
                    open -= used;
                }
            }
        }
        return left;
    }
}
