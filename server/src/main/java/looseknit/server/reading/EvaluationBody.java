package looseknit.server.reading;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.bench.Evaluation;
import looseknit.core.blend.DoseMeasure;
import looseknit.core.caution.Caution;
import looseknit.core.change.Contradiction;
import looseknit.core.change.StepEffect;
import looseknit.core.change.WayOut;
import looseknit.core.message.Dimension;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.TableText;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Explanation;
import looseknit.core.reading.Gauges;
import looseknit.core.reading.Reading;
import looseknit.core.reading.Score;
import looseknit.core.reading.Verdict;
import org.jspecify.annotations.Nullable;

/**
 * Everything read off a blend, as it travels. Readings and what explains them come in the units that are asked for, each with its unit
 * beside it; whatever has a unit in its name is in that unit.
 *
 * @param doseWords each dose in spoons for the pot, in the order of the recipe
 */
public record EvaluationBody(
        double sum,
        List<Double> shares,
        double unnamedShare,
        double yield,
        double shrinkagePercent,
        double wetZoneCm,
        double mixHeightCm,
        @Nullable Double mixLitres,
        @Nullable Double looseLitres,
        List<Double> rowLitres,
        List<Message> doseWords,
        Message headline,
        boolean fits,
        List<TargetBody> targets,
        List<ReadingBody> readings,
        List<StepBody> oneMore,
        List<StepBody> oneLess,
        List<RemedyBody> remedies,
        List<CautionBody> cautions,
        List<ContradictionBody> contradictions,
        List<Message> notices) {

    /** What is wanted of a reading. Open ends are null. */
    public record TargetBody(
            Property quality,
            Message label,
            Message words,
            @Nullable Double low,
            @Nullable Double high,
            Message bearableWords,
            double weight,
            Message weightWords,
            List<Message> because) {}

    /** A reading with its 80 % interval. */
    public record ReadingBody(
            Property quality,
            Message label,
            String unit,
            double value,
            double low80,
            double high80,
            int decimals,
            @Nullable Double targetLow,
            @Nullable Double targetHigh,
            @Nullable Double bearableLow,
            @Nullable Double bearableHigh,
            Verdict verdict,
            Message words,
            ExplanationBody explanation) {}

    /** How a figure was worked out. */
    public record ExplanationBody(
            Message formula,
            Message reference,
            List<ExplainedFigureBody> inputs,
            List<ExplainedFigureBody> steps,
            List<ContributionBody> contributions,
            Message contributionUnit,
            List<CauseBody> causes,
            List<GradeBody> grading) {}

    /** A point of a grading curve. */
    public record GradeBody(double mm, double finerPercent) {}

    /** A figure that went in or came out on the way. */
    public record ExplainedFigureBody(Message name, double value, String unit, int decimals, Message source) {}

    /** A part of the result; the pull is null where none can be told. */
    public record ContributionBody(
            Message name, double value, @Nullable Double pull) {}

    /** A cause of uncertainty. */
    public record CauseBody(Message name, double sd, double share) {}

    /** What one part more or less would do. */
    public record StepBody(int row, String materialId, double step, List<ChangeBody> changes) {}

    /** Change of one reading; the effect is null where nothing is wanted of it. */
    public record ChangeBody(Property quality, double change, int decimals, StepEffect.@Nullable Effect effect) {}

    /** A single change for the better, and what lies on the bench once it is taken. */
    public record RemedyBody(Message words, SetupBody after) {}

    /** A caution. */
    public record CautionBody(String id, Caution.Level level, TableText why, TableText instead, TableText defers) {}

    /** Two things of the brief that do not go together. */
    public record ContradictionBody(String id, Message says, List<WayOutBody> waysOut) {}

    /** A way out; what lies on the bench once it is taken is null where only the person can take it. */
    public record WayOutBody(Message words, @Nullable SetupBody after) {}

    /** An evaluation of the core as it travels. */
    static EvaluationBody of(final Evaluation evaluation, final Bench bench, final MeasureSystem system) {
        return new EvaluationBody(
                evaluation.recipe().sum(),
                evaluation.shares(),
                evaluation.unnamedShare(),
                evaluation.yield(),
                100 * evaluation.shrinkage(),
                evaluation.wetZoneCm(),
                evaluation.mixHeightCm(),
                evaluation.mixLitres().orElse(null),
                evaluation.rowLitres().isEmpty()
                        ? null
                        : evaluation.rowLitres().stream()
                                .mapToDouble(Double::doubleValue)
                                .sum(),
                evaluation.rowLitres(),
                doseWords(evaluation, system),
                evaluation.headline(),
                evaluation.fits(),
                evaluation.targets().stream().map(each -> target(each, system)).toList(),
                evaluation.readings().stream()
                        .map(each -> reading(each, system))
                        .toList(),
                evaluation.oneMore().stream().map(each -> step(each, system)).toList(),
                evaluation.oneLess().stream().map(each -> step(each, system)).toList(),
                evaluation.remedies().stream()
                        .map(each -> new RemedyBody(each.words(), bench.after(each.change())))
                        .toList(),
                evaluation.cautions().stream().map(EvaluationBody::caution).toList(),
                evaluation.contradictions().stream()
                        .map(each -> contradiction(each, bench))
                        .toList(),
                evaluation.notices());
    }

    /** Each dose of a recipe in spoons for the pot. */
    public static List<Message> doseWords(final Evaluation evaluation, final MeasureSystem system) {
        final OptionalDouble pot =
                evaluation.mixLitres().map(OptionalDouble::of).orElseGet(OptionalDouble::empty);
        return evaluation.recipe().doses().stream()
                .map(dose -> new DoseMeasure(dose.amendment()).words(dose.gPerL(), pot, system == MeasureSystem.US))
                .toList();
    }

    static ContradictionBody contradiction(final Contradiction contradiction, final Bench bench) {
        return new ContradictionBody(
                contradiction.id(),
                contradiction.says(),
                contradiction.waysOut().stream().map(way -> wayOut(way, bench)).toList());
    }

    private static WayOutBody wayOut(final WayOut way, final Bench bench) {
        return new WayOutBody(way.words(), way.change().map(bench::after).orElse(null));
    }

    static TargetBody target(final Target target, final MeasureSystem system) {
        return new TargetBody(
                target.property(),
                target.property().words(),
                Score.wantedWords(target),
                shown(target.property(), target.band().low(), system),
                shown(target.property(), target.band().high(), system),
                Score.bearableWords(target),
                target.weight(),
                target.weightWords(),
                target.because());
    }

    /** A reading of the core as it travels. */
    public static ReadingBody reading(final Reading reading, final MeasureSystem system) {
        final Property property = reading.property();
        final Dimension dimension = property.dimension();
        final double value = reading.estimate().value();
        final Optional<Target> target = reading.target();
        return new ReadingBody(
                property,
                property.words(),
                dimension.unit(system),
                dimension.shown(value, system),
                dimension.shown(reading.low80(), system),
                dimension.shown(reading.high80(), system),
                dimension.decimals(property.decimals(value), system),
                target.map(each -> shown(property, each.band().low(), system)).orElse(null),
                target.map(each -> shown(property, each.band().high(), system)).orElse(null),
                target.map(each -> shown(property, each.bearable().low(), system))
                        .orElse(null),
                target.map(each -> shown(property, each.bearable().high(), system))
                        .orElse(null),
                reading.verdict(),
                reading.words(),
                explanation(property, reading.explanation(), system));
    }

    /** An end of a band in the unit in which people read it; null if it is open. */
    public static @Nullable Double shown(final Property property, final double value, final MeasureSystem system) {
        return Double.isInfinite(value) ? null : property.dimension().shown(value, system);
    }

    private static ExplanationBody explanation(
            final Property property, final Explanation explanation, final MeasureSystem system) {
        final Dimension measure = explanation.contributionsMeasure();
        return new ExplanationBody(
                explanation.formula(),
                explanation.reference(),
                explanation.inputs().stream().map(each -> figure(each, system)).toList(),
                explanation.steps().stream().map(each -> figure(each, system)).toList(),
                explanation.contributions().stream()
                        .map(each -> new ContributionBody(
                                each.name(),
                                measure.shown(each.value(), system),
                                each.pull().isPresent()
                                        ? property.dimension()
                                                .difference(each.pull().getAsDouble(), system)
                                        : null))
                        .toList(),
                explanation.contributionsNote().orElseGet(() -> TableText.said(measure.unit(system))),
                explanation.causes().stream()
                        .map(each -> new CauseBody(
                                each.name(), property.dimension().difference(each.sd(), system), each.share()))
                        .toList(),
                explanation.grading().stream()
                        .map(each -> new GradeBody(each.mm(), 100 * each.finer()))
                        .toList());
    }

    private static ExplainedFigureBody figure(final Explanation.Figure figure, final MeasureSystem system) {
        final Quantity quantity = figure.quantity();
        return new ExplainedFigureBody(
                figure.name(),
                quantity.dimension().shown(quantity.value(), system),
                quantity.dimension().unit(system),
                quantity.dimension().decimals(quantity.decimals(), system),
                figure.source());
    }

    static StepBody step(final StepEffect step, final MeasureSystem system) {
        return new StepBody(
                step.row(),
                step.material().id(),
                step.step(),
                Gauges.ALL.stream()
                        .map(gauge -> gauge.property())
                        .filter(step.moves()::containsKey)
                        .map(property -> change(property, step, system))
                        .toList());
    }

    private static ChangeBody change(final Property property, final StepEffect step, final MeasureSystem system) {
        final double move = Objects.requireNonNull(step.moves().get(property));
        final Dimension dimension = property.dimension();
        return new ChangeBody(
                property,
                dimension.difference(move, system),
                dimension.decimals(Math.max(1, property.decimals(move)), system),
                step.effect().get(property));
    }

    private static CautionBody caution(final Caution caution) {
        return new CautionBody(caution.id(), caution.level(), caution.why(), caution.instead(), caution.defers());
    }
}
