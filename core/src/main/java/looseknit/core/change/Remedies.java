package looseknit.core.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Habit;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Score;

/** Looks for single changes that bring a blend nearer to its targets, best first. */
public final class Remedies {

    private static final int MOST = 3;
    private static final int MOST_SWAPS = 2;

    /** Days fewer or more than this are told beside the reading that is mended. */
    private static final double WORTH_DAYS = 0.5;

    /** A change must take off at least this share of the penalty to be worth a word. */
    private static final double WORTH = 0.08;

    private static final double DOSE_STEP_G_PER_L = 0.25;
    private static final double MOST_DOSE_G_PER_L = 8;
    private static final double MOST_DAYS = 120;

    /** The lime that a mix is given where it is too acid. */
    private static final String LIME = "dolomite";

    private final PottedMix base;
    private final Setup setup;
    private final List<Target> targets;
    private final Map<Property, Double> now;
    private final double penaltyNow;
    private final Target worst;
    private final List<Candidate> candidates = new ArrayList<>();

    /** A change with what it leaves to be wished; its words are put together only if it is among the best. */
    private record Candidate(
            Change change, Setup after, Map<Property, Double> then, double penalty, Supplier<Message> words) {

        Remedy remedy() {
            return new Remedy(change, after, then, penalty, words.get());
        }
    }

    private Remedies(
            final PottedMix base, final List<Target> targets, final Map<Property, Double> now, final Target worst) {
        this.base = base;
        this.setup = new Setup(base.recipe(), base.brief());
        this.targets = targets;
        this.now = now;
        this.penaltyNow = Score.penalty(targets, now);
        this.worst = worst;
    }

    /**
     * The best changes for the reading that is missed worst; none if all fits.
     *
     * @param now the readings as they are
     * @param more one step more of each row
     * @param less one step less of each row
     */
    public static List<Remedy> of(
            final PottedMix mix,
            final List<Target> targets,
            final Map<Property, Double> now,
            final List<StepEffect> more,
            final List<StepEffect> less) {
        return Score.worst(targets, now)
                .map(worst -> new Remedies(mix, targets, now, worst).best(more, less))
                .orElse(List.of());
    }

    private List<Remedy> best(final List<StepEffect> more, final List<StepEffect> less) {
        more.forEach(this::part);
        less.forEach(this::part);
        swaps(more, less);
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

    private void part(final StepEffect step) {
        candidate(
                step.change(),
                step.then(),
                () -> ChangeSentence.REMEDY.with(amount(base.recipe(), step), effect(step.then())));
    }

    /** A step in words: "One part more perlite". */
    static Message amount(final Recipe recipe, final StepEffect step) {
        return amount(recipe, step.step(), 1, step.row());
    }

    /** Some steps of a row in words. */
    static Message amount(final Recipe recipe, final double step, final int times, final int row) {
        final var material = recipe.parts().get(row).material();
        if (recipe.measure() == Recipe.Measure.PARTS) {
            return (step > 0 ? ChangeSentence.PARTS_MORE : ChangeSentence.PARTS_LESS).with(times, material);
        }
        return (step > 0 ? ChangeSentence.PER_CENT_MORE : ChangeSentence.PER_CENT_LESS)
                .with(Quantity.trimmed(Dimension.NUMBER, Math.abs(step) * times, 0), material);
    }

    /** A step from one row to another: the pairs that promise most if changes add up, worked out exactly. */
    private void swaps(final List<StepEffect> gains, final List<StepEffect> losses) {
        gains.stream()
                .flatMap(gain -> losses.stream()
                        .filter(loss -> loss.row() != gain.row())
                        .map(loss -> new Pair(gain, loss, Score.penalty(targets, both(gain, loss)))))
                .sorted(Comparator.comparingDouble(Pair::penalty))
                .limit(MOST_SWAPS)
                .forEach(this::swap);
    }

    private record Pair(StepEffect gain, StepEffect loss, double penalty) {}

    private Map<Property, Double> both(final StepEffect gain, final StepEffect loss) {
        final Map<Property, Double> then = new EnumMap<>(now);
        gain.moves().forEach((property, change) -> then.merge(property, change, Double::sum));
        loss.moves().forEach((property, change) -> then.merge(property, change, Double::sum));
        return then;
    }

    private void swap(final Pair pair) {
        final Change change = new Change.Swap(
                pair.gain().row(), pair.loss().row(), pair.gain().step());
        final Map<Property, Double> then =
                base.with(change.recipeAfter(base.recipe())).values();
        final Message what = base.recipe().measure() == Recipe.Measure.PARTS
                ? ChangeSentence.PART_INSTEAD.with(
                        pair.gain().material(), pair.loss().material())
                : ChangeSentence.PER_CENT_INSTEAD.with(
                        Quantity.trimmed(Dimension.NUMBER, pair.gain().step(), 0),
                        pair.gain().material(),
                        pair.loss().material());
        candidate(change, then, () -> ChangeSentence.REMEDY.with(what, effect(then)));
    }

    private void wall(final PotWall wall) {
        final Change change = new Change.Wall(wall);
        final Map<Property, Double> then =
                base.with(change.briefAfter(base.brief())).values();
        candidate(change, then, () -> ChangeSentence.REMEDY.with(ChangeSentence.WALL_POT.with(wall), effect(then)));
    }

    private void interval() {
        final Double days = now.get(Property.DRY_DAYS);
        if (base.brief().habit().isEmpty() || days == null || worst.property() != Property.DRY_DAYS) {
            return;
        }
        final Habit habit = base.brief().habit().get();
        final double every = Math.max(1, Math.rint(days));
        if (every == habit.everyDays() || every > MOST_DAYS) {
            return;
        }
        candidate(
                new Change.Interval(every),
                now,
                () -> every == 1
                        ? ChangeSentence.WATER_DAILY_INSTEAD.with()
                        : ChangeSentence.WATER_EVERY_INSTEAD.with(Quantity.trimmed(Dimension.DAYS, every, 0)));
    }

    private void dose() {
        if (worst.property() != Property.PH
                || Objects.requireNonNull(now.get(Property.PH)) >= worst.band().low()
                || base.brief().needs().filter(needs -> needs.hatesLime()).isPresent()) {
            return;
        }
        base.known().book().amendment(LIME).ifPresent(this::limed);
    }

    private void limed(final Amendment lime) {
        final double wanted = 0.5 * (worst.band().low() + worst.band().high());
        final double already = base.recipe().doses().stream()
                .filter(dose -> dose.amendment().equals(lime))
                .mapToDouble(Recipe.Dose::gPerL)
                .sum();
        for (double more = DOSE_STEP_G_PER_L; already + more <= MOST_DOSE_G_PER_L; more += DOSE_STEP_G_PER_L) {
            final Change change = new Change.Dose(lime, already + more);
            final PottedMix limed = base.with(change.recipeAfter(base.recipe()));
            if (limed.value(Property.PH).orElseThrow() >= wanted) {
                final Map<Property, Double> then = limed.values();
                final Quantity dose = Quantity.of(Dimension.DOSE, already + more, 2);
                candidate(
                        change,
                        then,
                        () -> ChangeSentence.DOSE_AND_WAIT.with(
                                lime, dose, effect(then), Quantity.of(Dimension.WEEKS, PottedMix.PH_WEEKS, 0)));
                return;
            }
        }
    }

    private void candidate(final Change change, final Map<Property, Double> then, final Supplier<Message> words) {
        final Setup after = change.apply(setup);
        final List<Target> wanted = after.brief().equals(setup.brief()) ? targets : Targets.of(after.brief());
        if (!(change instanceof Change.Interval) && (overshoots(then, wanted) || looksTheSame(then))) {
            return;
        }
        candidates.add(new Candidate(change, after, then, Score.penalty(wanted, then), words));
    }

    private double now(final Property property) {
        return Objects.requireNonNull(now.get(property));
    }

    /** Whether a change throws the worst reading out at the other end of what is wanted. */
    private boolean overshoots(final Map<Property, Double> then, final List<Target> wanted) {
        final Property property = worst.property();
        final double missNow = worst.band().miss(now(property));
        final double value = Objects.requireNonNull(then.get(property));
        return wanted.stream()
                .filter(target -> target.property() == property)
                .anyMatch(target -> target.band().miss(value) * missNow < 0);
    }

    private boolean looksTheSame(final Map<Property, Double> then) {
        final Property property = worst.property();
        return property.looksTheSame(now(property), Objects.requireNonNull(then.get(property)));
    }

    private Message effect(final Map<Property, Double> then) {
        final Property property = worst.property();
        final Quantity before = property.quantity(now(property)).bare();
        final Quantity after = property.quantity(Objects.requireNonNull(then.get(property)));
        final Message moved = property == Property.PH || property == Property.DRY_DAYS || property == Property.LIFE
                ? ChangeSentence.FROM_TO.with(before, after)
                : ChangeSentence.MOVES.with(property.brief(), before, after);
        return property == Property.DRY_DAYS
                ? moved
                : drying(then)
                        .map(dries -> ChangeSentence.AND_DRIES.with(moved, dries))
                        .orElse(moved);
    }

    /** How much sooner or later it dries, where that is worth a word. */
    private Optional<Message> drying(final Map<Property, Double> then) {
        final Double days = now.get(Property.DRY_DAYS);
        final Double after = then.get(Property.DRY_DAYS);
        if (days == null || after == null || Math.abs(after - days) < WORTH_DAYS) {
            return Optional.empty();
        }
        final Quantity by = Quantity.trimmed(Dimension.DAYS, Math.abs(after - days), 1);
        return Optional.of((after < days ? ChangeSentence.DRIES_SOONER : ChangeSentence.DRIES_LATER).with(by));
    }
}
