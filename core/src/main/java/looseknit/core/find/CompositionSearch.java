package looseknit.core.find;

import java.util.Arrays;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** One thread's walk through the recipes of a set of materials. */
final class CompositionSearch {

    private final int size;
    private final ExhaustiveSearch sweep;
    private final SearchGoal goal;
    private final CandidateReader reader;
    private final Bounds bounds;
    private final int[] support;
    private final int[] parts;
    private final Bounds.Partial[] partial;
    private final UsualBounds.@Nullable Walk usual;
    private long readHere;
    private long coveredHere;

    CompositionSearch(final ExhaustiveSearch sweep, final int size, final SearchGoal goal) {
        this.sweep = sweep;
        this.reader = sweep.meter.reader();
        this.bounds = new Bounds(sweep.meter);
        this.size = size;
        this.goal = goal;
        this.support = new int[size];
        this.parts = new int[size];
        this.partial = IntStream.rangeClosed(0, size)
                .mapToObj(depth -> bounds.partial())
                .toArray(Bounds.Partial[]::new);
        this.usual = sweep.meter.usual.map(each -> each.walk(Math.max(1, size))).orElse(null);
    }

    /**
     * Goes through all recipes of a set.
     *
     * @param packed the set
     * @param bound its bound
     */
    void through(final int packed, final double bound) {
        for (int i = 0; i < size; i++) {
            support[i] = packed >>> (ExhaustiveSearch.PLACE_BITS * i) & ExhaustiveSearch.PLACE_MASK;
        }
        final long whole = sweep.compositions.count(size);
        if (sweep.bounding && ExhaustiveSearch.beyond(bound, goal.limit(support, size, size))) {
            sweep.covered.addAndGet(whole);
            return;
        }
        if (usual != null && !usual.load(support, size)) {
            sweep.covered.addAndGet(whole);
            return;
        }
        reader.load(support, size);
        bounds.load(reader, support, size);
        bounds.skeletons(reader, support);
        bounds.begin(partial[0]);
        readHere = 0;
        coveredHere = 0;
        final int most = size == 0 ? 0 : sweep.compositions.most();
        for (int all = size; all <= most && !sweep.stopped; all++) {
            if (size < 2) {
                Arrays.fill(parts, all);
                leaf(all, size == 0 ? 1 : all);
                continue;
            }
            if (sweep.bounding && all > goal.mostParts(support, size, sweep.compositions.most())) {
                break;
            }
            step(0, all, all, 0);
        }
        sweep.read.addAndGet(readHere);
        sweep.covered.addAndGet(sweep.stopped ? coveredHere : whole);
    }

    /** Shares out the parts that are left from one candidate on. */
    private void step(final int depth, final int all, final int left, final int divisor) {
        final int open = size - depth;
        if (usual != null && !usual.may(depth, left)) {
            return;
        }
        if (sweep.bounding && Compositions.choose(left - 1, open - 1) >= ExhaustiveSearch.WORTH_A_BOUND) {
            final double limit = goal.limit(support, size, all);
            if (ExhaustiveSearch.beyond(bounds.of(partial[depth], depth, left, limit), limit)) {
                return;
            }
        }
        if (open == 2) {
            line(depth, all, left, divisor);
            return;
        }
        for (int p = 1; p <= left - open + 1 && !sweep.stopped; p++) {
            parts[depth] = p;
            bounds.add(partial[depth], depth, p, partial[depth + 1]);
            if (usual != null) {
                usual.add(depth, p);
            }
            step(depth + 1, all, left - p, Compositions.divisor(divisor, p));
        }
    }

    /** Shares out the parts that are left between the last two candidates. */
    private void line(final int depth, final int all, final int left, final int divisor) {
        final double limit = goal.limit(support, size, all);
        if (sweep.bounding) {
            bounds.line(partial[depth], left);
        }
        for (int p = 1; p < left; p++) {
            parts[depth] = p;
            parts[depth + 1] = left - p;
            if (usual != null && !usual.usual(parts)) {
                continue;
            }
            if (!sweep.bounding || !ExhaustiveSearch.beyond(bounds.on(p, limit), limit)) {
                leaf(all, Compositions.divisor(Compositions.divisor(divisor, p), left - p));
            }
        }
        coveredHere += left - 1;
    }

    private void leaf(final int all, final int divisor) {
        if ((sweep.compositions.reduced() && divisor != 1) || !allowed(all)) {
            return;
        }
        if (usual != null && size < 2 && !usual.usual(parts)) {
            return;
        }
        final double limit = goal.limit(support, size, all);
        reader.press(support, parts, size);
        if (sweep.bounding
                && size > 1
                && ExhaustiveSearch.beyond(bounds.between(reader.leastLeft(), reader.mostLeft(), limit), limit)) {
            return;
        }
        readHere++;
        reader.read();
        if (enough()) {
            goal.take(reader, support, parts, size, limit);
        }
    }

    private boolean allowed(final int used) {
        if (!sweep.meter.shared) {
            return true;
        }
        final double all = used + sweep.meter.fixedParts;
        for (int s = 0; s < size; s++) {
            final double share = parts[s] / all;
            if (share < sweep.meter.leastShare[support[s]] - 1e-9 || share > sweep.meter.mostShare[support[s]] + 1e-9) {
                return false;
            }
        }
        return true;
    }

    /** Whether what is left of each material suffices for the batch. */
    private boolean enough() {
        final OptionalDouble litres = sweep.meter.question.limits().batchLitres();
        if (litres.isEmpty()) {
            return true;
        }
        final double perPart = litres.getAsDouble() / (reader.litresPerPart() * reader.parts());
        for (int s = 0; s < size; s++) {
            final OptionalDouble left =
                    sweep.meter.question.candidates().get(support[s]).leftLitres();
            if (left.isPresent() && parts[s] * perPart > left.getAsDouble() + 1e-9) {
                return false;
            }
        }
        return true;
    }
}
