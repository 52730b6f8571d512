package looseknit.core.reading;

import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.dry.Reservoir;
import looseknit.core.message.Dimension;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;

/**
 * Water held after soaking and draining: each material's retention curve at every height of the pot.
 *
 * @see "van Genuchten, M. Th. (1980). Soil Sci. Soc. Am. J. 44; Fonteno (1989) for the pot (from memory)"
 */
final class ContainerCapacity extends Gauge {

    ContainerCapacity() {
        super(Property.WATER, Stage.PLAIN);
    }

    @Override
    public double value(final MixState mix) {
        return mix.water();
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        return uncertainty.water();
    }

    @Override
    Explanation explain(final Workings workings) {
        final PottedMix mix = workings.mix();
        return workings.explanation(
                Property.WATER,
                WorkingsText.WATER,
                List.of(workings.heightOfMix()),
                List.of(
                        workings.waterAt(10),
                        workings.waterAt(50),
                        workings.waterAt(100),
                        Workings.share(
                                WorkingsText.FROM_THE_TOP.with(),
                                Reservoir.TOP_WATERED * mix.state().water())),
                workings.parts(
                        i -> mix.table().pureCapacity(mix.place(i)),
                        WorkingsText.NO_ROOM_IN_GAPS.with(),
                        mix.state().water(),
                        mix.correction(LotTrait.POROSITY) - mix.correction(LotTrait.AIR)),
                Dimension.SHARE,
                Optional.empty());
    }
}
