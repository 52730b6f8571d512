package looseknit.core.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.Range;
import looseknit.core.need.Property;
import looseknit.core.need.Target;

/**
 * How far values miss targets, in one number. The penalty is the sum over the targets of weight times the square of the miss in widths of the
 * band; the fit falls from 100 as the penalty rises: an ordinary reading that misses by a whole width of its band takes off 28 points, by a
 * quarter of a width 2.
 */
public final class Score {

    /** Penalty at which the fit has fallen to a share of 1/e; by judgement. */
    private static final double FALL = 3;

    /** Fewer days than this are no figure worth naming. */
    private static final double HARDLY_DAYS = 0.25;

    private Score() {}

    /** The fit of a penalty, 0 to 100. */
    public static double fit(final double penalty) {
        return 100 * Math.exp(-penalty / FALL);
    }

    /** The penalty of a fit. */
    public static double penaltyOf(final double fit) {
        return -FALL * Math.log(fit / 100);
    }

    /** The fit of readings, 0 to 100; 100 where nothing is wanted. */
    public static double of(final List<Reading> readings) {
        return fit(readings.stream()
                .mapToDouble(reading -> reading.target()
                        .map(target -> target.penalty(reading.estimate().value()))
                        .orElse(0.0))
                .sum());
    }

    /** How badly values miss, 0 if they miss nothing. */
    public static double penalty(final List<Target> targets, final Map<Property, Double> values) {
        return targets.stream().mapToDouble(target -> penalty(target, values)).sum();
    }

    /** The target that is missed worst, if any is missed. */
    public static Optional<Target> worst(final List<Target> targets, final Map<Property, Double> values) {
        return targets.stream()
                .filter(target -> penalty(target, values) > 0)
                .max(Comparator.comparingDouble(target -> penalty(target, values)));
    }

    private static double penalty(final Target target, final Map<Property, Double> values) {
        final Double value = values.get(target.property());
        return value == null ? 0 : target.penalty(value);
    }

    /** The worst miss in a sentence, or that all fits. */
    public static Message headline(final List<Target> targets, final Map<Property, Double> values) {
        if (targets.isEmpty()) {
            return ReadingSentence.NAME_A_PLANT.with();
        }
        return worst(targets, values)
                .map(target -> headline(target, Objects.requireNonNull(values.get(target.property()))))
                .orElseGet(ReadingSentence.EVERYTHING_FITS::with);
    }

    private static Message headline(final Target target, final double value) {
        final Property property = target.property();
        final boolean high = value > target.band().high();
        if (property == Property.DRY_DAYS) {
            final double miss = Math.abs(target.band().miss(value));
            final Object by = miss < HARDLY_DAYS ? ReadingSentence.A_LITTLE.with() : property.quantity(miss);
            return (high ? ReadingSentence.STAYS_WET : ReadingSentence.WANTS_WATER).with(by);
        }
        final Quantity read = property.quantity(value);
        return ReadingSentence.MISSES.with(high ? property.tooHigh() : property.tooLow(), read, wanted(target));
    }

    /** What is wanted, in words: "24–40 %". */
    public static Range wanted(final Target target) {
        final double end = Double.isInfinite(target.band().high())
                ? target.band().low()
                : target.band().high();
        return Range.wanted(
                target.band().low(),
                target.band().high(),
                target.property().dimension(),
                target.property().decimals(end));
    }
}
