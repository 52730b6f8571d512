package looseknit.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicReferenceArray;
import org.jspecify.annotations.Nullable;

/** Looks for the closest blend by every number of extra parts. */
final class FewestAdditions implements SearchGoal {

    /** Penalty that a further part must take off: a point of fit. */
    private static final double WORTH_A_PART = 0.03;

    private final AtomicReferenceArray<@Nullable FoundRecipe> best;

    FewestAdditions(final int mostParts) {
        this.best = new AtomicReferenceArray<>(mostParts + 1);
    }

    /** The worst of the best so far: a recipe above it betters none of them. */
    @Override
    public double limit(final int[] support, final int size, final int parts) {
        double worst = 0;
        for (int all = parts; all < best.length(); all++) {
            final @Nullable FoundRecipe find = best.get(all);
            worst = Math.max(worst, find == null ? Double.POSITIVE_INFINITY : find.penalty());
        }
        return worst;
    }

    /** More parts than bring everything within its band need not be looked at. */
    @Override
    public int mostParts(final int[] support, final int size, final int most) {
        for (int parts = 0; parts < best.length(); parts++) {
            final @Nullable FoundRecipe find = best.get(parts);
            if (find != null && find.penalty() == 0) {
                return parts;
            }
        }
        return most;
    }

    @Override
    public void take(
            final CandidateReader reader, final int[] support, final int[] parts, final int size, final double limit) {
        final double penalty = reader.penalty(limit);
        if (penalty > limit) {
            return;
        }
        final FoundRecipe find = FoundRecipe.read(reader, support, parts, size, penalty, 0);
        best.accumulateAndGet(
                find.sum(),
                find,
                (old, fresh) ->
                        old == null || FoundRecipe.ORDER.compare(Objects.requireNonNull(fresh), old) < 0 ? fresh : old);
    }

    @Override
    public double best() {
        double least = Double.POSITIVE_INFINITY;
        for (int parts = 0; parts < best.length(); parts++) {
            final @Nullable FoundRecipe find = best.get(parts);
            least = find == null ? least : Math.min(least, find.penalty());
        }
        return least;
    }

    /** The closest by number of extra parts, each so much better than all with fewer that a further part is worth it. */
    List<FoundRecipe> stairs() {
        final List<FoundRecipe> stairs = new ArrayList<>();
        for (int parts = 0; parts < best.length(); parts++) {
            final @Nullable FoundRecipe find = best.get(parts);
            if (find != null
                    && (stairs.isEmpty()
                            || find.penalty() < stairs.get(stairs.size() - 1).penalty() - WORTH_A_PART)) {
                stairs.add(find);
            }
        }
        return List.copyOf(stairs);
    }
}
