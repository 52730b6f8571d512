package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** Mass of the pot just watered, without the plant: dry mix, the water it holds, the empty pot with its layer. */
final class WateredWeight extends Gauge {

    WateredWeight() {
        super(Property.WEIGHT, Stage.PLAIN);
    }

    @Override
    public boolean canRead(final Situation situation) {
        return situation.potted();
    }

    @Override
    public double value(final MixState mix) {
        return mix.situation().litres() * mix.wetKgPerL() + mix.situation().emptyKg() * mix.potTimes;
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final PottedMix mix = uncertainty.mix();
        final double litres = mix.situation().litres();
        final List<Beliefs.Share> result = new ArrayList<>(Uncertainty.scaled(
                mix.known()
                        .beliefs()
                        .shares(LotTrait.DENSITY, mix.mix(), mix.known().blend()),
                litres * mix.mix().bulkDensityGPerL() / 1000));
        final double water = litres * uncertainty.waterSd();
        final double pot = Uncertainty.POT_RELATIVE_SD * mix.situation().emptyKg();
        result.add(new Beliefs.Share(ReadingSentence.CAUSE_WATER.with(), water * water));
        result.add(new Beliefs.Share(ReadingSentence.CAUSE_POT.with(), pot * pot));
        return result;
    }

    @Override
    Explanation explain(final Workings workings) {
        final PottedMix mix = workings.mix();
        final Pot pot = mix.brief().pot().orElseThrow();
        final double dense = mix.densityGPerL() / mix.mix().bulkDensityGPerL();
        final List<Contribution> masses = new ArrayList<>();
        for (int i = 0; i < mix.mix().materials().size(); i++) {
            masses.add(Contribution.of(
                    workings.name(i),
                    dense
                            * pot.mixLitres()
                            * mix.mix().litresPerLitre(i)
                            * workings.material(i).physics().bulkDensityGPerL()
                            / 1000));
        }
        masses.add(Contribution.of(WorkingsText.WATER_MASS.with(), pot.mixLitres() * mix.water()));
        masses.add(Contribution.of(WorkingsText.EMPTY_POT.with(), pot.emptyKg()));
        if (pot.layer().isPresent()) {
            masses.add(Contribution.of(WorkingsText.LAYER.with(), pot.layerKg()));
        }
        return workings.explanation(
                Property.WEIGHT,
                WorkingsText.WEIGHT,
                List.of(new Figure(
                        WorkingsText.MIX_IN_POT.with(),
                        Quantity.of(Dimension.VOLUME, pot.mixLitres(), 2),
                        WorkingsText.YOUR_POT.with())),
                List.of(
                        new Figure(
                                WorkingsText.DENSITY.with(),
                                Quantity.of(Dimension.DENSITY, mix.densityGPerL(), 0),
                                Workings.workedOut()),
                        new Figure(
                                WorkingsText.POT_WHEN_DRY.with(),
                                Quantity.of(Dimension.MASS, mix.kg(0), 2),
                                Workings.workedOut())),
                masses,
                Dimension.MASS,
                Optional.empty());
    }

    @Override
    Message words(final PottedMix mix, final Verdict verdict, final double value) {
        return ReadingSentence.WHEN_DRY.with(Property.WEIGHT.quantity(mix.kg(0)));
    }
}
