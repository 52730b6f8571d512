package looseknit.core.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.need.Quality;
import looseknit.core.need.Target;

/** How far figures miss targets, in one number: the sum of squared misses in band widths, by weight. */
final class Fit {

    private final List<Target> targets;

    Fit(final List<Target> targets) {
        this.targets = targets;
    }

    double penalty(final Map<Quality, Double> figures) {
        return targets.stream().mapToDouble(target -> penalty(target, figures)).sum();
    }

    /** The target that is missed worst, if any is missed. */
    Optional<Target> worst(final Map<Quality, Double> figures) {
        return targets.stream()
                .filter(target -> penalty(target, figures) > 0)
                .max(Comparator.comparingDouble(target -> penalty(target, figures)));
    }

    private static double penalty(final Target target, final Map<Quality, Double> figures) {
        final Double value = figures.get(target.quality());
        if (value == null) {
            return 0;
        }
        final double width = target.band().width();
        final double scale =
                Double.isFinite(width) && width > 0 ? width : target.band().low();
        final double miss = target.band().miss(value) / scale;
        return target.weight() * miss * miss;
    }
}
