package looseknit.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import looseknit.core.blend.Recipe;
import looseknit.core.change.ChangeSentence;
import looseknit.core.measure.Band;
import looseknit.core.message.Message;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;

/**
 * Being like a given blend: its readings, with a little room about them, as targets. By judgement a grower does not notice 2 points of air or
 * water, a tenth of the days, of the food or of the weight, a quarter of a pH, or two
 * fifths of the grain.
 */
final class Likeness {

    private static final double POINTS = 0.02;
    private static final double SHARE = 0.1;
    private static final double PH = 0.25;
    private static final double SALTS = 0.15;
    private static final double FOOD = 5;
    private static final double GRAIN_SHARE = 0.4;
    private static final double HOLD = 5;
    private static final double SHEDS = 0.15;

    private Likeness() {}

    /** Targets that a blend meets which reads like this one. */
    static List<Target> targets(final Recipe recipe, final Brief brief, final Knowledge known) {
        final List<Target> targets = new ArrayList<>();
        new PottedMix(recipe, brief, known)
                .values()
                .forEach((property, value) -> targets.add(new Target(
                        property,
                        band(property, value),
                        1,
                        List.of(FindSentence.AS_IT_WAS.with(property.quantity(value))))));
        return List.copyOf(targets);
    }

    private static Band band(final Property property, final double value) {
        return switch (property) {
            case AIR, WATER, EASY_WATER -> around(value, POINTS);
            case PH -> around(value, PH);
            case SALTS -> around(value, SALTS + SHARE * value);
            case FOOD -> around(value, FOOD + SHARE * value);
            case DRY_DAYS, WEIGHT -> around(value, SHARE * value);
            case LIFE -> Band.atLeast(Math.max(0, value * (1 - 2 * SHARE)));
            case MAKE_UP -> Band.atMost(value + POINTS);
            case GRAIN -> around(value, GRAIN_SHARE * value);
            case HOLDS_FOOD -> around(value, HOLD + GRAIN_SHARE * value);
            case WETS_AGAIN -> Band.atMost(value + SHEDS);
            case POROSITY, DENSITY -> throw new IllegalArgumentException(property + " is not read off a blend");
        };
    }

    private static Band around(final double value, final double room) {
        return new Band(value - room, value + room);
    }

    private static double value(final Target target, final Map<Property, Double> values) {
        return Objects.requireNonNull(values.get(target.property()));
    }

    /** What is different in one blend from another, in words; the greatest difference first. */
    static List<Message> changes(final Recipe before, final Recipe after, final Brief brief, final Knowledge known) {
        final Map<Property, Double> was = new PottedMix(before, brief, known).values();
        final Map<Property, Double> is = new PottedMix(after, brief, known).values();
        return targets(before, brief, known).stream()
                .filter(target -> target.penalty(value(target, is)) > 0)
                .sorted(Comparator.comparingDouble((Target target) -> target.penalty(value(target, is)))
                        .reversed())
                .map(target -> ChangeSentence.MOVES.with(
                        target.property().brief(),
                        target.property().quantity(value(target, was)).bare(),
                        target.property().quantity(value(target, is))))
                .toList();
    }
}
