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
record FoundRecipe(
        int[] support, int[] parts, double penalty, double value, double costPerLitre, Dosing.Steps doseSteps) {

    /** The better first: what it is sought for, then penalty, fewer materials, fewer parts, lower cost; then by place, so that it is settled. */
    static final Comparator<FoundRecipe> ORDER = Comparator.comparingDouble(FoundRecipe::value)
            .thenComparingDouble(FoundRecipe::penalty)
            .thenComparingInt(find -> find.support.length)
            .thenComparingInt(FoundRecipe::sum)
            .thenComparingDouble(FoundRecipe::costPerLitre)
            .thenComparing(FoundRecipe::support, Arrays::compare)
            .thenComparing(FoundRecipe::parts, Arrays::compare);

    /** The recipe that a reader has read and judged last. */
    static FoundRecipe read(
            final CandidateReader reader,
            final int[] support,
            final int[] parts,
            final int size,
            final double penalty,
            final double value) {
        return new FoundRecipe(
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
