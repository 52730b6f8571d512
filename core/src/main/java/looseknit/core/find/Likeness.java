package looseknit.core.find;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Band;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Figures;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.Phrases;

/**
 * Being like a given blend: its readings, with a little room about them, as targets. By judgement a grower does not notice 2 points of air or
 * water, a tenth of the days, of the food or of the weight, or a quarter of a pH.
 */
final class Likeness {

    private static final double POINTS = 0.02;
    private static final double SHARE = 0.1;
    private static final double PH = 0.25;
    private static final double SALTS = 0.15;
    private static final double FOOD = 5;

    private Likeness() {}

    /** Targets that a blend meets which reads like this one. */
    static List<Target> targets(final Recipe recipe, final Brief brief, final Knowledge known) {
        final List<Target> targets = new ArrayList<>();
        new Figures(recipe, brief, known)
                .all(Figures.leastAir(brief))
                .forEach((quality, value) -> targets.add(new Target(
                        quality,
                        band(quality, value),
                        1,
                        List.of("As it was: " + Phrases.figureWithUnit(quality, value)))));
        return List.copyOf(targets);
    }

    private static Band band(final Property quality, final double value) {
        return switch (quality) {
            case AIR, WATER, EASY_WATER -> around(value, POINTS);
            case PH -> around(value, PH);
            case SALTS -> around(value, SALTS + SHARE * value);
            case FOOD -> around(value, FOOD + SHARE * value);
            case DRY_DAYS, WEIGHT -> around(value, SHARE * value);
            case LIFE -> Band.atLeast(Math.max(0, value * (1 - 2 * SHARE)));
        };
    }

    private static Band around(final double value, final double room) {
        return new Band(value - room, value + room);
    }

    /** What is different in one blend from another, in words; the greatest difference first. */
    static List<String> changes(final Recipe before, final Recipe after, final Brief brief, final Knowledge known) {
        final Map<Property, Double> was = new EnumMap<>(new Figures(before, brief, known).all(Figures.leastAir(brief)));
        final Map<Property, Double> is = new Figures(after, brief, known).all(Figures.leastAir(brief));
        return targets(before, brief, known).stream()
                .filter(target -> target.penalty(is.get(target.quality())) > 0)
                .sorted((a, b) -> Double.compare(b.penalty(is.get(b.quality())), a.penalty(is.get(a.quality()))))
                .map(target -> "%s %s → %s"
                        .formatted(
                                Words.of(target.quality()),
                                Phrases.figure(target.quality(), was.get(target.quality())),
                                Phrases.figureWithUnit(target.quality(), is.get(target.quality()))))
                .toList();
    }
}
