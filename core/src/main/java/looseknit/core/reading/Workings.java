package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.reading.Explanation.Cause;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** What every explanation draws on: the mix, how sure its readings are, and how a line of an explanation is written. */
final class Workings {

    private static final String SOURCE = "_SOURCE";

    private final PottedMix mix;
    private final Uncertainty uncertainty;

    Workings(final PottedMix mix, final Uncertainty uncertainty) {
        this.mix = mix;
        this.uncertainty = uncertainty;
    }

    PottedMix mix() {
        return mix;
    }

    Material material(final int i) {
        return mix.mix().materials().get(i);
    }

    Message name(final int i) {
        return WorkingsText.MATERIAL.with(material(i));
    }

    /** An explanation whose formula needs no arguments; its source stands under the same name. */
    Explanation explanation(
            final Property property,
            final WorkingsText formula,
            final List<Figure> inputs,
            final List<Figure> steps,
            final List<Contribution> contributions,
            final Dimension measure,
            final Optional<Message> note) {
        return explanation(
                property,
                formula.with(),
                WorkingsText.valueOf(formula.name() + SOURCE).with(),
                inputs,
                steps,
                contributions,
                measure,
                note);
    }

    Explanation explanation(
            final Property property,
            final Message formula,
            final Message source,
            final List<Figure> inputs,
            final List<Figure> steps,
            final List<Contribution> contributions,
            final Dimension measure,
            final Optional<Message> note) {
        return new Explanation(
                formula, source, inputs, steps, contributions, measure, note, causes(property), List.of());
    }

    private List<Cause> causes(final Property property) {
        final List<Beliefs.Share> shares = uncertainty.shares(property);
        final double all = Math.max(
                1e-30, shares.stream().mapToDouble(Beliefs.Share::variance).sum());
        return shares.stream()
                .map(each -> new Cause(
                        each.name(), Math.sqrt(Math.max(0, each.variance())), Math.max(0, each.variance() / all)))
                .toList();
    }

    /**
     * Steps, and behind them what tests correct, if any were made.
     *
     * @param trait what they correct
     * @param by by how much
     */
    List<Figure> corrected(final Optional<LotTrait> trait, final Quantity by, final Figure... before) {
        final List<Figure> steps = new ArrayList<>(List.of(before));
        final int findings = mix.known().beliefs().findings();
        if (findings > 0 && trait.isPresent()) {
            steps.add(new Figure(WorkingsText.CORRECTED.with(), by, WorkingsText.FINDINGS.with(findings)));
        }
        return steps;
    }

    static Message workedOut() {
        return ReadingSentence.NOTHING_WANTED.with();
    }

    static Figure share(final Message name, final double share) {
        return new Figure(name, Quantity.of(Dimension.SHARE, share, 0), workedOut());
    }

    static Figure element(final Message name, final double mgPerL) {
        return new Figure(name, Quantity.of(Dimension.CONCENTRATION, mgPerL, 0), workedOut());
    }

    Figure waterAt(final double suctionCm) {
        return share(WorkingsText.WATER_AT.with(suction(suctionCm)), mix.mix().waterAt(suctionCm));
    }

    static Quantity suction(final double suctionCm) {
        return Quantity.trimmed(Dimension.LENGTH, suctionCm, 0);
    }

    Figure temperature() {
        return new Figure(
                WorkingsText.TEMPERATURE.with(),
                Quantity.of(Dimension.TEMPERATURE, mix.situation().temperatureC(), 0),
                WorkingsText.YOUR_PLACE.with());
    }

    Figure heightOfMix() {
        return new Figure(
                WorkingsText.HEIGHT_OF_MIX.with(),
                Quantity.of(Dimension.LENGTH, mix.column().heightCm(), 1),
                (mix.situation().potted() ? WorkingsText.YOUR_POT : WorkingsText.TEST_COLUMN).with());
    }

    /** What each material brings of a volume, with how far it pulls the whole from where it would be without it. */
    List<Contribution> parts(
            final IntToDoubleFunction own, final Message rest, final double total, final double corrected) {
        final List<Contribution> result = new ArrayList<>();
        final Mix mixed = mix.mix();
        final double all = mixed.sum(material -> 1);
        double sum = 0;
        for (int i = 0; i < mixed.materials().size(); i++) {
            sum += mixed.litresPerLitre(i) * own.applyAsDouble(i);
        }
        for (int i = 0; i < mixed.materials().size(); i++) {
            final double pull = mixed.litresPerLitre(i) / all * (own.applyAsDouble(i) - sum / all);
            result.add(
                    new Contribution(name(i), mixed.litresPerLitre(i) * own.applyAsDouble(i), OptionalDouble.of(pull)));
        }
        result.add(Contribution.of(rest, total - corrected - sum));
        if (corrected != 0) {
            result.add(Contribution.of(WorkingsText.CORRECTED_BY_TESTS.with(), corrected));
        }
        return result;
    }
}
