package looseknit.server.reading;

import looseknit.core.bench.Evaluation;
import looseknit.core.change.Contradiction;
import looseknit.core.change.Remedy;
import looseknit.core.change.WayOut;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.DoseMeasure;
import looseknit.core.caution.Caution;
import looseknit.core.measure.Band;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Explanation;
import looseknit.core.reading.Reading;
import looseknit.core.reading.Verdict;
import org.jspecify.annotations.Nullable;

/**
 * Everything read off a blend, as it travels: figures in the units in which people read them.
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
        List<String> doseWords,
        String headline,
        boolean fits,
        List<TargetBody> targets,
        List<ReadingBody> readings,
        List<StepBody> oneMore,
        List<StepBody> oneLess,
        List<RemedyBody> remedies,
        List<CautionBody> cautions,
        List<ContradictionBody> contradictions,
        List<String> notices) {

    /** What is wanted of a reading. Open ends are null. */
    public record TargetBody(
            Property quality,
            String label,
            String words,
            @Nullable Double low,
            @Nullable Double high,
            double weight,
            String weightWords,
            List<String> because) {}

    /** A reading with its 80 % interval. */
    public record ReadingBody(
            Property quality,
            String label,
            String unit,
            double value,
            double low80,
            double high80,
            int decimals,
            @Nullable Double targetLow,
            @Nullable Double targetHigh,
            Verdict verdict,
            String words,
            ExplanationBody explanation) {}

    /** How a figure was worked out. */
    public record ExplanationBody(
            String formula,
            String reference,
            List<Explanation.Figure> inputs,
            List<Explanation.Figure> steps,
            List<ContributionBody> contributions,
            String contributionUnit,
            List<Explanation.Cause> causes) {}

    /** A part of the result; the pull is null where none can be told. */
    public record ContributionBody(
            String name, double value, @Nullable Double pull) {}

    /** What one part more or less would do. */
    public record StepBody(int row, String materialId, double step, List<ChangeBody> changes) {}

    /** Change of one reading; the effect is null where nothing is wanted of it. */
    public record ChangeBody(Property quality, double change, int decimals, OneMore.@Nullable Effect effect) {}

    /** A single change for the better. */
    public record RemedyBody(
            Remedy.Kind kind, String subject, int row, double value, int givingRow, double givingValue, String words) {}

    /** A caution. */
    public record CautionBody(String id, Caution.Level level, String why, String instead, String defers) {}

    /** Two things of the brief that do not go together. */
    public record ContradictionBody(String id, String says, List<WayOut> waysOut) {}

    /** An evaluation of the core as it travels. */
    public static EvaluationBody of(final Evaluation evaluation) {
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
                doseWords(evaluation),
                evaluation.headline(),
                evaluation.fits(),
                evaluation.targets().stream().map(EvaluationBody::target).toList(),
                evaluation.readings().stream().map(EvaluationBody::reading).toList(),
                evaluation.oneMore().stream().map(EvaluationBody::step).toList(),
                evaluation.oneLess().stream().map(EvaluationBody::step).toList(),
                evaluation.remedies().stream().map(EvaluationBody::remedy).toList(),
                evaluation.cautions().stream().map(EvaluationBody::caution).toList(),
                evaluation.contradictions().stream()
                        .map(EvaluationBody::contradiction)
                        .toList(),
                evaluation.notices());
    }

    private static List<String> doseWords(final Evaluation evaluation) {
        final OptionalDouble pot =
                evaluation.mixLitres().map(OptionalDouble::of).orElseGet(OptionalDouble::empty);
        return evaluation.recipe().doses().stream()
                .map(dose -> new DoseMeasure(dose.amendment()).words(dose.gPerL(), pot))
                .toList();
    }

    static ContradictionBody contradiction(final Contradiction contradiction) {
        return new ContradictionBody(contradiction.id(), contradiction.says(), contradiction.waysOut());
    }

    static TargetBody target(final Target target) {
        return new TargetBody(
                target.quality(),
                target.quality().words(),
                Phrases.band(target.quality(), target.band()),
                shown(target.quality(), target.band().low()),
                shown(target.quality(), target.band().high()),
                target.weight(),
                target.weightWords(),
                target.because());
    }

    private static ReadingBody reading(final Reading reading) {
        final Property quality = reading.quality();
        final double value = reading.estimate().value() * quality.shown();
        final Optional<Band> band = reading.target().map(Target::band);
        return new ReadingBody(
                quality,
                quality.words(),
                quality.unit(),
                value,
                reading.low80() * quality.shown(),
                reading.high80() * quality.shown(),
                Phrases.decimals(quality, value),
                band.map(each -> shown(quality, each.low())).orElse(null),
                band.map(each -> shown(quality, each.high())).orElse(null),
                reading.verdict(),
                reading.words(),
                explanation(reading.explanation()));
    }

    private static @Nullable Double shown(final Property quality, final double value) {
        return Double.isInfinite(value) ? null : value * quality.shown();
    }

    private static ExplanationBody explanation(final Explanation explanation) {
        return new ExplanationBody(
                explanation.formula(),
                explanation.reference(),
                explanation.inputs(),
                explanation.steps(),
                explanation.contributions().stream()
                        .map(each -> new ContributionBody(
                                each.name(),
                                each.value(),
                                each.pull().isPresent() ? each.pull().getAsDouble() : null))
                        .toList(),
                explanation.contributionUnit(),
                explanation.causes());
    }

    static StepBody step(final OneMore step) {
        final Map<Property, Double> change = step.change();
        return new StepBody(
                step.row(),
                step.material().id(),
                step.step(),
                Arrays.stream(Property.values())
                        .filter(change::containsKey)
                        .map(quality -> new ChangeBody(
                                quality,
                                change.get(quality) * quality.shown(),
                                Math.max(1, Phrases.decimals(quality, change.get(quality) * quality.shown())),
                                step.effect().get(quality)))
                        .toList());
    }

    private static RemedyBody remedy(final Remedy remedy) {
        return new RemedyBody(
                remedy.kind(),
                remedy.subject(),
                remedy.row(),
                remedy.value(),
                remedy.givingRow(),
                remedy.givingValue(),
                remedy.words());
    }

    private static CautionBody caution(final Caution caution) {
        return new CautionBody(caution.id(), caution.level(), caution.why(), caution.instead(), caution.defers());
    }
}
