package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.blend.Ageing;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** Years until the mix has gone over, as organic pieces turn into fine humus and it sinks; see {@link Ageing}. By judgement, ± 50 %. */
final class Lifetime extends Gauge {

    /** So near to the horizon nothing has happened [years]. */
    private static final double NEARLY = 0.05;

    Lifetime() {
        super(Property.LIFE, Stage.AGED);
    }

    @Override
    public double value(final MixState mix) {
        return mix.lifeYears(mix.situation().leastAir());
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final PottedMix mix = uncertainty.mix();
        final double years = uncertainty.now(Property.LIFE);
        final double leastAir = mix.situation().leastAir();
        final double decay = mix.lifeYears(leastAir, Uncertainty.DECAY_FACTOR) - years;
        final double closer = mix.lifeYears(leastAir + uncertainty.airSd(), 1) - years;
        final double airier = mix.lifeYears(leastAir - uncertainty.airSd(), 1) - years;
        return List.of(
                new Beliefs.Share(ReadingSentence.CAUSE_DECAY.with(), decay * decay),
                new Beliefs.Share(ReadingSentence.CAUSE_AIR_AT_START.with(), (closer * closer + airier * airier) / 2));
    }

    @Override
    Explanation explain(final Workings workings) {
        final PottedMix mix = workings.mix();
        final List<Contribution> halves = new ArrayList<>();
        for (int i = 0; i < mix.mix().materials().size(); i++) {
            if (workings.material(i).decays()) {
                halves.add(
                        Contribution.of(workings.name(i), workings.material(i).halfLifeYears()));
            }
        }
        return workings.explanation(
                Property.LIFE,
                WorkingsText.LIFE,
                List.of(
                        new Figure(
                                WorkingsText.LEAST_AIR.with(),
                                Quantity.of(Dimension.SHARE, mix.situation().leastAir(), 0),
                                WorkingsText.PLANT_OR_ROOTS.with(Quantity.of(Dimension.SHARE, Situation.LEAST_AIR, 0))),
                        workings.temperature()),
                List.of(
                        Workings.share(WorkingsText.AIR_AFTER_A_YEAR.with(), mix.airAfter(1)),
                        Workings.share(
                                WorkingsText.SETTLED_AFTER_A_YEAR.with(),
                                mix.ageing().settledTo(1))),
                halves,
                Dimension.YEARS,
                Optional.of(WorkingsText.TO_LOSE_HALF.with()));
    }

    @Override
    Message words(final PottedMix mix, final Verdict verdict, final double value) {
        return value >= Ageing.HORIZON_YEARS - NEARLY
                ? ReadingSentence.TEN_YEARS.with()
                : super.words(mix, verdict, value);
    }
}
