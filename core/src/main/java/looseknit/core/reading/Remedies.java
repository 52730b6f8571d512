package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.pot.PotWall;

/** Looks for single changes that bring a blend nearer to its targets, best first. */
final class Remedies {

    private static final int MOST = 3;
    private static final int MOST_SWAPS = 2;

    /** Days fewer or more than this are told beside the reading that is mended. */
    private static final double WORTH_DAYS = 0.5;

    /** A change must take off at least this share of the penalty to be worth a word. */
    private static final double WORTH = 0.08;

    private static final double DOSE_STEP_G_PER_L = 0.25;
    private static final double MOST_DOSE_G_PER_L = 8;

    private final Figures base;
    private final List<Target> targets;
    private final double leastAir;
    private final Map<Property, Double> now;
    private final double penaltyNow;
    private final Optional<Target> worst;
    private final List<Candidate> candidates = new ArrayList<>();

    /** A change with what it leaves to be wished; its words are put together only if it is among the best. */
    private record Candidate(
            Remedy.Kind kind,
            String subject,
            int row,
            double value,
            int givingRow,
            double givingValue,
            double penalty,
            Supplier<String> words) {

        Remedy remedy() {
            return new Remedy(kind, subject, row, value, givingRow, givingValue, words.get());
        }
    }

    Remedies(final Figures base, final List<Target> targets, final double leastAir, final Map<Property, Double> now) {
        this.base = base;
        this.targets = targets;
        this.leastAir = leastAir;
        this.now = now;
        final Fit fit = new Fit(targets);
        this.penaltyNow = fit.penalty(now);
        this.worst = fit.worst(now);
    }

    /** The best changes for the reading that is missed worst; none if all fits. */
    List<Remedy> best(final List<OneMore> steps) {
        if (worst.isEmpty()) {
            return List.of();
        }
        steps.forEach(this::part);
        swaps(steps);
        base.brief().pot().ifPresent(pot -> {
            for (final PotWall wall : EnumSet.of(PotWall.PLASTIC, PotWall.CLAY)) {
                if (wall.breathes() != pot.wall().breathes()) {
                    wall(wall);
                }
            }
        });
        interval();
        dose();
        return candidates.stream()
                .filter(candidate -> candidate.penalty() < penaltyNow * (1 - WORTH))
                .sorted(Comparator.comparingDouble(Candidate::penalty))
                .limit(MOST)
                .map(Candidate::remedy)
                .toList();
    }

    private void part(final OneMore step) {
        final Recipe recipe = base.recipe();
        final double amount = recipe.parts().get(step.row()).amount() + step.step();
        final Map<Property, Double> then = new EnumMap<>(now);
        step.change().forEach((quality, change) -> then.merge(quality, change, Double::sum));
        final String unit = recipe.measure() == Recipe.Measure.PARTS ? "One part %s" : "5 %% %s";
        candidate(
                Change.of(Remedy.Kind.PART, step.material().id(), step.row(), amount),
                () -> "%s %s: %s"
                        .formatted(
                                unit.formatted(step.step() > 0 ? "more" : "less"),
                                step.material().name().toLowerCase(Locale.ROOT),
                                effect(then)),
                then,
                targets);
    }

    /** A step from one row to another: the pairs that promise most if changes add up, worked out exactly. */
    private void swaps(final List<OneMore> steps) {
        final Fit fit = new Fit(targets);
        final List<OneMore> gains =
                steps.stream().filter(each -> each.step() > 0).toList();
        final List<OneMore> losses =
                steps.stream().filter(each -> each.step() < 0).toList();
        gains.stream()
                .flatMap(gain -> losses.stream()
                        .filter(loss -> loss.row() != gain.row())
                        .map(loss -> new Pair(gain, loss, fit.penalty(both(gain, loss)))))
                .sorted(Comparator.comparingDouble(Pair::penalty))
                .limit(MOST_SWAPS)
                .forEach(this::swap);
    }

    private record Pair(OneMore gain, OneMore loss, double penalty) {}

    private Map<Property, Double> both(final OneMore gain, final OneMore loss) {
        final Map<Property, Double> then = new EnumMap<>(now);
        gain.change().forEach((quality, change) -> then.merge(quality, change, Double::sum));
        loss.change().forEach((quality, change) -> then.merge(quality, change, Double::sum));
        return then;
    }

    private void swap(final Pair pair) {
        final Recipe recipe = base.recipe();
        final OneMore gain = pair.gain();
        final OneMore loss = pair.loss();
        final Map<Property, Double> then = base.with(
                        recipe.changed(gain.row(), gain.step()).changed(loss.row(), loss.step()))
                .all(leastAir);
        candidate(
                new Change(
                        Remedy.Kind.SWAP,
                        gain.material().id(),
                        gain.row(),
                        recipe.parts().get(gain.row()).amount() + gain.step(),
                        loss.row(),
                        recipe.parts().get(loss.row()).amount() + loss.step()),
                () -> "%s %s instead of %s: %s"
                        .formatted(
                                recipe.measure() == Recipe.Measure.PARTS ? "One part" : "5 %",
                                gain.material().name().toLowerCase(Locale.ROOT),
                                loss.material().name().toLowerCase(Locale.ROOT),
                                effect(then)),
                then,
                targets);
    }

    private void wall(final PotWall wall) {
        final Brief brief = base.brief().with(base.brief().pot().orElseThrow().with(wall));
        final Map<Property, Double> then = base.with(brief).all(leastAir);
        final String words =
                Character.toUpperCase(wall.words().charAt(0)) + wall.words().substring(1);
        candidate(
                Change.of(Remedy.Kind.WALL, wall.name(), -1, 0),
                () -> "%s pot: %s".formatted(words, effect(then)),
                then,
                Targets.of(brief));
    }

    private void interval() {
        final Double days = now.get(Property.DRY_DAYS);
        if (base.brief().habit().isEmpty()
                || days == null
                || worst.orElseThrow().quality() != Property.DRY_DAYS) {
            return;
        }
        final Habit habit = base.brief().habit().get();
        final double every = Math.max(1, Math.rint(days));
        if (every == habit.everyDays() || every > 120) {
            return;
        }
        final Brief brief = base.brief().with(habit.every(every));
        candidate(
                Change.of(Remedy.Kind.INTERVAL, "", -1, every),
                () -> every == 1 ? "Water every day instead" : "Water every %.0f days instead".formatted(every),
                now,
                Targets.of(brief));
    }

    private void dose() {
        final Target target = worst.orElseThrow();
        final boolean limeHater = base.brief()
                .plant()
                .filter(plant -> plant.needs().ph().high() < 6)
                .isPresent();
        if (target.quality() != Property.PH
                || now.get(Property.PH) >= target.band().low()
                || limeHater) {
            return;
        }
        final Amendment dolomite = MaterialBook.shipped().amendment("dolomite").orElseThrow();
        final double wanted = 0.5 * (target.band().low() + target.band().high());
        final double already = base.recipe().doses().stream()
                .filter(dose -> dose.amendment().equals(dolomite))
                .mapToDouble(Recipe.Dose::gPerL)
                .sum();
        for (double more = DOSE_STEP_G_PER_L; already + more <= MOST_DOSE_G_PER_L; more += DOSE_STEP_G_PER_L) {
            final Recipe limed = with(dolomite, already + more);
            if (base.with(limed).ph() >= wanted) {
                final Map<Property, Double> then = base.with(limed).all(leastAir);
                final double dose = already + more;
                candidate(
                        Change.of(Remedy.Kind.DOSE, dolomite.id(), -1, dose),
                        () -> String.format(
                                Locale.ROOT,
                                "Dolomite %.2f g/L: %s in %.0f weeks",
                                dose,
                                effect(then),
                                Figures.PH_WEEKS),
                        then,
                        targets);
                return;
            }
        }
    }

    private Recipe with(final Amendment amendment, final double gPerL) {
        final List<Recipe.Dose> doses = new ArrayList<>(base.recipe().doses().stream()
                .filter(dose -> !dose.amendment().equals(amendment))
                .toList());
        doses.add(new Recipe.Dose(amendment, gPerL));
        return new Recipe(base.recipe().measure(), base.recipe().parts(), doses);
    }

    /** What is done to the bench, without words. */
    private record Change(Remedy.Kind kind, String subject, int row, double value, int givingRow, double givingValue) {

        static Change of(final Remedy.Kind kind, final String subject, final int row, final double value) {
            return new Change(kind, subject, row, value, -1, 0);
        }
    }

    private void candidate(
            final Change change,
            final Supplier<String> words,
            final Map<Property, Double> then,
            final List<Target> wanted) {
        if (change.kind() != Remedy.Kind.INTERVAL && (overshoots(then, wanted) || looksTheSame(then))) {
            return;
        }
        candidates.add(new Candidate(
                change.kind(),
                change.subject(),
                change.row(),
                change.value(),
                change.givingRow(),
                change.givingValue(),
                new Fit(wanted).penalty(then),
                words));
    }

    /** Whether a change throws the worst reading out at the other end of what is wanted. */
    private boolean overshoots(final Map<Property, Double> then, final List<Target> wanted) {
        final Property quality = worst.orElseThrow().quality();
        final double missNow = worst.orElseThrow().band().miss(now.get(quality));
        return wanted.stream()
                .filter(target -> target.quality() == quality)
                .anyMatch(target -> target.band().miss(then.get(quality)) * missNow < 0);
    }

    private boolean looksTheSame(final Map<Property, Double> then) {
        final Property quality = worst.orElseThrow().quality();
        final double shown = now.get(quality) * quality.shown();
        final double unit = Math.pow(10, -Phrases.decimals(quality, shown));
        return Math.rint(shown / unit) == Math.rint(then.get(quality) * quality.shown() / unit);
    }

    private String effect(final Map<Property, Double> then) {
        final Property quality = worst.orElseThrow().quality();
        return "%s %s → %s%s"
                .formatted(
                        quality == Property.PH || quality == Property.DRY_DAYS || quality == Property.LIFE
                                ? ""
                                : shortName(quality),
                        Phrases.figure(quality, now.get(quality)),
                        Phrases.figureWithUnit(quality, then.get(quality)),
                        quality == Property.DRY_DAYS ? "" : drying(then))
                .strip();
    }

    /** How much sooner or later it dries, where that is worth a word. */
    private String drying(final Map<Property, Double> then) {
        final Double days = now.get(Property.DRY_DAYS);
        final Double after = then.get(Property.DRY_DAYS);
        if (days == null || after == null || Math.abs(after - days) < WORTH_DAYS) {
            return "";
        }
        final String by =
                String.format(Locale.ROOT, "%.1f", Math.abs(after - days)).replaceFirst("\\.0$", "");
        return ", dries %s %s %s"
                .formatted(
                        by.equals("1") ? "a" : by, by.equals("1") ? "day" : "days", after < days ? "sooner" : "later");
    }

    private static String shortName(final Property quality) {
        final Set<Property> plain = EnumSet.of(Property.AIR, Property.WATER, Property.FOOD);
        return plain.contains(quality)
                ? quality.name().toLowerCase(Locale.ROOT)
                : quality.words().toLowerCase(Locale.ROOT);
    }
}
