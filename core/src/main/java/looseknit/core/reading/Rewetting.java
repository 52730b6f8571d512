package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.blend.PlainMaterials;
import looseknit.core.material.Component;
import looseknit.core.message.Dimension;
import looseknit.core.need.Property;
import looseknit.core.reading.Explanation.Contribution;

/** Share of the mix that sheds water once bone dry: peat and wood wholly, bark by half. By judgement. */
final class Rewetting extends Gauge {

    /** How far the share may be off, of itself; by judgement. */
    private static final double RELATIVE_SD = 0.2;

    Rewetting() {
        super(Property.WETS_AGAIN, Stage.PLAIN);
    }

    @Override
    public double value(final MixState mix) {
        return mix.contents().shedsOnceDry();
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final double sd = RELATIVE_SD * uncertainty.now(Property.WETS_AGAIN);
        return List.of(new Beliefs.Share(ReadingSentence.CAUSE_HOW_IT_SHEDS.with(), sd * sd));
    }

    @Override
    Explanation explain(final Workings workings) {
        final PlainMaterials opened = workings.mix().recipe().opened();
        final List<Contribution> sheds = new ArrayList<>();
        for (int i = 0; i < opened.materials().size(); i++) {
            sheds.add(Contribution.of(
                    WorkingsText.MATERIAL.with(opened.materials().get(i)),
                    opened.amounts()[i]
                            / opened.sum()
                            * Component.shedsOnceDry(opened.materials().get(i))));
        }
        return workings.explanation(
                Property.WETS_AGAIN,
                WorkingsText.WETS_AGAIN,
                List.of(),
                List.of(),
                sheds,
                Dimension.SHARE,
                Optional.empty());
    }
}
