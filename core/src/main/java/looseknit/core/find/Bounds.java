package looseknit.core.find;

import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Packing;
import looseknit.core.need.Property;

/**
 * How well any recipe of some materials could do at best, without mixing it: a bound that no recipe beats. For one thread.
 *
 * <p>Per volume before shrinking, every conserved property is a ratio of two sums over the parts; over all ways to share out the parts that
 * are still open such a ratio is greatest and least where all of them go to one material. Shrinkage lies between two bounds: for the
 * compaction index K and by Jensen's inequality on the convex 1/(V − ·), V ≥ U (uᵀCu/U² + 1/K) with U the volumes at virtual packing; and V is at
 * most U (1 + 1/K), since nothing counts more than its own volume. From both follow ranges of all readings, and from these the least
 * penalty.
 */
final class Bounds {

    /** 1/K for watered-in mixes. */
    private static final double INVERSE_COMPACTION = 1 / Packing.WATERED_IN;

    /** Guards against rounding: a bound is made this much smaller than computed. */
    private static final double SLACK = 1e-9;

    /** Mixing leaves at least so much of the volumes; a bound below it is of no use. */
    private static final double LEAST_LEFT = 0.05;

    /** Most candidates in a recipe, and the fixed base. */
    private static final int MOST_LOADED = 6;

    private final CandidateTables meter;
    /** The rows of the candidates that are loaded, the fixed base last. */
    private final double[][] rows = new double[MOST_LOADED][ConservedSums.COUNT];

    /** How much of each other's volume at virtual packing they slip into, by what a part of each takes up. */
    private final double[][] slips = new double[MOST_LOADED][MOST_LOADED];

    private final double[] least = new double[ConservedSums.COUNT];
    private final double[] most = new double[ConservedSums.COUNT];
    private final double[] held = new double[MOST_LOADED];
    private final double[] usable = new double[MOST_LOADED];
    private final double[] corner = new double[ConservedSums.COUNT];
    private final double[] start = new double[ConservedSums.COUNT];
    private final double[] slope = new double[ConservedSums.COUNT];
    private final double[] startCarried;
    private final double[] slopeCarried;
    private final double[] startVirtual;
    private final double[] slopeVirtual;
    private final double[][] carriedBy;
    private final double[][] virtualOf;
    private final ReadingRanges ranges;
    private int rowCount;
    private double lineSlipped;
    private double lineSlips;
    private double lineBends;
    private final double[] ones = new double[ConservedSums.COUNT];
    private double slipMost;
    private double slipOwn;
    private int size;
    private double loosest;
    private int form;

    Bounds(final CandidateTables meter) {
        this.meter = meter;
        final int most = meter.plain.size();
        this.startCarried = new double[most];
        this.slopeCarried = new double[most];
        this.startVirtual = new double[most];
        this.slopeVirtual = new double[most];
        this.carriedBy = new double[MOST_LOADED][most];
        this.virtualOf = new double[MOST_LOADED][most];
        this.ranges = new ReadingRanges(meter);
    }

    /**
     * Looks at the materials that a reader has loaded.
     *
     * @param support places of the candidates
     * @param count how many of them count
     */
    void load(final CandidateReader reader, final int[] support, final int count) {
        form = reader.classes() ? 1 : 0;
        size = count;
        final Ingredients ingredients = form == 1 ? meter.classes : meter.pairs;
        double densest = 0;
        loosest = 1;
        for (int a = 0; a < reader.plainCount(); a++) {
            final int i = reader.plain(a);
            densest = Math.max(densest, ingredients.moistDensity(i));
            loosest = Math.max(loosest, ingredients.virtualPerBulk(i) * (1 + INVERSE_COMPACTION));
        }
        for (int s = 0; s <= size; s++) {
            final int candidate = s < size ? support[s] : meter.candidates();
            System.arraycopy(meter.sums[form][candidate], 0, rows[s], 0, ConservedSums.COUNT);
            rows[s][ConservedSums.PRESSED] = pressed(ingredients, candidate, densest);
            for (int t = 0; t <= s; t++) {
                final int other = t < size ? support[t] : meter.candidates();
                slips[s][t] = meter.slips[form][candidate][other];
                slips[t][s] = slips[s][t];
            }
        }
        slipMost = 0;
        slipOwn = 0;
        for (int s = 0; s < size; s++) {
            slipOwn = Math.max(slipOwn, slips[s][s]);
            for (int t = 0; t < s; t++) {
                slipMost = Math.max(slipMost, slips[s][t]);
            }
        }
        ranges.load(reader);
        rowCount = 0;
    }

    /** Looks closer at the materials that were loaded last, for {@link #line}: what each carries, and takes up, by a part of each candidate; by whole materials only. */
    void skeletons(final CandidateReader reader, final int[] support) {
        rowCount = form == 1 ? 0 : reader.plainCount();
        for (int s = 0; s <= size; s++) {
            final int candidate = s < size ? support[s] : meter.candidates();
            for (int r = 0; r < rowCount; r++) {
                final int row = reader.plain(r);
                double carried = 0;
                double own = 0;
                for (int p = 0; p < meter.places[candidate].length; p++) {
                    final int i = meter.places[candidate][p];
                    carried += meter.amounts[candidate][p] * meter.carried[row][i];
                    own += i == row ? meter.amounts[candidate][p] * meter.virtual[i] : 0;
                }
                carriedBy[s][r] = carried;
                virtualOf[s][r] = own;
            }
        }
    }

    private double pressed(final Ingredients ingredients, final int candidate, final double densest) {
        double sum = 0;
        for (int p = 0; p < meter.places[candidate].length; p++) {
            final int i = meter.places[candidate][p];
            sum += meter.amounts[candidate][p]
                    * ingredients.settled(i)
                    * ingredients.leastPressed(i, densest)
                    * ingredients.virtualPerBulk(i);
        }
        return sum;
    }

    /** Sums over a part of a recipe, with how much its materials slip into each other. */
    static final class Partial {

        private final double[] sums = new double[ConservedSums.COUNT];
        private final double[] slipsInto = new double[MOST_LOADED];
        private final double[] carried;
        private final double[] virtual;
        private double slipped;

        private Partial(final int skeletons) {
            this.carried = new double[skeletons];
            this.virtual = new double[skeletons];
        }
    }

    /** Room for sums over a part of a recipe. */
    Partial partial() {
        return new Partial(meter.plain.size());
    }

    /** Begins with the fixed base. */
    void begin(final Partial first) {
        System.arraycopy(rows[size], 0, first.sums, 0, ConservedSums.COUNT);
        System.arraycopy(slips[size], 0, first.slipsInto, 0, MOST_LOADED);
        first.slipped = slips[size][size];
        System.arraycopy(carriedBy[size], 0, first.carried, 0, rowCount);
        System.arraycopy(virtualOf[size], 0, first.virtual, 0, rowCount);
    }

    /**
     * Adds parts of a candidate.
     *
     * @param s its place among those that are loaded
     */
    void add(final Partial before, final int s, final double parts, final Partial after) {
        final double[] row = rows[s];
        for (int f = 0; f < ConservedSums.COUNT; f++) {
            after.sums[f] = before.sums[f] + parts * row[f];
        }
        after.slipped = before.slipped + parts * (2 * before.slipsInto[s] + parts * slips[s][s]);
        for (int t = 0; t < size; t++) {
            after.slipsInto[t] = before.slipsInto[t] + parts * slips[s][t];
        }
        for (int r = 0; r < rowCount; r++) {
            after.carried[r] = before.carried[r] + parts * carriedBy[s][r];
            after.virtual[r] = before.virtual[r] + parts * virtualOf[s][r];
        }
    }

    /**
     * Gets ready for recipes in which the last two candidates share out what is left: all sums then are straight lines over the parts of the
     * first of the two.
     */
    void line(final Partial before, final int left) {
        final int s = size - 2;
        final int last = size - 1;
        for (int f = 0; f < ConservedSums.COUNT; f++) {
            start[f] = before.sums[f] + left * rows[last][f];
            slope[f] = rows[s][f] - rows[last][f];
        }
        lineSlipped = before.slipped + left * (2 * before.slipsInto[last] + left * slips[last][last]);
        lineSlips = 2 * (before.slipsInto[s] - before.slipsInto[last] + left * (slips[s][last] - slips[last][last]));
        lineBends = slips[s][s] + slips[last][last] - 2 * slips[s][last];
        for (int r = 0; r < rowCount; r++) {
            startCarried[r] = before.carried[r] + left * carriedBy[last][r];
            slopeCarried[r] = carriedBy[s][r] - carriedBy[last][r];
            startVirtual[r] = before.virtual[r] + left * virtualOf[last][r];
            slopeVirtual[r] = virtualOf[s][r] - virtualOf[last][r];
        }
    }

    /**
     * Least penalty of one of the recipes for which {@link #line} got ready, at least {@code limit} as soon as that is clear.
     *
     * @param parts parts of the last candidate but one
     */
    double on(final double parts, final double limit) {
        final double volume = start[ConservedSums.VOLUME] + parts * slope[ConservedSums.VOLUME];
        final double virtual = start[ConservedSums.PRESSED] + parts * slope[ConservedSums.PRESSED];
        final double slipped = lineSlipped + parts * (lineSlips + parts * lineBends);
        final double leastLeft = (virtual * (1 + INVERSE_COMPACTION) - slipped / virtual) / volume;
        final double per = 1 / Math.max(LEAST_LEFT, Math.min(loosest, leastLeft));
        final double mostLeft = form == 1 ? loosest : mostLeft(parts, volume);
        final double perLoose = 1 / mostLeft;
        final double solid = (start[ConservedSums.SOLIDS] + parts * slope[ConservedSums.SOLIDS]) / volume;
        final double closed = (start[ConservedSums.CLOSED] + parts * slope[ConservedSums.CLOSED]) / volume;
        final double airMost = ranges.airMost(
                (start[ConservedSums.AIR_MOST] + parts * slope[ConservedSums.AIR_MOST]) / volume,
                (start[ConservedSums.AIR_AT_TOP] + parts * slope[ConservedSums.AIR_AT_TOP]) / volume,
                closed,
                closed,
                1 - solid * perLoose,
                per,
                perLoose);
        final double sum = meter.aims.leastBelow(Property.AIR, airMost);
        if (sum > limit) {
            return sum;
        }
        for (int f = 0; f < ConservedSums.COUNT; f++) {
            corner[f] = start[f] + parts * slope[f];
        }
        ConservedSums.ratios(corner, least);
        ranges.tradeNothing();
        return ranges.penalty(least, least, 1 / per, mostLeft, limit);
    }

    private double mostLeft(final double parts, final double volume) {
        double all = 0;
        double mean = 0;
        double looseEnd = Double.POSITIVE_INFINITY;
        double tightEnd = 0;
        for (int r = 0; r < rowCount; r++) {
            final double own = startVirtual[r] + parts * slopeVirtual[r];
            final double carried = startCarried[r] + parts * slopeCarried[r];
            all += own;
            mean += own * carried;
            looseEnd = Math.min(looseEnd, carried);
            tightEnd = Math.max(tightEnd, carried);
        }
        return Packing.most(all, mean / all, looseEnd, tightEnd) / volume;
    }

    /** The same when it is known between which shares of the volumes mixing leaves; for the recipe that was asked about last. */
    double between(final double leastLeft, final double mostLeft, final double limit) {
        ranges.tradeNothing();
        return ranges.penalty(least, least, leastLeft * (1 - SLACK), mostLeft * (1 + SLACK), limit);
    }

    /** A straight line above usable water by water held, through the most usable: no corner lies above it, so no recipe does. */
    private void trade(final int from) {
        int top = from;
        for (int s = from; s < size; s++) {
            top = usable[s] > usable[top] ? s : top;
        }
        double slope = meter.watered();
        for (int s = from; s < size; s++) {
            if (held[s] < held[top]) {
                slope = Math.min(slope, (usable[top] - usable[s]) / (held[top] - held[s]));
            }
        }
        ranges.trade(slope, usable[top] - slope * held[top]);
    }

    /**
     * Least penalty of any recipe in which {@code parts} are shared out among the candidates from {@code from} on, each getting one at least.
     */
    double of(final Partial before, final int from, final int parts, final double limit) {
        final int open = size - from;
        final int more = parts - open;
        System.arraycopy(before.sums, 0, ones, 0, ConservedSums.COUNT);
        double into = 0;
        double intoMost = 0;
        for (int s = from; s < size; s++) {
            for (int f = 0; f < ConservedSums.COUNT; f++) {
                ones[f] += rows[s][f];
            }
            into += before.slipsInto[s];
            intoMost = Math.max(intoMost, before.slipsInto[s]);
        }
        double virtual = Double.POSITIVE_INFINITY;
        double volume = Double.POSITIVE_INFINITY;
        double ratio = Double.POSITIVE_INFINITY;
        for (int s = from; s < size; s++) {
            for (int f = 0; f < ConservedSums.COUNT; f++) {
                corner[f] = ones[f] + more * rows[s][f];
            }
            virtual = Math.min(virtual, corner[ConservedSums.PRESSED]);
            volume = Math.min(volume, corner[ConservedSums.VOLUME]);
            ratio = Math.min(ratio, corner[ConservedSums.PRESSED] / corner[ConservedSums.VOLUME]);
            ConservedSums.ratios(corner, corner);
            held[s] = corner[ConservedSums.HELD];
            usable[s] = corner[ConservedSums.USABLE_MOST];
            for (int f = 0; f < ConservedSums.COUNT; f++) {
                least[f] = s == from ? corner[f] : Math.min(least[f], corner[f]);
                most[f] = s == from ? corner[f] : Math.max(most[f], corner[f]);
            }
        }
        final double slipped = before.slipped
                + 2 * (into + more * intoMost)
                + (slipMost * (open - 1) / open + slipOwn) * parts * parts;
        final double left = ratio * (1 + INVERSE_COMPACTION) - slipped / (virtual * volume);
        trade(from);
        return ranges.penalty(least, most, Math.max(LEAST_LEFT, Math.min(1, left)), loosest, limit);
    }
}
