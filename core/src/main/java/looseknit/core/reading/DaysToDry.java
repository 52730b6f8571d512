package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.assay.Beliefs;
import looseknit.core.dry.DryDown;
import looseknit.core.dry.Losses;
import looseknit.core.dry.Weather;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/**
 * Days from a watering until the plant wants the next: evaporation from surface and wall, transpiration from the leaves.
 *
 * @see "Penman (1948), Ritchie (1972), FAO Irrigation and Drainage Paper 56 (1998), from memory; constants set to common practice"
 */
final class DaysToDry extends Gauge {

    DaysToDry() {
        super(Property.DRY_DAYS, Stage.PLAIN);
    }

    @Override
    public boolean canRead(final Situation situation) {
        return situation.drying().isPresent();
    }

    @Override
    public double value(final MixState mix) {
        return mix.days(mix.usableLitres());
    }

    @Override
    List<Beliefs.Share> spread(final Uncertainty uncertainty) {
        final PottedMix mix = uncertainty.mix();
        final Weather weather = mix.brief().place().orElseThrow().weather();
        final double days = uncertainty.now(Property.DRY_DAYS);
        final double usable = mix.state().usableLitres();
        final double water = days * uncertainty.waterSd() * mix.situation().litres() / usable;
        final double leaf = days(mix, mix.losses(1 + Uncertainty.LEAF_RELATIVE_SD, weather), usable) - days;
        final double light = days(mix, mix.losses(1, Uncertainty.brighter(weather)), usable) - days;
        final double air = days(mix, mix.losses(1, Uncertainty.drier(weather)), usable) - days;
        final double form = Uncertainty.DRYING_RELATIVE_SD * days;
        return List.of(
                new Beliefs.Share(ReadingSentence.CAUSE_WATER.with(), Math.min(water * water, days * days)),
                new Beliefs.Share(ReadingSentence.CAUSE_LEAF.with(), leaf * leaf),
                new Beliefs.Share(ReadingSentence.CAUSE_LIGHT.with(), light * light),
                new Beliefs.Share(ReadingSentence.CAUSE_AIR.with(), air * air),
                new Beliefs.Share(Beliefs.MODEL, form * form));
    }

    private static double days(final PottedMix mix, final Losses losses, final double usableLitres) {
        return mix.situation().drying().orElseThrow().losing(losses).days(usableLitres);
    }

    @Override
    Explanation explain(final Workings workings) {
        final PottedMix mix = workings.mix();
        final DryDown dryDown = mix.dryDown().orElseThrow();
        final Losses losses = dryDown.losses();
        final List<Contribution> goes = new ArrayList<>();
        goes.add(Contribution.of(WorkingsText.LEAVES.with(), losses.leafLitresPerDay() * 1000));
        goes.add(Contribution.of(WorkingsText.SURFACE.with(), losses.surfaceLitresPerDay() * 1000));
        if (losses.wallLitresPerDay() > 0) {
            goes.add(Contribution.of(WorkingsText.CLAY_WALL.with(), losses.wallLitresPerDay() * 1000));
        }
        final Weather weather = mix.brief().place().orElseThrow().weather();
        return workings.explanation(
                Property.DRY_DAYS,
                WorkingsText.DRY_DAYS.with(mix.trigger()),
                WorkingsText.DRY_DAYS_SOURCE.with(),
                List.of(
                        new Figure(
                                WorkingsText.LIGHT.with(),
                                Quantity.of(Dimension.DAILY_LIGHT, weather.dailyLightMol(), 1),
                                WorkingsText.YOUR_PLACE.with()),
                        new Figure(
                                WorkingsText.DRYNESS.with(),
                                Quantity.of(Dimension.PRESSURE, weather.vapourPressureDeficitKPa(), 2),
                                WorkingsText.YOUR_PLACE.with()),
                        new Figure(
                                WorkingsText.GONE_BY_THEN.with(),
                                Quantity.of(Dimension.SHARE, mix.trigger().depletion(), 0),
                                WorkingsText.YOUR_PLANT.with())),
                List.of(new Figure(
                        WorkingsText.USABLE_WATER.with(),
                        Quantity.of(Dimension.WATER, 1000 * dryDown.usableLitres(), 0),
                        Workings.workedOut())),
                goes,
                Dimension.DAILY_WATER,
                Optional.empty());
    }

    @Override
    Message words(final PottedMix mix, final Verdict verdict, final double value) {
        return verdict == Verdict.NO_TARGET
                ? ReadingSentence.UNTIL.with(mix.trigger())
                : super.words(mix, verdict, value);
    }
}
