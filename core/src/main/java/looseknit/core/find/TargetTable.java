package looseknit.core.find;

import java.util.Arrays;
import java.util.List;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Gauge;
import looseknit.core.reading.Gauges;
import looseknit.core.reading.MixState;
import looseknit.core.reading.Situation;

/** The targets laid out for a search: how badly a value, or any value of a range, misses. */
final class TargetTable {

    private final double[] low = new double[Property.values().length];
    private final double[] high = new double[low.length];
    private final double[] factor = new double[low.length];

    TargetTable(final List<Target> targets) {
        Arrays.fill(low, Double.NEGATIVE_INFINITY);
        Arrays.fill(high, Double.POSITIVE_INFINITY);
        for (final Target target : targets) {
            final int q = target.property().ordinal();
            low[q] = target.band().low();
            high[q] = target.band().high();
            factor[q] = target.factor();
        }
    }

    /** Whether anything is wanted of a reading. */
    boolean wanted(final Property property) {
        return factor[property.ordinal()] > 0;
    }

    /** Weight over the square of the scale. */
    double factor(final Property property) {
        return factor[property.ordinal()];
    }

    double low(final Property property) {
        return low[property.ordinal()];
    }

    double high(final Property property) {
        return high[property.ordinal()];
    }

    /** The middle of a band; of an open one its end. */
    double middle(final Property property) {
        final double from = low(property);
        final double to = high(property);
        return Double.isInfinite(from) ? to : Double.isInfinite(to) ? from : 0.5 * (from + to);
    }

    /** How badly a value misses. */
    double penalty(final Property property, final double value) {
        final int q = property.ordinal();
        return Target.penalty(factor[q], low[q], high[q], value);
    }

    /** How badly a mix misses what some gauges read off it. */
    double penalty(final Gauge[] gauges, final MixState mix) {
        double sum = 0;
        for (final Gauge gauge : gauges) {
            sum += penalty(gauge.property(), gauge.value(mix));
        }
        return sum;
    }

    /** The gauges of a stage of which anything is wanted and that can be read. */
    Gauge[] wanted(final Gauge.Stage stage, final Situation situation) {
        return Gauges.ALL.stream()
                .filter(gauge -> gauge.stage() == stage && wanted(gauge.property()) && gauge.canRead(situation))
                .toArray(Gauge[]::new);
    }

    /** The least penalty of any value from {@code from} to {@code to}. */
    double least(final Property property, final double from, final double to) {
        final int q = property.ordinal();
        final double miss = to < low[q] ? low[q] - to : from > high[q] ? from - high[q] : 0;
        return factor[q] * miss * miss;
    }

    /** The least penalty if whatever is short can be made up: only what is too much already counts. */
    double leastAbove(final Property property, final double from) {
        final double miss = Math.max(0, from - high[property.ordinal()]);
        return factor[property.ordinal()] * miss * miss;
    }

    /** The least penalty if whatever is too much can be taken off. */
    double leastBelow(final Property property, final double to) {
        final double miss = Math.max(0, low[property.ordinal()] - to);
        return factor[property.ordinal()] * miss * miss;
    }
}
