package looseknit.core.find;

import java.util.Arrays;
import java.util.List;
import looseknit.core.need.Property;
import looseknit.core.need.Target;

/** The targets laid out for a search: how badly a value, or any value of a range, misses. */
final class TargetTable {

    private final double[] low = new double[Property.values().length];
    private final double[] high = new double[low.length];
    private final double[] factor = new double[low.length];

    TargetTable(final List<Target> targets) {
        Arrays.fill(low, Double.NEGATIVE_INFINITY);
        Arrays.fill(high, Double.POSITIVE_INFINITY);
        for (final Target target : targets) {
            final int q = target.quality().ordinal();
            low[q] = target.band().low();
            high[q] = target.band().high();
            factor[q] = target.weight() / (target.scale() * target.scale());
        }
    }

    /** Whether anything is wanted of a reading. */
    boolean wanted(final Property quality) {
        return factor[quality.ordinal()] > 0;
    }

    /** Weight over the square of the scale. */
    double factor(final Property quality) {
        return factor[quality.ordinal()];
    }

    double low(final Property quality) {
        return low[quality.ordinal()];
    }

    double high(final Property quality) {
        return high[quality.ordinal()];
    }

    /** The middle of a band; of an open one its end. */
    double middle(final Property quality) {
        final double from = low(quality);
        final double to = high(quality);
        return Double.isInfinite(from) ? to : Double.isInfinite(to) ? from : 0.5 * (from + to);
    }

    /** How badly a value misses, as {@link Target#penalty}. */
    double penalty(final Property quality, final double value) {
        final int q = quality.ordinal();
        final double miss = value < low[q] ? value - low[q] : value > high[q] ? value - high[q] : 0;
        return factor[q] * miss * miss;
    }

    /** The least penalty of any value from {@code from} to {@code to}. */
    double least(final Property quality, final double from, final double to) {
        final int q = quality.ordinal();
        final double miss = to < low[q] ? low[q] - to : from > high[q] ? from - high[q] : 0;
        return factor[q] * miss * miss;
    }

    /** The least penalty if whatever is short can be made up: only what is too much already counts. */
    double leastAbove(final Property quality, final double from) {
        final double miss = Math.max(0, from - high[quality.ordinal()]);
        return factor[quality.ordinal()] * miss * miss;
    }

    /** The least penalty if whatever is too much can be taken off. */
    double leastBelow(final Property quality, final double to) {
        final double miss = Math.max(0, low[quality.ordinal()] - to);
        return factor[quality.ordinal()] * miss * miss;
    }
}
