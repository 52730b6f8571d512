package looseknit.core.find;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.stream.IntStream;
import looseknit.core.material.Nature;
import org.jspecify.annotations.Nullable;

/**
 * Looks for the closest blend, few scoops counting in its favour, and for the closest without peat. Of each number of materials it keeps the closest that
 * was worth reading: one with more materials is only looked for where it might fit better.
 */
final class ClosestBlends implements SearchGoal {

    private final boolean[] peaty;
    /** Best by number of materials; the last place is for the best without peat. */
    private final AtomicReferenceArray<@Nullable FoundRecipe> best;

    private final int withoutPeat;

    /** What the best of all numbers of materials, and the best without peat, count with scooping: read at every step of the search. */
    private volatile double least = Double.POSITIVE_INFINITY;

    private volatile double leastPeatless = Double.POSITIVE_INFINITY;

    ClosestBlends(final CandidateTables meter, final int mostMaterials) {
        final List<Candidate> candidates = meter.question.candidates();
        this.peaty = new boolean[candidates.size()];
        for (int j = 0; j < peaty.length; j++) {
            peaty[j] = candidates.get(j).material().is(Nature.PEAT);
        }
        this.withoutPeat = mostMaterials + 1;
        this.best = new AtomicReferenceArray<>(mostMaterials + 2);
    }

    /** What a set would have to beat: the best of all numbers of materials, since more materials are only worth it if they fit better. */
    private double toBeat(final int[] support, final int size) {
        final double plain = least;
        final double peatless = leastPeatless;
        return peatless > plain && free(support, size) ? peatless : plain;
    }

    private boolean free(final int[] support, final int size) {
        for (int s = 0; s < size; s++) {
            if (peaty[support[s]]) {
                return false;
            }
        }
        return true;
    }

    /** As good as the best is read too: which of them is taken is settled by their order, not by which came first. */
    @Override
    public double limit(final int[] support, final int size, final int parts) {
        return toBeat(support, size) - FoundRecipe.scooping(size, parts) + ExhaustiveSearch.ROUNDING;
    }

    /** Scooping alone would count more than all of the best does. */
    @Override
    public int mostParts(final int[] support, final int size, final int most) {
        return Math.min(most, FoundRecipe.mostParts(size, toBeat(support, size)));
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

    private synchronized void offer(final int seat, final FoundRecipe find) {
        best.accumulateAndGet(
                seat, find, (old, fresh) -> old == null || FoundRecipe.ORDER.compare(fresh, old) < 0 ? fresh : old);
        if (seat == withoutPeat) {
            leastPeatless = Math.min(leastPeatless, find.weighed());
        } else {
            least = Math.min(least, find.weighed());
        }
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
