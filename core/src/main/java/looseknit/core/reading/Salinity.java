package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.blend.Food;
import looseknit.core.blend.Mix;
import looseknit.core.message.Dimension;
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
        return mix.materialEcDsPerM + Food.ecOfN(mix.dosedNMgPerL());
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        return uncertainty.perMaterial(
                material -> material.chemistry().ecDsPerM(),
                Food.ecOfN(uncertainty.mix().state().dosedNMgPerL()));
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
        return workings.explanation(
                Property.SALTS,
                WorkingsText.SALTS,
                List.of(workings.temperature()),
                List.of(),
                salts,
                Dimension.CONDUCTIVITY,
                Optional.empty());
    }
}
