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

    /** What a material beyond the second, and a part beyond the fourth, counts like a penalty: 0.7 and 0.1 points of fit. By judgement. */
    private static final double MATERIAL = 0.02;

    private static final double PART = 0.004;
    private static final int FEW_MATERIALS = 2;
    private static final int FEW_PARTS = 4;

    /** The better first: what it is sought for, then penalty with scooping, fewer materials, fewer parts, lower cost; then by place, so that it is settled. */
    static final Comparator<FoundRecipe> ORDER = Comparator.comparingDouble(FoundRecipe::value)
            .thenComparingDouble(FoundRecipe::weighed)
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

    /** How much scooping so many parts of so many materials counts like a penalty: people like few and small numbers. */
    static double scooping(final int materials, final int parts) {
        return MATERIAL * Math.max(0, materials - FEW_MATERIALS) + PART * Math.max(0, parts - FEW_PARTS);
    }

    /** Most parts of so many materials whose scooping counts no more than so much. */
    static int mostParts(final int materials, final double weighed) {
        final double left = weighed - scooping(materials, 0);
        return left < 0 ? 0 : FEW_PARTS + (int) Math.min(1000, Math.floor(left / PART + 1e-9));
    }

    /** The penalty with what scooping it counts. */
    double weighed() {
        return weighed(penalty, parts, support.length);
    }

    /** A penalty with what scooping the first {@code size} of some parts counts. */
    static double weighed(final double penalty, final int[] parts, final int size) {
        return penalty + scooping(size, sum(parts, size));
    }

    int sum() {
        return sum(parts, support.length);
    }

    private static int sum(final int[] parts, final int size) {
        int sum = 0;
        for (int s = 0; s < size; s++) {
            sum += parts[s];
        }
        return sum;
    }
}
