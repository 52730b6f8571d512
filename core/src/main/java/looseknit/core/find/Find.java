package looseknit.core.find;

import java.util.Arrays;
import java.util.Comparator;

/**
 * A recipe that a search came upon.
 *
 * @param support places of the candidates, rising
 * @param parts parts of each
 * @param penalty how badly it misses its targets
 * @param value what it was sought for besides, the smaller the better; 0 if for nothing
 * @param costPerLitre price of a litre of finished mix by the prices that are known
 * @param doseSteps steps of lime, of what acidifies and of feed
 */
record Find(int[] support, int[] parts, double penalty, double value, double costPerLitre, int[] doseSteps) {

    /** The better first: what it is sought for, then penalty, fewer materials, fewer parts, lower cost; then by place, so that it is settled. */
    static final Comparator<Find> ORDER = Comparator.comparingDouble(Find::value)
            .thenComparingDouble(Find::penalty)
            .thenComparingInt(find -> find.support.length)
            .thenComparingInt(Find::sum)
            .thenComparingDouble(Find::costPerLitre)
            .thenComparing(Find::support, Arrays::compare)
            .thenComparing(Find::parts, Arrays::compare);

    /** The recipe that a reader has read and judged last. */
    static Find read(
            final Reader reader,
            final int[] support,
            final int[] parts,
            final int size,
            final double penalty,
            final double value) {
        return new Find(
                Arrays.copyOf(support, size),
                Arrays.copyOf(parts, size),
                penalty,
                value,
                reader.costPerLitre(),
                reader.doseSteps());
    }

    int sum() {
        return Arrays.stream(parts).sum();
    }
}
