package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.blend.Food;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Nutrients;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** Nitrogen that the materials bring at once and doses set free in four weeks; typical charges, from memory, not checked against measured mixes. */
final class FirstMonthNitrogen extends Gauge {

    FirstMonthNitrogen() {
        super(Property.FOOD, Stage.FED);
    }

    @Override
    public double value(final MixState mix) {
        return mix.materialNMgPerL + mix.dosedNMgPerL();
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        return uncertainty.perMaterial(
                material -> material.chemistry().nutrients().nMgPerL(),
                uncertainty.mix().state().dosedNMgPerL());
    }

    @Override
    Explanation explain(final Workings workings) {
        final Mix mix = workings.mix().mix();
        final double temperatureC = workings.mix().situation().temperatureC();
        final List<Recipe.Dose> doses = workings.mix().recipe().doses();
        final List<Contribution> food = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            food.add(Contribution.of(
                    workings.name(i),
                    mix.litresPerLitre(i)
                            * workings.material(i).chemistry().nutrients().nMgPerL()));
        }
        for (final Recipe.Dose dose : doses) {
            food.add(Contribution.of(
                    WorkingsText.AMENDMENT.with(dose.amendment()),
                    dose.gPerL() * Food.firstMonthNMgPerG(dose.amendment(), temperatureC)));
        }
        final Nutrients total = Food.total(mix, doses);
        return workings.explanation(
                Property.FOOD,
                WorkingsText.FOOD,
                List.of(workings.temperature()),
                List.of(
                        Workings.element(WorkingsText.NITROGEN.with(), total.nMgPerL()),
                        Workings.element(WorkingsText.PHOSPHORUS.with(), total.pMgPerL()),
                        Workings.element(WorkingsText.POTASSIUM.with(), total.kMgPerL()),
                        Workings.element(WorkingsText.CALCIUM.with(), total.caMgPerL()),
                        Workings.element(WorkingsText.MAGNESIUM.with(), total.mgMgPerL()),
                        new Figure(
                                WorkingsText.CATION_EXCHANGE.with(),
                                Quantity.of(Dimension.CHARGE, mix.cecMeqPerL(), 0),
                                Workings.workedOut())),
                food,
                Dimension.NITROGEN,
                Optional.empty());
    }
}
