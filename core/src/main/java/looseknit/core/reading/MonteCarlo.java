package looseknit.core.reading;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import looseknit.core.assay.LotTrait;
import looseknit.core.assay.PhSpread;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Food;
import looseknit.core.blend.PlainMaterials;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.Losses;
import looseknit.core.dry.Weather;
import looseknit.core.material.Material;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import org.hipparchus.random.RandomDataGenerator;

/**
 * Checks the intervals of the readings by chance: every uncertain input is drawn anew and the gauges read the whole again, thousands of times,
 * without the straight lines on which the quick intervals rest. For recipes of which nothing was tested.
 */
public final class MonteCarlo {

    private static final int LEAST_DRAWS = 100;
    private static final int MOST_DRAWS = 100_000;
    private static final double MOST_AMOUNT = 10_000;

    private final PottedMix mix;
    private final MixReader reader;
    private final RandomDataGenerator chance;
    private final double width;

    /**
     * @param width how wide everything scatters against what is known of it: 1 as it does, 0 not at all
     */
    private MonteCarlo(
            final Recipe recipe, final Brief brief, final Knowledge known, final double width, final long seed) {
        this.mix = new PottedMix(recipe, brief, known.untested());
        this.reader = mix.anotherReader();
        this.chance = new RandomDataGenerator(seed);
        this.width = width;
    }

    /**
     * How the draws of one reading compare with its quick estimate, in the unit of computation.
     *
     * @param property the reading
     * @param quick value and spread as shown
     * @param mean mean of the draws
     * @param sd spread of the draws
     * @param low80 tenth percentile of the draws
     * @param high80 ninetieth percentile of the draws
     * @param coverage share of the draws within the quick 80 % interval, 0 to 1
     */
    public record Check(
            Property property, Estimate quick, double mean, double sd, double low80, double high80, double coverage) {

        /** Lower end of the quick 80 % interval, as shown. */
        public double quickLow80() {
            return Reading.low80(quick);
        }

        /** Upper end of the quick 80 % interval, as shown. */
        public double quickHigh80() {
            return Reading.high80(property, quick);
        }
    }

    /**
     * Draws and compares.
     *
     * @param draws number of draws, 100 to 100,000
     * @param seed seed of chance; the same seed gives the same result
     */
    public static List<Check> check(
            final Recipe recipe, final Brief brief, final Knowledge known, final int draws, final long seed) {
        within("draws", draws, LEAST_DRAWS, MOST_DRAWS, Limit.DRAWS);
        return new MonteCarlo(recipe, brief, known, 1, seed).run(draws);
    }

    /**
     * How often every target is met when the inputs turn out as they may: the chance that a blend as it is really mixed fits, 0 to 1.
     *
     * @param draws number of draws, 100 to 100,000
     * @param seed seed of chance; the same seed gives the same result
     */
    public static double chanceThatAllFits(
            final Recipe recipe,
            final Brief brief,
            final Knowledge known,
            final List<Target> targets,
            final int draws,
            final long seed) {
        within("draws", draws, LEAST_DRAWS, MOST_DRAWS, Limit.DRAWS);
        final MonteCarlo chance = new MonteCarlo(recipe, brief, known, 1, seed);
        int fits = 0;
        for (int i = 0; i < draws; i++) {
            final Map<Property, Double> drawn = chance.draw();
            final boolean all = targets.stream().allMatch(target -> {
                final Double value = drawn.get(target.property());
                return value == null || target.bearable().contains(value);
            });
            fits += all ? 1 : 0;
        }
        return (double) fits / draws;
    }

    /** The readings of one draw in which nothing scatters: what every other way of reading the blend must give, too. */
    static Map<Property, Double> withoutSpread(final Recipe recipe, final Brief brief, final Knowledge known) {
        return new MonteCarlo(recipe, brief, known, 0, 1).draw();
    }

    private List<Check> run(final int draws) {
        final Map<Property, Double> now = mix.values();
        final Uncertainty uncertainty = new Uncertainty(mix, now);
        final Map<Property, double[]> drawn = new EnumMap<>(Property.class);
        now.keySet().forEach(property -> drawn.put(property, new double[draws]));
        for (int i = 0; i < draws; i++) {
            final int draw = i;
            draw().forEach((property, value) -> Objects.requireNonNull(drawn.get(property))[draw] = value);
        }
        final List<Check> checks = new ArrayList<>();
        drawn.forEach((property, values) -> checks.add(compared(
                property, new Estimate(Objects.requireNonNull(now.get(property)), uncertainty.sd(property)), values)));
        return checks;
    }

    private static Check compared(final Property property, final Estimate quick, final double[] values) {
        Arrays.sort(values);
        final double mean = Arrays.stream(values).average().orElseThrow();
        final double variance = Arrays.stream(values)
                .map(value -> (value - mean) * (value - mean))
                .average()
                .orElseThrow();
        final double tiny = 1e-9 * Math.abs(quick.value());
        final long inside = Arrays.stream(values)
                .filter(value -> value >= quick.low80() - tiny && value <= quick.high80() + tiny)
                .count();
        return new Check(
                property,
                quick,
                mean,
                Math.sqrt(variance),
                values[values.length / 10],
                values[values.length - 1 - values.length / 10],
                (double) inside / values.length);
    }

    private double normal() {
        return width * chance.nextNormal(0, 1);
    }

    private double around(final double relativeSd, final double least) {
        return Math.max(least, 1 + relativeSd * normal());
    }

    /** One pot of mix as it might turn out: everything that is not certain drawn anew. */
    private Map<Property, Double> draw() {
        final MixState state = reader.state();
        pour();
        lots(state);
        chemistry(state);
        if (mix.situation().drying().isPresent()) {
            air(state, mix.situation().drying().get());
        }
        state.potTimes = 1 + Uncertainty.POT_RELATIVE_SD * normal();
        reader.decays(Math.max(0.05, Math.min(20, Math.pow(Uncertainty.DECAY_FACTOR, normal()))));
        final Map<Property, Double> values = new EnumMap<>(Property.class);
        for (final Gauge gauge : Gauges.ALL) {
            if (gauge.canRead(mix.situation())) {
                values.put(gauge.property(), gauge.value(state));
            }
        }
        return values;
    }

    private void pour() {
        final PlainMaterials opened = mix.recipe().opened();
        final boolean scatters = mix.recipe().parts().size() > 1;
        reader.clear();
        for (final Material material : opened.materials()) {
            reader.use(mix.tables().materials().indexOf(material));
        }
        reader.empty();
        int constituent = 0;
        for (final Recipe.Part part : mix.recipe().parts()) {
            final double times = scatters ? around(mix.known().scoop().relativeSd(), 0.01) : 1;
            final int end = constituent
                    + part.material()
                            .makeUp()
                            .map(each -> each.constituents().size())
                            .orElse(1);
            for (; constituent < end; constituent++) {
                reader.pour(
                        mix.tables().materials().indexOf(opened.materials().get(constituent)),
                        Math.min(MOST_AMOUNT, times * opened.amounts()[constituent]));
            }
        }
        reader.packBy(mix.form());
        reader.press();
        reader.read();
    }

    private void lots(final MixState state) {
        state.airOff = LotTrait.AIR.modelSd() * normal();
        state.porosityOff = LotTrait.POROSITY.modelSd() * normal();
        state.densityOff = LotTrait.DENSITY.modelSd() * normal();
        state.easyWaterOff =
                Uncertainty.BETWEEN * Math.hypot(LotTrait.AIR.modelSd(), LotTrait.POROSITY.modelSd()) * normal();
        for (int a = 0; a < reader.count(); a++) {
            final int i = reader.place(a);
            final Material material = mix.tables().materials().get(i);
            final double litres = reader.packed().litresPerLitre(i);
            state.airOff += litres * LotTrait.AIR.lotSd(material) * normal();
            state.porosityOff += litres * LotTrait.POROSITY.lotSd(material) * normal();
            state.densityOff += litres
                    * material.physics().bulkDensityGPerL()
                    * LotTrait.DENSITY.lotSd(material)
                    * normal()
                    / state.tabulatedDensityGPerL;
            state.easyWaterOff += litres
                    * Uncertainty.BETWEEN
                    * Math.hypot(LotTrait.AIR.lotSd(material), LotTrait.POROSITY.lotSd(material))
                    * normal();
        }
    }

    private void chemistry(final MixState state) {
        double buffer = 0;
        double sum = 0;
        double nitrogen = 0;
        double salts = 0;
        for (int a = 0; a < reader.count(); a++) {
            final int i = reader.place(a);
            final Material material = mix.tables().materials().get(i);
            final double litres = reader.packed().litresPerLitre(i);
            final double own = litres
                    * material.chemistry().bufferMeqPerLPerPh()
                    * around(material.doubt().bufferRelativeSd(), 0.1);
            buffer += own;
            sum += own * (material.chemistry().ph() + LotTrait.PH.lotSd(material) * normal());
            nitrogen +=
                    litres * material.chemistry().nutrients().nMgPerL() * (1 + Uncertainty.FOOD_RELATIVE_SD * normal());
            salts += litres * material.chemistry().ecDsPerM() * (1 + Uncertainty.FOOD_RELATIVE_SD * normal());
        }
        state.bufferMeqPerLPerPh = buffer;
        state.plainPh = sum / buffer;
        state.phOff = LotTrait.PH.modelSd() * normal();
        state.saltsOff = LotTrait.SALTS.modelSd() * normal();
        state.materialNMgPerL = nitrogen;
        state.materialEcDsPerM = salts;
        final double reacts = around(PhSpread.FINENESS_RELATIVE_SD, 0);
        final Acidity acidity = mix.acidity();
        state.dose(
                reacts * acidity.carbonateMeqPerL(PottedMix.PH_WEEKS),
                reacts * acidity.otherMeqPerL(PottedMix.PH_WEEKS),
                Food.dosedNMgPerL(mix.recipe().doses(), mix.situation().temperatureC())
                        * (1 + Uncertainty.DOSE_RELATIVE_SD * normal()));
    }

    private void air(final MixState state, final Drying usual) {
        final Weather weather = mix.brief().place().orElseThrow().weather();
        final Weather drawn = width == 0
                ? weather
                : new Weather(
                        weather.temperatureC(),
                        Math.max(
                                Weather.LEAST_HUMIDITY,
                                Math.min(100, weather.humidityPercent() + Uncertainty.HUMIDITY_SD * normal())),
                        Math.min(
                                Weather.MOST_LIGHT_MOL,
                                weather.dailyLightMol() * around(Uncertainty.LIGHT_RELATIVE_SD, 0)),
                        Math.min(
                                Weather.MOST_WIND_M_PER_S,
                                weather.windMPerS() * around(Uncertainty.WIND_RELATIVE_SD, 0)));
        final Losses losses = mix.losses(around(Uncertainty.LEAF_RELATIVE_SD, 0.05), drawn);
        state.dries(usual.losing(losses));
        state.dryingTimes = around(Uncertainty.DRYING_RELATIVE_SD, 0);
    }
}
