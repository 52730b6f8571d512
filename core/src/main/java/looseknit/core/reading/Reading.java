package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.blend.Ageing;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.need.Property;
import looseknit.core.need.Target;

/**
 * One reading of a blend.
 *
 * @param property what is read
 * @param estimate predicted value with spread, in the unit of computation, within its physical range
 * @param target what is wanted, if a plant is named
 * @param verdict how the value lies to the target
 * @param words the verdict in words; for readings without target a word of orientation, or empty
 * @param explanation how it was worked out
 */
public record Reading(
        Property property,
        Estimate estimate,
        Optional<Target> target,
        Verdict verdict,
        Message words,
        Explanation explanation) {

    /**
     * All readings of a mix, what matters most for the plant first. The order depends on the brief alone, so that it is steady under the hand.
     *
     * @param now their values
     * @param targets what is wanted
     */
    public static List<Reading> all(final PottedMix mix, final Map<Property, Double> now, final List<Target> targets) {
        final Uncertainty uncertainty = new Uncertainty(mix, now);
        final Workings workings = new Workings(mix, uncertainty);
        final List<Reading> all = new ArrayList<>();
        now.forEach((property, value) -> {
            final Gauge gauge = Gauges.of(property);
            final Optional<Target> target =
                    targets.stream().filter(each -> each.property() == property).findFirst();
            final Verdict verdict = target.map(each -> Verdict.of(value, each)).orElse(Verdict.NO_TARGET);
            all.add(new Reading(
                    property,
                    new Estimate(value, uncertainty.sd(property)),
                    target,
                    verdict,
                    gauge.words(mix, verdict, value),
                    gauge.explain(workings)));
        });
        all.sort(Comparator.comparingDouble(
                reading -> -reading.target().map(Target::weight).orElse(0.0)));
        return List.copyOf(all);
    }

    /**
     * One reading of a mix with its spread.
     *
     * @throws java.util.NoSuchElementException if it cannot be had
     */
    public static Estimate estimate(final PottedMix mix, final Property property) {
        final Map<Property, Double> now = mix.values();
        return new Estimate(mix.value(property).orElseThrow(), new Uncertainty(mix, now).sd(property));
    }

    /** Spread of each reading of a mix, one standard deviation in the unit of computation. */
    public static Map<Property, Double> spreads(final PottedMix mix) {
        final Map<Property, Double> now = mix.values();
        final Uncertainty uncertainty = new Uncertainty(mix, now);
        final Map<Property, Double> spreads = new EnumMap<>(Property.class);
        now.keySet().forEach(property -> spreads.put(property, uncertainty.sd(property)));
        return spreads;
    }

    /** Lower end of the 80 % interval, not below 0. */
    public double low80() {
        return low80(estimate);
    }

    /** Lower end of the 80 % interval of an estimate of any reading, not below 0. */
    static double low80(final Estimate estimate) {
        return Math.max(0, estimate.low80());
    }

    /** Upper end of the 80 % interval; shares not above 1, years not beyond the horizon. */
    public double high80() {
        return high80(property, estimate);
    }

    /** Upper end of the 80 % interval of an estimate of a reading, within what the reading can be. */
    static double high80(final Property property, final Estimate estimate) {
        if (property == Property.LIFE) {
            return Math.min(Ageing.HORIZON_YEARS, estimate.high80());
        }
        return property.dimension() == Dimension.SHARE ? Math.min(1, estimate.high80()) : estimate.high80();
    }
}
