package looseknit.core.find;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.stream.IntStream;
import looseknit.core.material.Nature;
import org.jspecify.annotations.Nullable;

/** Looks for the closest blend of every number of materials, and for the closest without peat. */
final class ClosestBlends implements SearchGoal {

    private final boolean[] peaty;
    /** Best by number of materials; the last place is for the best without peat. */
    private final AtomicReferenceArray<@Nullable FoundRecipe> best;

    private final int withoutPeat;

    ClosestBlends(final CandidateTables meter, final int mostMaterials) {
        final List<Candidate> candidates = meter.question.candidates();
        this.peaty = new boolean[candidates.size()];
        for (int j = 0; j < peaty.length; j++) {
            peaty[j] = candidates.get(j).material().is(Nature.PEAT);
        }
        this.withoutPeat = mostMaterials + 1;
        this.best = new AtomicReferenceArray<>(mostMaterials + 2);
    }

    private double penalty(final int seat) {
        final @Nullable FoundRecipe find = best.get(seat);
        return find == null ? Double.POSITIVE_INFINITY : find.penalty();
    }

    private boolean free(final int[] support, final int size) {
        for (int s = 0; s < size; s++) {
            if (peaty[support[s]]) {
                return false;
            }
        }
        return true;
    }

    @Override
    public double limit(final int[] support, final int size) {
        return free(support, size) ? Math.max(penalty(size), penalty(withoutPeat)) : penalty(size);
    }

    /** Of blends that miss nothing the one with fewer parts is better, so that more need not be looked at. */
    @Override
    public int mostParts(final int[] support, final int size, final int most) {
        final @Nullable FoundRecipe found = best.get(size);
        if (found == null || found.penalty() > 0) {
            return most;
        }
        final @Nullable FoundRecipe other = best.get(withoutPeat);
        if (free(support, size) && (other == null || other.penalty() > 0)) {
            return most;
        }
        return free(support, size)
                ? Math.max(found.sum(), Objects.requireNonNull(other).sum())
                : found.sum();
    }

    @Override
    public void take(
            final CandidateReader reader, final int[] support, final int[] parts, final int size, final double limit) {
        final double penalty = reader.penalty(limit);
        if (penalty > limit) {
            return;
        }
        final FoundRecipe find = FoundRecipe.read(reader, support, parts, size, penalty, 0);
        offer(size, find);
        if (free(support, size)) {
            offer(withoutPeat, find);
        }
    }

    private void offer(final int seat, final FoundRecipe find) {
        best.accumulateAndGet(
                seat, find, (old, fresh) -> old == null || FoundRecipe.ORDER.compare(fresh, old) < 0 ? fresh : old);
    }

    @Override
    public double best() {
        return overall().map(FoundRecipe::penalty).orElse(Double.POSITIVE_INFINITY);
    }

    /** The closest of all. */
    Optional<FoundRecipe> overall() {
        return IntStream.range(0, withoutPeat)
                .mapToObj(best::get)
                .filter(Objects::nonNull)
                .map(Objects::requireNonNull)
                .min(FoundRecipe.ORDER);
    }

    /** The closest of so many materials. */
    Optional<FoundRecipe> of(final int size) {
        return Optional.ofNullable(best.get(size));
    }

    /** The closest without peat. */
    Optional<FoundRecipe> withoutPeat() {
        return Optional.ofNullable(best.get(withoutPeat));
    }
}
