package looseknit.core.reading;

import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Packing;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.reading.Explanation.Figure;

/**
 * Air after draining: all pores less the water held in this pot.
 *
 * @see "Fonteno, W. C. (1989). An approach to modeling air and water status of horticultural substrates. Acta Hort. 238 (from memory)"
 */
final class AirFilledPorosity extends Gauge {

    AirFilledPorosity() {
        super(Property.AIR, Stage.PLAIN);
    }

    @Override
    public double value(final MixState mix) {
        return mix.air();
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        return uncertainty.air();
    }

    @Override
    Explanation explain(final Workings workings) {
        final PottedMix mix = workings.mix();
        return workings.explanation(
                Property.AIR,
                WorkingsText.AIR,
                List.of(
                        workings.heightOfMix(),
                        new Figure(
                                WorkingsText.SHRINKAGE.with(),
                                Quantity.of(Dimension.SHARE, mix.mix().shrinkage(), 1),
                                (mix.form() == Packing.Form.CLASSES
                                                ? WorkingsText.BY_SIZE_CLASSES
                                                : WorkingsText.BY_WHOLE_MATERIALS)
                                        .with())),
                workings.corrected(
                        Optional.of(LotTrait.AIR),
                        Quantity.of(Dimension.SHARE, mix.correction(LotTrait.AIR), 1),
                        Workings.share(
                                WorkingsText.ALL_PORES.with(), mix.state().porosity()),
                        Workings.share(
                                WorkingsText.WATER_IN_POT.with(), mix.state().water()),
                        new Figure(
                                WorkingsText.WET_ZONE.with(),
                                Quantity.of(Dimension.LENGTH, mix.column().wetZoneCm(mix.mix()), 1),
                                Workings.workedOut())),
                workings.parts(
                        i -> workings.material(i).physics().totalPorosity()
                                - mix.table().pureCapacity(mix.place(i)),
                        WorkingsText.LOST_IN_GAPS.with(),
                        mix.state().air(),
                        mix.correction(LotTrait.AIR)),
                Dimension.SHARE,
                Optional.empty());
    }
}
