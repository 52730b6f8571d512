package looseknit.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.Segregation;
import looseknit.core.caution.Caution;
import looseknit.core.caution.Cautions;
import looseknit.core.change.Contradictions;
import looseknit.core.change.Remedies;
import looseknit.core.change.StepEffect;
import looseknit.core.change.WishCheck;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.pot.Pot;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;
import looseknit.core.reading.ReadingSentence;
import looseknit.core.reading.Score;

/** Reads everything off a recipe under a brief. Stateless and thread-safe. */
public final class Evaluator {

    private Evaluator() {}

    /**
     * Evaluates a recipe.
     *
     * @param recipe the recipe
     * @param brief what is known of plant, pot, place and hand
     * @throws looseknit.core.measure.OutOfRangeException if plant, pot or place cannot be computed together
     */
    public static Evaluation evaluate(final Recipe recipe, final Brief brief) {
        return evaluate(recipe, brief, Knowledge.NOTHING);
    }

    /**
     * Evaluates a recipe with what tests have shown.
     *
     * @param recipe the recipe
     * @param brief what is known of plant, pot, place and hand
     * @param known tests so far, and how volumes are measured out
     * @throws looseknit.core.measure.OutOfRangeException if plant, pot or place cannot be computed together
     */
    public static Evaluation evaluate(final Recipe recipe, final Brief brief, final Knowledge known) {
        final PottedMix mix = new PottedMix(recipe, brief, known);
        final List<Target> targets = mix.targets();
        final Map<Property, Double> now = mix.values();
        final List<Caution> cautions = Cautions.shipped().of(recipe, brief, mix.signs());
        final List<StepEffect> more = StepEffect.more(mix, now, targets);
        final List<StepEffect> less = StepEffect.less(mix, now, targets);
        return new Evaluation(
                recipe,
                shares(recipe),
                recipe.unnamedShare(),
                mix.mix().yield(),
                mix.mix().shrinkage(),
                mix.column().wetZoneCm(mix.mix()),
                mix.column().heightCm(),
                brief.pot().map(Pot::mixLitres),
                rowLitres(recipe, brief, mix.mix().yield()),
                headline(cautions, mix, now),
                fits(cautions, targets, now),
                targets,
                Reading.all(mix, now, targets),
                more,
                less,
                Remedies.of(mix, targets, now, more, less),
                cautions,
                Contradictions.of(Optional.of(recipe), brief, known),
                notices(mix));
    }

    /**
     * Reads a recipe at a glance.
     *
     * @throws looseknit.core.measure.OutOfRangeException if plant, pot or place cannot be computed together
     */
    public static Glance glance(final Recipe recipe, final Brief brief, final Knowledge known) {
        final PottedMix mix = new PottedMix(recipe, brief, known);
        final List<Target> targets = mix.targets();
        final Map<Property, Double> now = mix.values();
        final List<Caution> cautions = Cautions.shipped().of(recipe, brief, mix.signs());
        return new Glance(
                shares(recipe),
                headline(cautions, mix, now),
                fits(cautions, targets, now),
                targets.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Score.fit(Score.penalty(targets, now))),
                now,
                cautions.stream()
                        .filter(each -> each.level() == Caution.Level.STOP)
                        .toList());
    }

    /** What harms most: first whatever must be stopped, then the readings in their order. */
    private static Message headline(
            final List<Caution> cautions, final PottedMix mix, final Map<Property, Double> now) {
        return cautions.stream()
                .filter(each -> each.level() == Caution.Level.STOP)
                .findFirst()
                .map(stop -> stop.why().message())
                .orElseGet(() -> Score.headline(mix, now));
    }

    /** Whether nothing must be stopped and every reading lies within what is bearable. */
    private static boolean fits(
            final List<Caution> cautions, final List<Target> targets, final Map<Property, Double> now) {
        return !targets.isEmpty()
                && Score.bearable(targets, now)
                && cautions.stream().noneMatch(each -> each.level() == Caution.Level.STOP);
    }

    private static List<Double> shares(final Recipe recipe) {
        final double whole = recipe.whole();
        return recipe.parts().stream().map(part -> part.amount() / whole).toList();
    }

    private static List<Double> rowLitres(final Recipe recipe, final Brief brief, final double yield) {
        return brief.pot()
                .map(pot -> recipe.scoopedShares().stream()
                        .map(share -> pot.mixLitres() / yield * share)
                        .toList())
                .orElse(List.of());
    }

    private static List<Message> notices(final PottedMix mix) {
        final Recipe recipe = mix.recipe();
        final List<Message> notices = new ArrayList<>();
        final double missing = recipe.unnamedShare();
        if (missing > 0) {
            notices.add(BenchSentence.PER_CENT_SHORT.with(percent(1 - missing), percent(missing)));
        } else if (missing < 0) {
            notices.add(BenchSentence.PER_CENT_OVER.with(percent(1 - missing), percent(-missing)));
        }
        notices.addAll(WishCheck.unkept(recipe, mix.brief().wishes()));
        recipe.namedTwice().forEach(material -> notices.add(BenchSentence.NAMED_TWICE.with(material)));
        Segregation.of(mix.mix()).stream()
                .filter(each -> each.kind() == Segregation.Kind.SINKS)
                .forEach(each -> notices.add(ReadingSentence.PARTS_COMPANY.with(each.material(), each.kind())));
        return List.copyOf(notices);
    }

    private static Quantity percent(final double share) {
        return Quantity.trimmed(Dimension.NUMBER, share * 100, 1);
    }
}
