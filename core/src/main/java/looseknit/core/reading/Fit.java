package looseknit.core.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.need.Property;
import looseknit.core.need.Target;

/** How far figures miss targets, in one number: the sum of squared misses in band widths, by weight. */
public final class Fit {

    private final List<Target> targets;

    public Fit(final List<Target> targets) {
        this.targets = targets;
    }

    /** How badly figures miss, 0 if they miss nothing. */
    public double penalty(final Map<Property, Double> figures) {
        return targets.stream().mapToDouble(target -> penalty(target, figures)).sum();
    }

    /** The target that is missed worst, if any is missed. */
    Optional<Target> worst(final Map<Property, Double> figures) {
        return targets.stream()
                .filter(target -> penalty(target, figures) > 0)
                .max(Comparator.comparingDouble(target -> penalty(target, figures)));
    }

    private static double penalty(final Target target, final Map<Property, Double> figures) {
        final Double value = figures.get(target.quality());
        if (value == null) {
            return 0;
        }
        return target.penalty(value);
    }
}
