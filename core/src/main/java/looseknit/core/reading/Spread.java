package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleSupplier;
import java.util.function.ToDoubleFunction;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.assay.PhSpread;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.Reservoir;
import looseknit.core.dry.Weather;
import looseknit.core.material.Material;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.Property;

/**
 * How far each reading may be off and why, to first order: each uncertain input is moved by its spread and the moves are added as
 * squares. Spreads of inputs are typical, from memory or by judgement.
 */
final class Spread {

    static final double FOOD_RELATIVE_SD = 0.5;
    static final double DOSE_RELATIVE_SD = 0.1;

    /** Leaf area of a plant is guessed within a third. */
    static final double LEAF_RELATIVE_SD = 0.30;

    static final double LIGHT_RELATIVE_SD = 0.25;
    static final double HUMIDITY_SD = 8;
    static final double WIND_RELATIVE_SD = 0.3;

    /** How far the dry-down model itself may be off. */
    static final double DRYING_RELATIVE_SD = 0.15;

    static final double POT_RELATIVE_SD = 0.1;

    /** Half-lives are known within a factor of 1.6. */
    static final double DECAY_FACTOR = 1.6;

    /** Errors at two points of one water curve go largely together: their difference has half the spread; by judgement. */
    static final double BETWEEN = 0.5;

    private final Figures figures;
    private final Map<Property, Double> now;
    private final double leastAir;
    private final Mix mix;
    private final Map<Property, Double> scooped;
    private final Map<Property, List<Beliefs.Share>> shares = new EnumMap<>(Property.class);

    Spread(final Figures figures, final Map<Property, Double> now, final double leastAir) {
        this.figures = figures;
        this.now = now;
        this.leastAir = leastAir;
        this.mix = figures.mix();
        this.scooped = scooped();
        final Beliefs beliefs = figures.known().beliefs();
        final String blend = figures.known().blend();
        final List<Beliefs.Share> air = beliefs.shares(LotTrait.AIR, mix, blend);
        final List<Beliefs.Share> water = beliefs.waterShares(mix, blend);
        add(Property.AIR, air);
        add(Property.WATER, water);
        add(Property.EASY_WATER, scaled(water, BETWEEN));
        add(
                Property.PH,
                PhSpread.shares(
                        beliefs,
                        mix,
                        blend,
                        now.get(Property.PH),
                        figures.acidity().ph(Figures.PH_WEEKS) - mix.plainPh()));
        add(
                Property.FOOD,
                perMaterial(material -> material.chemistry().nutrients().nMgPerL(), this::dosedN));
        add(
                Property.SALTS,
                perMaterial(
                        material -> material.chemistry().ecDsPerM(), () -> now.get(Property.SALTS) - mix.ecDsPerM()));
        if (now.containsKey(Property.DRY_DAYS)) {
            add(Property.DRY_DAYS, dryDays(sd(water)));
        }
        if (now.containsKey(Property.WEIGHT)) {
            add(Property.WEIGHT, weight(beliefs, blend, sd(water)));
        }
        add(Property.LIFE, life(sd(air)));
    }

    /** Where the spread of a reading comes from, greatest first. */
    List<Beliefs.Share> shares(final Property quality) {
        return shares.get(quality);
    }

    /** Spread of a reading, one standard deviation in the unit of computation. */
    double sd(final Property quality) {
        return sd(shares.get(quality));
    }

    private static double sd(final List<Beliefs.Share> shares) {
        return Math.sqrt(
                Math.max(0, shares.stream().mapToDouble(Beliefs.Share::variance).sum()));
    }

    private void add(final Property quality, final List<Beliefs.Share> causes) {
        final Map<String, Double> byName = new LinkedHashMap<>();
        causes.forEach(cause -> byName.merge(cause.name(), cause.variance(), Double::sum));
        byName.merge(
                "measuring by " + figures.known().scoop().words(), scooped.getOrDefault(quality, 0.0), Double::sum);
        shares.put(
                quality,
                byName.entrySet().stream()
                        .map(entry -> new Beliefs.Share(entry.getKey(), entry.getValue()))
                        .sorted(Comparator.comparingDouble(Beliefs.Share::variance)
                                .reversed())
                        .toList());
    }

    /** Variance that uneven scoops bring to each reading: every amount moved up by its spread in turn. */
    private Map<Property, Double> scooped() {
        final Map<Property, Double> variance = new EnumMap<>(Property.class);
        final Recipe recipe = figures.recipe();
        final double relative = figures.known().scoop().relativeSd();
        for (int row = 0; row < recipe.parts().size() && recipe.parts().size() > 1; row++) {
            final double amount = recipe.parts().get(row).amount();
            if (amount == 0) {
                continue;
            }
            final Figures other = figures.with(recipe.changed(row, Math.min(amount * relative, 10_000 - amount)));
            other.quick().forEach((quality, value) -> {
                final double moved = value - now.get(quality);
                variance.merge(quality, moved * moved, Double::sum);
            });
        }
        return variance;
    }

    private static List<Beliefs.Share> scaled(final List<Beliefs.Share> shares, final double factor) {
        return shares.stream()
                .map(each -> new Beliefs.Share(each.name(), each.variance() * factor * factor))
                .toList();
    }

    private List<Beliefs.Share> perMaterial(final ToDoubleFunction<Material> property, final DoubleSupplier dosed) {
        final List<Beliefs.Share> result = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            final double sd = FOOD_RELATIVE_SD
                    * mix.litresPerLitre(i)
                    * property.applyAsDouble(mix.materials().get(i));
            result.add(new Beliefs.Share(mix.materials().get(i).name(), sd * sd));
        }
        final double doses = DOSE_RELATIVE_SD * dosed.getAsDouble();
        result.add(new Beliefs.Share("the doses", doses * doses));
        return result;
    }

    private double dosedN() {
        return now.get(Property.FOOD)
                - mix.sum(material -> material.chemistry().nutrients().nMgPerL());
    }

    private List<Beliefs.Share> dryDays(final double waterSd) {
        final Brief brief = figures.brief();
        final Weather weather = brief.place().orElseThrow().weather();
        final double days = now.get(Property.DRY_DAYS);
        final Reservoir reservoir = figures.reservoir().orElseThrow();
        final boolean below = brief.habit()
                .filter(habit -> habit.amount() == Habit.Amount.FROM_BELOW)
                .isPresent();
        final double usable = below ? reservoir.soakedL() : reservoir.fromTopL();
        final double water = days * waterSd * brief.pot().orElseThrow().mixLitres() / usable;
        final Weather brighter = weather.withLight(Math.min(65, weather.dailyLightMol() * (1 + LIGHT_RELATIVE_SD)));
        final Weather drier = new Weather(
                weather.temperatureC(),
                Math.max(5, weather.humidityPercent() - HUMIDITY_SD),
                weather.dailyLightMol(),
                Math.min(15, weather.windMPerS() * (1 + WIND_RELATIVE_SD)));
        final double leaf = figures.dryDays(figures.losses(1 + LEAF_RELATIVE_SD, weather), usable) - days;
        final double light = figures.dryDays(figures.losses(1, brighter), usable) - days;
        final double air = figures.dryDays(figures.losses(1, drier), usable) - days;
        final double form = DRYING_RELATIVE_SD * days;
        return List.of(
                new Beliefs.Share("water the mix holds", Math.min(water * water, days * days)),
                new Beliefs.Share("leaf area", leaf * leaf),
                new Beliefs.Share("light", light * light),
                new Beliefs.Share("humidity and draught", air * air),
                new Beliefs.Share(Beliefs.MODEL, form * form));
    }

    private List<Beliefs.Share> weight(final Beliefs beliefs, final String blend, final double waterSd) {
        final double litres = figures.brief().pot().orElseThrow().mixLitres();
        final double perShare = litres * mix.bulkDensityGPerL() / 1000;
        final List<Beliefs.Share> result =
                new ArrayList<>(scaled(beliefs.shares(LotTrait.DENSITY, mix, blend), perShare));
        final double water = litres * waterSd;
        final double pot = POT_RELATIVE_SD * figures.brief().pot().orElseThrow().emptyKg();
        result.add(new Beliefs.Share("water the mix holds", water * water));
        result.add(new Beliefs.Share("the empty pot", pot * pot));
        return result;
    }

    private List<Beliefs.Share> life(final double airSd) {
        final double years = now.get(Property.LIFE);
        final double quicker = figures.ageing(DECAY_FACTOR).yearsUntilBelow(figures::airOf, leastAir);
        final double decay = quicker - years;
        final double closer = figures.lifeYears(leastAir + airSd) - years;
        final double airier = figures.lifeYears(leastAir - airSd) - years;
        return List.of(
                new Beliefs.Share("how fast it decays", decay * decay),
                new Beliefs.Share("air at the start", (closer * closer + airier * airier) / 2));
    }
}
