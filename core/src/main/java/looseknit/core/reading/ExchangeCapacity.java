package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.AssaySentence;
import looseknit.core.assay.Beliefs;
import looseknit.core.blend.Mix;
import looseknit.core.message.Dimension;
import looseknit.core.need.Property;
import looseknit.core.reading.Explanation.Contribution;

/** How much food the mix holds on to: cation exchange capacity of its materials by volume; typical values, from memory, wide spread. */
final class ExchangeCapacity extends Gauge {

    /** Capacities of retail lots are known within two fifths; by judgement. */
    private static final double RELATIVE_SD = 0.4;

    ExchangeCapacity() {
        super(Property.HOLDS_FOOD, Stage.PLAIN);
    }

    @Override
    public double value(final MixState mix) {
        return mix.contents().cecMeqPerL();
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final List<Beliefs.Share> shares = new ArrayList<>();
        final Mix mix = uncertainty.mix().mix();
        for (int i = 0; i < mix.materials().size(); i++) {
            final double sd = RELATIVE_SD
                    * mix.litresPerLitre(i)
                    * mix.materials().get(i).chemistry().cecMeqPerL();
            shares.add(new Beliefs.Share(
                    AssaySentence.MATERIAL.with(mix.materials().get(i)), sd * sd));
        }
        return shares;
    }

    @Override
    Explanation explain(final Workings workings) {
        final Mix mix = workings.mix().mix();
        final List<Contribution> held = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            held.add(Contribution.of(
                    workings.name(i),
                    mix.litresPerLitre(i) * workings.material(i).chemistry().cecMeqPerL()));
        }
        return workings.explanation(
                Property.HOLDS_FOOD,
                WorkingsText.HOLDS_FOOD,
                List.of(),
                List.of(),
                held,
                Dimension.CHARGE,
                Optional.empty());
    }
}
