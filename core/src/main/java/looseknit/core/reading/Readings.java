package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.blend.Ageing;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.pot.Pot;

/** Turns the bare figures of a blend into readings with spread, verdict and explanation. */
final class Readings {

    private final Figures figures;
    private final Map<Property, Double> now;
    private final List<Target> targets;
    private final Spread spread;
    private final Workings workings;

    Readings(
            final Figures figures, final Map<Property, Double> now, final List<Target> targets, final double leastAir) {
        this.figures = figures;
        this.now = now;
        this.targets = targets;
        this.spread = new Spread(figures, now, leastAir);
        this.workings = new Workings(new Ledger(figures, now, leastAir, spread));
    }

    /** All readings, what matters most for the plant first. The order depends on the brief alone, so that it is steady under the hand. */
    List<Reading> all() {
        final List<Reading> all = new ArrayList<>();
        for (final Property quality : Property.values()) {
            if (now.containsKey(quality)) {
                all.add(reading(quality));
            }
        }
        all.sort(Comparator.comparingDouble(
                reading -> -reading.target().map(Target::weight).orElse(0.0)));
        return List.copyOf(all);
    }

    private Reading reading(final Property quality) {
        final double value = now.get(quality);
        final Optional<Target> target =
                targets.stream().filter(each -> each.quality() == quality).findFirst();
        final Verdict verdict =
                target.map(each -> Verdict.of(value, each.band())).orElse(Verdict.NO_TARGET);
        return new Reading(
                quality,
                new Estimate(value, spread.sd(quality)),
                target,
                verdict,
                words(quality, verdict, value),
                workings.of(quality));
    }

    private String words(final Property quality, final Verdict verdict, final double value) {
        if (quality == Property.WEIGHT) {
            final Pot pot = figures.brief().pot().orElseThrow();
            return "%s kg when dry"
                    .formatted(Phrases.figure(Property.WEIGHT, figures.mixKg(0) + figures.layerKg() + pot.emptyKg()));
        }
        if (quality == Property.DRY_DAYS) {
            final String dry = figures.trigger().words();
            return verdict == Verdict.NO_TARGET ? "until " + dry : Phrases.verdict(quality, verdict);
        }
        if (quality == Property.LIFE && value >= Ageing.HORIZON_YEARS) {
            return "ten years or more";
        }
        if (quality == Property.LIFE && value == 0) {
            return "too close from the start";
        }
        return Phrases.verdict(quality, verdict);
    }
}
