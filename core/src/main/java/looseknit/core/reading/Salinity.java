package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Food;
import looseknit.core.blend.Mix;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.reading.Explanation.Contribution;

/** Salts as in a saturation extract: those of the materials, and what soluble nitrogen of doses brings; typical values, from memory. */
final class Salinity extends Gauge {

    Salinity() {
        super(Property.SALTS, Stage.FED);
    }

    @Override
    public double value(final MixState mix) {
        return Math.max(0, mix.materialEcDsPerM + mix.saltsOff) + Food.ecOfN(mix.dosedNMgPerL());
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final PottedMix mix = uncertainty.mix();
        return Uncertainty.withDoses(
                mix.known()
                        .beliefs()
                        .shares(LotTrait.SALTS, mix.mix(), mix.known().blend()),
                Food.ecOfN(mix.state().dosedNMgPerL()));
    }

    @Override
    Explanation explain(final Workings workings) {
        final Mix mix = workings.mix().mix();
        final List<Contribution> salts = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            salts.add(Contribution.of(
                    workings.name(i),
                    mix.litresPerLitre(i) * workings.material(i).chemistry().ecDsPerM()));
        }
        salts.add(Contribution.of(
                WorkingsText.FOOD_FROM_DOSES.with(),
                Food.ecOfN(workings.mix().state().dosedNMgPerL())));
        final double corrected = workings.mix().correction(LotTrait.SALTS);
        if (corrected != 0) {
            salts.add(Contribution.of(WorkingsText.CORRECTED_BY_TESTS.with(), corrected));
        }
        return workings.explanation(
                Property.SALTS,
                WorkingsText.SALTS,
                List.of(workings.temperature()),
                workings.corrected(Optional.of(LotTrait.SALTS), Quantity.of(Dimension.CONDUCTIVITY, corrected, 2)),
                salts,
                Dimension.CONDUCTIVITY,
                Optional.empty());
    }
}
