package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.assay.PhSpread;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** pH eight weeks after mixing: each material pulls by its buffering, and lime moves the mix as it reacts; see {@link looseknit.core.blend.Acidity}. */
final class MixPh extends Gauge {

    MixPh() {
        super(Property.PH, Stage.LIMED);
    }

    @Override
    public double value(final MixState mix) {
        return mix.ph();
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final PottedMix mix = uncertainty.mix();
        final double ph = uncertainty.now(Property.PH);
        final double moved = ph - mix.correction(LotTrait.PH) - mix.mix().plainPh();
        return PhSpread.shares(mix.known().beliefs(), mix.mix(), mix.known().blend(), ph, moved);
    }

    @Override
    Explanation explain(final Workings workings) {
        final Mix mix = workings.mix().mix();
        final double all = mix.bufferMeqPerLPerPh();
        final List<Contribution> pulls = new ArrayList<>();
        final List<Figure> inputs = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            final Material.Chemistry chemistry = workings.material(i).chemistry();
            final double weight = mix.litresPerLitre(i) * chemistry.bufferMeqPerLPerPh() / all;
            pulls.add(new Contribution(
                    workings.name(i), weight, OptionalDouble.of(weight * (chemistry.ph() - mix.plainPh()))));
            inputs.add(new Figure(
                    workings.name(i), Quantity.of(Dimension.PH, chemistry.ph(), 1), WorkingsText.BOOK.with()));
        }
        inputs.add(workings.temperature());
        return workings.explanation(
                Property.PH,
                WorkingsText.PH,
                inputs,
                workings.corrected(
                        Optional.of(LotTrait.PH),
                        Quantity.of(Dimension.PH, workings.mix().correction(LotTrait.PH), 2),
                        new Figure(
                                WorkingsText.PLAIN_PH.with(),
                                Quantity.of(Dimension.PH, mix.plainPh(), 2),
                                Workings.workedOut()),
                        new Figure(
                                WorkingsText.BUFFERING.with(),
                                Quantity.of(Dimension.BUFFER, all, 0),
                                Workings.workedOut()),
                        new Figure(
                                WorkingsText.BASE_SET_FREE.with(Quantity.of(Dimension.WEEKS, PottedMix.PH_WEEKS, 0)),
                                Quantity.of(
                                        Dimension.CHARGE,
                                        workings.mix().acidity().baseMeqPerL(PottedMix.PH_WEEKS),
                                        1),
                                Workings.workedOut())),
                pulls,
                Dimension.SHARE,
                Optional.of(WorkingsText.OF_THE_SAY.with()));
    }
}
