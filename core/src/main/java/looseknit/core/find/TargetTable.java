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
    private final double[] weight = new double[low.length];
    private final double[] scale = new double[low.length];
    private final double[] spareBelow = new double[low.length];
    private final double[] spareAbove = new double[low.length];

    TargetTable(final List<Target> targets) {
        Arrays.fill(low, Double.NEGATIVE_INFINITY);
        Arrays.fill(high, Double.POSITIVE_INFINITY);
        for (final Target target : targets) {
            final int q = target.property().ordinal();
            low[q] = target.band().low();
            high[q] = target.band().high();
            weight[q] = target.weight();
            scale[q] = target.scale();
            spareBelow[q] =
                    Double.isInfinite(low[q]) ? 0 : low[q] - target.bearable().low();
            spareAbove[q] = Double.isInfinite(high[q]) ? 0 : target.bearable().high() - high[q];
        }
    }

    /** Whether anything is wanted of a reading. */
    boolean wanted(final Property property) {
        return weight[property.ordinal()] > 0;
    }

    double low(final Property property) {
        return low[property.ordinal()];
    }

    double high(final Property property) {
        return high[property.ordinal()];
    }

    double bearableLow(final Property property) {
        return low(property) - spareBelow[property.ordinal()];
    }

    double bearableHigh(final Property property) {
        return high(property) + spareAbove[property.ordinal()];
    }

    /** A third into a band from below; of an open one its end. */
    double third(final Property property) {
        final double from = low(property);
        final double to = high(property);
        return Double.isInfinite(from) ? to : Double.isInfinite(to) ? from : from + (to - from) / 3;
    }

    /** The middle of a band; of an open one its end. */
    double middle(final Property property) {
        final double from = low(property);
        final double to = high(property);
        return Double.isInfinite(from) ? to : Double.isInfinite(to) ? from : 0.5 * (from + to);
    }

    /** Whether a value lies beyond what is bearable. */
    boolean beyondBearable(final Property property, final double value) {
        final int q = property.ordinal();
        return value < low[q] - spareBelow[q] || value > high[q] + spareAbove[q];
    }

    /** How badly a value misses. */
    double penalty(final Property property, final double value) {
        final int q = property.ordinal();
        if (value < low[q]) {
            return Target.penalty(weight[q], scale[q], spareBelow[q], low[q] - value);
        }
        return value > high[q] ? Target.penalty(weight[q], scale[q], spareAbove[q], value - high[q]) : 0;
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
        return to < low[q] ? penalty(property, to) : from > high[q] ? penalty(property, from) : 0;
    }

    /** The least penalty if whatever is short can be made up: only what is too much already counts. */
    double leastAbove(final Property property, final double from) {
        return from > high[property.ordinal()] ? penalty(property, from) : 0;
    }

    /** The least penalty if whatever is too much can be taken off. */
    double leastBelow(final Property property, final double to) {
        return to < low[property.ordinal()] ? penalty(property, to) : 0;
    }
}
