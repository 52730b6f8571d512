package looseknit.core.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Goes through every recipe of some candidates in whole parts, leaving out those that a bound shows to be of no interest. Sets of materials
 * are taken in order of their bound, so that the bound of the next set is a bound on all that is left.
 */
final class ExhaustiveSearch {

    /** For searches that are small enough to be gone through whatever the machine does beside them. */
    static final long NO_DEADLINE = Long.MAX_VALUE;

    static final int PLACE_BITS = 6;
    static final int PLACE_MASK = (1 << PLACE_BITS) - 1;
    private static final int SETS_AT_ONCE = 8;
    private static final long TELL_MILLIS = 80;
    static final double ROUNDING = 1e-12;

    /** Sets of so many materials are gone through even if the time is up: there are few. */
    private static final int ALWAYS_DONE = 2;

    /** A group of recipes is bounded as a whole if there are at least so many. */
    static final long WORTH_A_BOUND = 6;

    final CandidateTables meter;
    final Compositions compositions;
    private final int[] musts;
    private final SearchListener watch;
    private final long deadline;
    final boolean bounding;
    final AtomicLong read = new AtomicLong();
    final AtomicLong covered = new AtomicLong();
    volatile boolean stopped;
    private volatile boolean timed;
    private long total;

    ExhaustiveSearch(
            final CandidateTables meter, final SearchListener watch, final long deadlineNanos, final boolean bounding) {
        this.meter = meter;
        this.watch = watch;
        this.deadline = deadlineNanos;
        this.bounding = bounding;
        this.musts = meter.musts();
        this.compositions = new Compositions(
                meter.question.limits().mostParts(), meter.question.fixed().isEmpty());
    }

    /**
     * What a sweep did.
     *
     * @param total recipes there are
     * @param covered recipes that are settled: read, or proved to be of no interest
     * @param read recipes that were read
     * @param bound least penalty that what is not settled might have; infinite if all is settled
     */
    record Done(long total, long covered, long read, double bound) {

        boolean complete() {
            return Double.isInfinite(bound);
        }
    }

    /** Sets of one number of materials, by bound. */
    private record Sets(int size, long[] keys) {

        double bound(final int i) {
            return i < keys.length ? Float.intBitsToFloat((int) (keys[i] >>> 32)) : Double.POSITIVE_INFINITY;
        }

        int packed(final int i) {
            return (int) keys[i];
        }
    }

    /** Sweeps through blends of {@code from} to {@code to} materials. */
    Done run(final SearchGoal goal, final SearchListener.Stage stage, final int from, final int to) {
        final int threads = Math.max(1, Math.min(4, Runtime.getRuntime().availableProcessors()));
        final ExecutorService pool = Executors.newFixedThreadPool(threads, task -> {
            final Thread thread = new Thread(task, "find");
            thread.setDaemon(true);
            return thread;
        });
        try {
            for (int size = from; size <= to; size++) {
                total += Math.multiplyExact(setCount(size), compositions.count(size));
            }
            double bound = Double.POSITIVE_INFINITY;
            for (int size = from; size <= to && !stopped; size++) {
                timed = size > ALWAYS_DONE;
                // of larger sets nothing is known until they are laid out
                final double later = size < to ? 0 : Double.POSITIVE_INFINITY;
                bound = Math.min(bound, through(pool, threads, sets(pool, size), goal, stage, Math.min(bound, later)));
                if (stopped) {
                    bound = Math.min(bound, later);
                }
            }
            return new Done(total, covered.get(), read.get(), bound);
        } finally {
            pool.shutdownNow();
        }
    }

    private double through(
            final ExecutorService pool,
            final int threads,
            final Sets sets,
            final SearchGoal goal,
            final SearchListener.Stage stage,
            final double otherwise) {
        tell(goal, stage, Math.min(otherwise, sets.bound(0)));
        final AtomicInteger next = new AtomicInteger();
        final List<Future<?>> working = new ArrayList<>();
        for (int t = 0; t < threads; t++) {
            working.add(pool.submit(worker(sets, next, goal)));
        }
        for (final Future<?> each : working) {
            boolean done = false;
            while (!done) {
                try {
                    each.get(TELL_MILLIS, TimeUnit.MILLISECONDS);
                    done = true;
                } catch (final TimeoutException waiting) {
                    tell(
                            goal,
                            stage,
                            Math.min(otherwise, sets.bound(Math.max(0, next.get() - SETS_AT_ONCE * threads))));
                } catch (final InterruptedException e) {
                    stopped = true;
                    Thread.currentThread().interrupt();
                    return sets.bound(0);
                } catch (final ExecutionException e) {
                    stopped = true;
                    throw new IllegalStateException("the search broke off", e.getCause());
                }
            }
        }
        final int settled = stopped ? Math.max(0, next.get() - SETS_AT_ONCE * threads) : sets.keys().length;
        final double bound = sets.bound(settled);
        tell(goal, stage, Math.min(otherwise, bound));
        return bound;
    }

    private void tell(final SearchGoal goal, final SearchListener.Stage stage, final double bound) {
        if (over()) {
            stopped = true;
        }
        watch.progress(
                new SearchListener.Progress(stage, covered.get(), total, goal.best(), Math.min(goal.best(), bound)));
    }

    /** Whether a bound lies above a limit by more than rounding. */
    static boolean beyond(final double bound, final double limit) {
        return bound > limit + ROUNDING;
    }

    private boolean over() {
        return watch.cancelled() || (timed && System.nanoTime() > deadline);
    }

    private Callable<Void> worker(final Sets sets, final AtomicInteger next, final SearchGoal goal) {
        return () -> {
            final CompositionSearch walk = new CompositionSearch(this, sets.size(), goal);
            while (!stopped) {
                final int from = next.getAndAdd(SETS_AT_ONCE);
                for (int i = from; i < Math.min(from + SETS_AT_ONCE, sets.keys().length) && !stopped; i++) {
                    walk.through(sets.packed(i), sets.bound(i));
                }
                if (from >= sets.keys().length) {
                    return null;
                }
                if (over()) {
                    stopped = true;
                }
            }
            return null;
        };
    }

    private long setCount(final int size) {
        final int free = meter.candidates() - musts.length;
        final int choose = size - musts.length;
        return choose < 0 || choose > free ? 0 : Compositions.choose(free, choose);
    }

    /** Lays out the sets of so many materials by their bounds, shared out among the threads by the first material. */
    private Sets sets(final ExecutorService pool, final int size) {
        if (setCount(size) == 0 || compositions.count(size) == 0) {
            return new Sets(size, new long[0]);
        }
        if (size == 0) {
            return new Sets(0, new long[1]);
        }
        final List<Future<long[]>> parts = new ArrayList<>();
        for (int first = 0; first <= meter.candidates() - size; first++) {
            final int leading = first;
            parts.add(pool.submit(() -> sets(size, leading)));
        }
        final long[] keys = parts.stream()
                .map(ExhaustiveSearch::done)
                .flatMapToLong(Arrays::stream)
                .sorted()
                .toArray();
        return new Sets(size, keys);
    }

    private static <T> T done(final Future<T> future) {
        try {
            return future.get();
        } catch (final InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("the search was interrupted", e);
        } catch (final ExecutionException e) {
            throw new IllegalStateException("the search broke off", e.getCause());
        }
    }

    private long[] sets(final int size, final int first) {
        final CandidateReader reader = meter.reader();
        final Bounds bounds = new Bounds(meter);
        final Bounds.Partial base = bounds.partial();
        final int[] support = new int[size];
        for (int i = 0; i < size; i++) {
            support[i] = first + i;
        }
        final long[] keys = new long[Math.toIntExact(Compositions.choose(meter.candidates() - first - 1, size - 1))];
        int at = 0;
        do {
            if (meter.usual.isPresent() && !meter.usual.get().possible(support)) {
                if (hasMusts(support)) {
                    covered.addAndGet(compositions.count(size));
                }
            } else if (hasMusts(support)) {
                double bound = 0;
                // without a bound a set merely is not put off
                if (bounding && !over()) {
                    reader.load(support, size);
                    bounds.load(reader, support, size);
                    bounds.begin(base);
                    bound = setBound(bounds, base, size);
                }
                final float down = bound == 0 ? 0 : Math.max(0, Math.nextDown((float) bound));
                keys[at++] = (long) Float.floatToIntBits(down) << 32 | pack(support);
            }
        } while (advance(support, meter.candidates()) && support[0] == first);
        return Arrays.copyOf(keys, at);
    }

    /**
     * The least bound of a set over all numbers of parts. Without a fixed base only shares count, and the more parts there are the more shares can be
     * made.
     */
    private double setBound(final Bounds bounds, final Bounds.Partial base, final int size) {
        if (meter.question.fixed().isEmpty()) {
            return bounds.of(base, 0, compositions.most(), Double.POSITIVE_INFINITY);
        }
        double least = Double.POSITIVE_INFINITY;
        for (int parts = compositions.most(); parts >= size && least > 0; parts--) {
            least = Math.min(least, bounds.of(base, 0, parts, least));
        }
        return least;
    }

    private boolean hasMusts(final int[] support) {
        for (final int must : musts) {
            if (Arrays.binarySearch(support, must) < 0) {
                return false;
            }
        }
        return true;
    }

    private static int pack(final int[] support) {
        int packed = 0;
        for (int i = 0; i < support.length; i++) {
            packed |= support[i] << (PLACE_BITS * i);
        }
        return packed;
    }

    /** The next set in order; false after the last. */
    static boolean advance(final int[] support, final int n) {
        final int size = support.length;
        int i = size - 1;
        while (i >= 0 && support[i] == n - size + i) {
            i--;
        }
        if (i < 0) {
            return false;
        }
        support[i]++;
        for (int j = i + 1; j < size; j++) {
            support[j] = support[j - 1] + 1;
        }
        return true;
    }
}
