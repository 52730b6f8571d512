package looseknit.core.reading;

import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.blend.Mix;
import looseknit.core.message.Dimension;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;

/**
 * Water between 10 and 50 cm of suction, which roots draw without effort.
 *
 * @see "De Boodt, M. and Verdonck, O. (1972). The physical properties of the substrates in horticulture. Acta Hort. 26 (from memory)"
 */
final class EasilyAvailableWater extends Gauge {

    EasilyAvailableWater() {
        super(Property.EASY_WATER, Stage.PLAIN);
    }

    @Override
    public double value(final MixState mix) {
        return mix.tabulatedEasyWater + mix.easyWaterOff;
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        return Uncertainty.scaled(uncertainty.water(), Uncertainty.BETWEEN);
    }

    @Override
    Explanation explain(final Workings workings) {
        final Mix mix = workings.mix().mix();
        return workings.explanation(
                Property.EASY_WATER,
                WorkingsText.EASY_WATER.with(Workings.suction(Mix.EASY_FROM_CM), Workings.suction(Mix.EASY_TO_CM)),
                WorkingsText.EASY_WATER_SOURCE.with(),
                List.of(workings.waterAt(Mix.EASY_FROM_CM), workings.waterAt(Mix.EASY_TO_CM)),
                List.of(Workings.share(
                        WorkingsText.IN_RESERVE.with(Workings.suction(Mix.EASY_TO_CM), Workings.suction(100)),
                        mix.waterBufferingCapacity())),
                workings.parts(
                        i -> workings.material(i).retention().at(Mix.EASY_FROM_CM)
                                - workings.material(i).retention().at(Mix.EASY_TO_CM),
                        WorkingsText.CAPPED_BY_PORES.with(),
                        value(workings.mix().state()),
                        0),
                Dimension.SHARE,
                Optional.empty());
    }
}
