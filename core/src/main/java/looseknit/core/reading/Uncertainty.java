package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.ToDoubleFunction;
import looseknit.core.assay.AssaySentence;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.Weather;
import looseknit.core.material.Material;
import looseknit.core.message.Message;
import looseknit.core.need.Property;

/**
 * How far each reading may be off and why, to first order: each uncertain input is moved by its spread and the moves are added as
 * squares. Spreads of inputs are typical, from memory or by judgement; chance draws from the same ones.
 */
public final class Uncertainty {

    /** Errors at two points of one water curve go largely together: their difference has half the spread; by judgement. */
    public static final double BETWEEN = 0.5;

    static final double FOOD_RELATIVE_SD = 0.5;
    static final double DOSE_RELATIVE_SD = 0.1;

    /** Leaf area of a plant is guessed within a third. */
    static final double LEAF_RELATIVE_SD = 0.30;

    static final double LIGHT_RELATIVE_SD = 0.25;

    /** Spread of the relative humidity [%]. */
    static final double HUMIDITY_SD = 8;

    static final double WIND_RELATIVE_SD = 0.3;

    /** How far the dry-down model itself may be off. */
    static final double DRYING_RELATIVE_SD = 0.15;

    static final double POT_RELATIVE_SD = 0.1;

    /** Half-lives are known within a factor of 1.6. */
    static final double DECAY_FACTOR = 1.6;

    private static final double MOST_AMOUNT = 10_000;

    private final PottedMix mix;
    private final Map<Property, Double> now;
    private final Map<Property, Double> scooped;
    private final List<Beliefs.Share> air;
    private final List<Beliefs.Share> water;
    private final Map<Property, List<Beliefs.Share>> shares = new EnumMap<>(Property.class);

    /**
     * @param now the readings as they are
     */
    Uncertainty(final PottedMix mix, final Map<Property, Double> now) {
        this.mix = mix;
        this.now = now;
        this.scooped = scooped();
        final Beliefs beliefs = mix.known().beliefs();
        this.air = beliefs.shares(LotTrait.AIR, mix.mix(), mix.known().blend());
        this.water = beliefs.waterShares(mix.mix(), mix.known().blend());
        for (final Property property : now.keySet()) {
            shares.put(property, gathered(property, Gauges.of(property).spread(this)));
        }
    }

    PottedMix mix() {
        return mix;
    }

    double now(final Property property) {
        return Objects.requireNonNull(now.get(property), property.name());
    }

    /** Where the spread of a reading comes from, greatest first. */
    List<Beliefs.Share> shares(final Property property) {
        return Objects.requireNonNull(shares.get(property), property.name());
    }

    /** Spread of a reading, one standard deviation in the unit of computation. */
    double sd(final Property property) {
        return sd(shares(property));
    }

    /** Where the spread of the air, and of the water held, comes from but for scooping. */
    List<Beliefs.Share> air() {
        return air;
    }

    List<Beliefs.Share> water() {
        return water;
    }

    double airSd() {
        return sd(air);
    }

    double waterSd() {
        return sd(water);
    }

    private static double sd(final List<Beliefs.Share> causes) {
        return Math.sqrt(
                Math.max(0, causes.stream().mapToDouble(Beliefs.Share::variance).sum()));
    }

    private List<Beliefs.Share> gathered(final Property property, final List<Beliefs.Share> causes) {
        final Map<Message, Double> byName = new LinkedHashMap<>();
        causes.forEach(cause -> byName.merge(cause.name(), cause.variance(), Double::sum));
        byName.merge(
                ReadingSentence.MEASURING.with(mix.known().scoop()), scooped.getOrDefault(property, 0.0), Double::sum);
        return byName.entrySet().stream()
                .map(entry -> new Beliefs.Share(entry.getKey(), entry.getValue()))
                .sorted(Comparator.comparingDouble(Beliefs.Share::variance).reversed())
                .toList();
    }

    /** Variance that uneven scoops bring to each reading: every amount moved up by its spread in turn. */
    private Map<Property, Double> scooped() {
        final Map<Property, Double> variance = new EnumMap<>(Property.class);
        final Recipe recipe = mix.recipe();
        final double relative = mix.known().scoop().relativeSd();
        for (int row = 0; row < recipe.parts().size() && recipe.parts().size() > 1; row++) {
            final double amount = recipe.parts().get(row).amount();
            if (amount == 0) {
                continue;
            }
            mix.with(recipe.changed(row, Math.min(amount * relative, MOST_AMOUNT - amount)))
                    .quickValues()
                    .forEach((property, value) -> {
                        final double moved = value - now(property);
                        variance.merge(property, moved * moved, Double::sum);
                    });
        }
        return variance;
    }

    static List<Beliefs.Share> scaled(final List<Beliefs.Share> causes, final double factor) {
        return causes.stream()
                .map(each -> new Beliefs.Share(each.name(), each.variance() * factor * factor))
                .toList();
    }

    /** Spread of something that each material brings, and doses add. */
    List<Beliefs.Share> perMaterial(final ToDoubleFunction<Material> property, final double dosed) {
        final List<Beliefs.Share> result = new ArrayList<>();
        final Mix mixed = mix.mix();
        for (int i = 0; i < mixed.materials().size(); i++) {
            final Material material = mixed.materials().get(i);
            final double sd = FOOD_RELATIVE_SD * mixed.litresPerLitre(i) * property.applyAsDouble(material);
            result.add(new Beliefs.Share(AssaySentence.MATERIAL.with(material), sd * sd));
        }
        return withDoses(result, dosed);
    }

    /** What comes from materials, and what from doses that bring so much. */
    static List<Beliefs.Share> withDoses(final List<Beliefs.Share> materials, final double dosed) {
        final List<Beliefs.Share> result = new ArrayList<>(materials);
        final double doses = DOSE_RELATIVE_SD * dosed;
        result.add(new Beliefs.Share(ReadingSentence.CAUSE_DOSES.with(), doses * doses));
        return result;
    }

    /** The same air in brighter light, as bright as it may well be. */
    static Weather brighter(final Weather weather) {
        return weather.withLight(Math.min(Weather.MOST_LIGHT_MOL, weather.dailyLightMol() * (1 + LIGHT_RELATIVE_SD)));
    }

    /** The same light in drier, quicker air. */
    static Weather drier(final Weather weather) {
        return new Weather(
                weather.temperatureC(),
                Math.max(Weather.LEAST_HUMIDITY, weather.humidityPercent() - HUMIDITY_SD),
                weather.dailyLightMol(),
                Math.min(Weather.MOST_WIND_M_PER_S, weather.windMPerS() * (1 + WIND_RELATIVE_SD)));
    }
}
