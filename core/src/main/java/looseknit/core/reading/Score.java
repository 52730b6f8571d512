package looseknit.core.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import looseknit.core.measure.Band;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.Range;
import looseknit.core.need.Property;
import looseknit.core.need.Target;

/**
 * How far values miss targets, in one number. The penalty is the sum over the targets of what each miss counts, see {@link Target#penalty(double)}; the fit
 * falls from 100 as the penalty rises: an ordinary reading at the end of what is bearable takes off 3 points, one that misses that by a whole width
 * of what is wanted about 45.
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

    /**
     * The target whose miss harms most: of those that are missed beyond what is bearable the first in the order of harm (drowning, parching,
     * wrong acidity, unusual make-up, food, salts, standing, life), else the one that is missed worst, if any is.
     */
    public static Optional<Target> worst(final List<Target> targets, final Map<Property, Double> values) {
        return targets.stream()
                .filter(target -> penalty(target, values) > 0
                        && Verdict.of(Objects.requireNonNull(values.get(target.property())), target) != Verdict.FITS)
                .min(Comparator.comparingInt((Target target) -> harm(target, values))
                        .thenComparingDouble(target -> -penalty(target, values)));
    }

    /** Place of a miss in the order of harm; that of what is bearable comes last. */
    private static int harm(final Target target, final Map<Property, Double> values) {
        final double value = Objects.requireNonNull(values.get(target.property()));
        if (target.bearable().contains(value)) {
            return Integer.MAX_VALUE;
        }
        final boolean high = value > target.band().high();
        return switch (target.property()) {
            case AIR -> high ? 1 : 0;
            case WATER, EASY_WATER, DRY_DAYS -> high ? 0 : 1;
            case PH -> 2;
            case MAKE_UP -> 3;
            case FOOD -> 4;
            case SALTS -> 5;
            case WEIGHT -> 6;
            default -> 7;
        };
    }

    /** Whether values lie within all that is bearable. */
    public static boolean bearable(final List<Target> targets, final Map<Property, Double> values) {
        return targets.stream().allMatch(target -> {
            final Double value = values.get(target.property());
            return value == null || target.bearable().contains(value);
        });
    }

    private static double penalty(final Target target, final Map<Property, Double> values) {
        final Double value = values.get(target.property());
        return value == null ? 0 : target.penalty(value);
    }

    /** What harms a mix most in a sentence, or that all fits. */
    public static Message headline(final PottedMix mix, final Map<Property, Double> values) {
        final List<Target> targets = mix.targets();
        return worst(targets, values)
                .filter(target -> target.property() == Property.MAKE_UP)
                .map(unusual -> (unusual.bearable().contains(Objects.requireNonNull(values.get(Property.MAKE_UP)))
                                ? ReadingSentence.NEARLY_USUAL_MIX
                                : ReadingSentence.UNUSUAL)
                        .with(UsualContents.said(mix)))
                .orElseGet(() -> headline(targets, values));
    }

    /** The same where nobody knows what is in the mix. */
    static Message headline(final List<Target> targets, final Map<Property, Double> values) {
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
        if (target.bearable().contains(value)) {
            return ReadingSentence.NEARLY_FITS.with(
                    high ? property.aLittleHigh() : property.aLittleLow(), property.quantity(value), wanted(target));
        }
        if (property == Property.DRY_DAYS) {
            final double miss = Math.abs(target.band().miss(value));
            final Object by = miss < HARDLY_DAYS ? ReadingSentence.A_LITTLE.with() : property.quantity(miss);
            return (high ? ReadingSentence.STAYS_WET : ReadingSentence.WANTS_WATER).with(by);
        }
        final Quantity read = property.quantity(value);
        return ReadingSentence.MISSES.with(high ? property.tooHigh() : property.tooLow(), read, wanted(target));
    }

    /** What is wanted, in words that stand alone: "24–40 %", "as usual". */
    public static Message wantedWords(final Target target) {
        return target.property() == Property.MAKE_UP
                ? ReadingSentence.USUAL.with()
                : ReadingSentence.WANTED.with(wanted(target));
    }

    /** What is bearable, in words that stand alone. */
    public static Message bearableWords(final Target target) {
        return target.property() == Property.MAKE_UP
                ? ReadingSentence.NEARLY_USUAL.with(
                        Quantity.of(Dimension.SHARE, target.bearable().high(), 0))
                : ReadingSentence.WANTED.with(range(target.property(), target.bearable()));
    }

    /** What is wanted, in words: "24–40 %". */
    public static Range wanted(final Target target) {
        return range(target.property(), target.band());
    }

    private static Range range(final Property property, final Band band) {
        final double end = Double.isInfinite(band.high()) ? band.low() : band.high();
        return Range.wanted(
                Double.isInfinite(band.low()) ? band.low() : Math.max(0, band.low()),
                band.high(),
                property.dimension(),
                property.decimals(end));
    }
}
