package looseknit.core.reading;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import looseknit.core.assay.LotTrait;
import looseknit.core.assay.PhSpread;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.Reservoir;
import looseknit.core.dry.Weather;
import looseknit.core.material.Material;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.pot.Pot;
import org.hipparchus.random.RandomDataGenerator;

/**
 * Checks the intervals of the readings by chance: every uncertain input is drawn anew and the whole is computed again, thousands of
 * times, without the straight lines on which the quick intervals rest. For recipes of which nothing was tested.
 */
public final class MonteCarlo {

    private final Figures figures;
    private final double leastAir;
    private final RandomDataGenerator chance;

    private MonteCarlo(final Recipe recipe, final Brief brief, final Knowledge known, final long seed) {
        this.figures =
                new Figures(recipe, brief, new Knowledge(Knowledge.NOTHING.beliefs(), known.blend(), known.scoop()));
        this.leastAir = Figures.leastAir(brief);
        this.chance = new RandomDataGenerator(seed);
    }

    /**
     * How the draws of one reading compare with its quick estimate, in the unit of computation.
     *
     * @param quality the reading
     * @param quick value and spread as shown
     * @param mean mean of the draws
     * @param sd spread of the draws
     * @param low80 tenth percentile of the draws
     * @param high80 ninetieth percentile of the draws
     * @param coverage share of the draws within the quick 80 % interval, 0 to 1
     */
    public record Check(
            Property quality, Estimate quick, double mean, double sd, double low80, double high80, double coverage) {

        /** Lower end of the quick 80 % interval, as shown. */
        public double quickLow80() {
            return Reading.low80(quick);
        }

        /** Upper end of the quick 80 % interval, as shown. */
        public double quickHigh80() {
            return Reading.high80(quality, quick);
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
        within("draws", draws, 100, 100_000, "draws");
        return new MonteCarlo(recipe, brief, known, seed).run(draws);
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
        within("draws", draws, 100, 100_000, "draws");
        final MonteCarlo chance = new MonteCarlo(recipe, brief, known, seed);
        int fits = 0;
        for (int i = 0; i < draws; i++) {
            final Map<Property, Double> drawn = chance.new Draw().all();
            fits += targets.stream()
                            .allMatch(target -> !drawn.containsKey(target.quality())
                                    || target.band().contains(drawn.get(target.quality())))
                    ? 1
                    : 0;
        }
        return (double) fits / draws;
    }

    private List<Check> run(final int draws) {
        final Map<Property, Double> now = figures.all(leastAir);
        final Spread spread = new Spread(figures, now, leastAir);
        final Map<Property, double[]> drawn = new EnumMap<>(Property.class);
        now.keySet().forEach(quality -> drawn.put(quality, new double[draws]));
        for (int i = 0; i < draws; i++) {
            final int draw = i;
            new Draw().all().forEach((quality, value) -> drawn.get(quality)[draw] = value);
        }
        final List<Check> checks = new ArrayList<>();
        drawn.forEach((quality, values) ->
                checks.add(compared(quality, new Estimate(now.get(quality), spread.sd(quality)), values)));
        return checks;
    }

    private static Check compared(final Property quality, final Estimate quick, final double[] values) {
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
                quality,
                quick,
                mean,
                Math.sqrt(variance),
                values[values.length / 10],
                values[values.length - 1 - values.length / 10],
                (double) inside / values.length);
    }

    private double normal() {
        return chance.nextNormal(0, 1);
    }

    /** One pot of mix as it might turn out. */
    private final class Draw {

        private final Mix mix;
        private final Recipe recipe;
        private final double air;
        private final double water;
        private final double density;

        private Draw() {
            final Recipe written = figures.recipe();
            final double relative = figures.known().scoop().relativeSd();
            this.recipe = written.parts().size() > 1
                    ? new Recipe(
                            written.measure(),
                            written.parts().stream()
                                    .map(part -> new Recipe.Part(
                                            part.material(),
                                            Math.min(10_000, part.amount() * Math.max(0.01, 1 + relative * normal()))))
                                    .toList(),
                            written.doses())
                    : written;
            this.mix = figures.mix().ingredients().mix(recipe);
            final double capacity = figures.table().containerCapacity(mix);
            final double pores = mix.totalPorosity() + off(LotTrait.POROSITY);
            this.air = mix.totalPorosity() - capacity + off(LotTrait.AIR);
            this.water = pores - air;
            this.density = mix.bulkDensityGPerL() + densityOff();
        }

        private double off(final LotTrait trait) {
            double off = trait.modelSd() * normal();
            for (int i = 0; i < mix.materials().size(); i++) {
                off += mix.litresPerLitre(i) * trait.lotSd(mix.materials().get(i)) * normal();
            }
            return off;
        }

        private double densityOff() {
            double off = LotTrait.DENSITY.modelSd() * normal() * mix.bulkDensityGPerL();
            for (int i = 0; i < mix.materials().size(); i++) {
                final Material material = mix.materials().get(i);
                off += mix.litresPerLitre(i)
                        * material.physics().bulkDensityGPerL()
                        * LotTrait.DENSITY.lotSd(material)
                        * normal();
            }
            return off;
        }

        private Map<Property, Double> all() {
            final Map<Property, Double> all = new EnumMap<>(Property.class);
            all.put(Property.AIR, air);
            all.put(Property.WATER, water);
            all.put(Property.EASY_WATER, easyWater());
            all.put(Property.PH, ph());
            final double n = perMaterial(true);
            all.put(Property.FOOD, n + dosed(Property.FOOD));
            all.put(Property.SALTS, perMaterial(false) + dosed(Property.SALTS));
            all.put(Property.LIFE, life());
            if (figures.dryDays().isPresent()) {
                all.put(Property.DRY_DAYS, dryDays());
            }
            figures.brief().pot().ifPresent(pot -> all.put(Property.WEIGHT, weight(pot)));
            return all;
        }

        private double easyWater() {
            double off = Spread.BETWEEN * Math.hypot(LotTrait.AIR.modelSd(), LotTrait.POROSITY.modelSd()) * normal();
            for (int i = 0; i < mix.materials().size(); i++) {
                final Material material = mix.materials().get(i);
                off += mix.litresPerLitre(i)
                        * Spread.BETWEEN
                        * Math.hypot(LotTrait.AIR.lotSd(material), LotTrait.POROSITY.lotSd(material))
                        * normal();
            }
            return mix.easilyAvailableWater() + off;
        }

        private double ph() {
            double buffer = 0;
            double sum = 0;
            for (int i = 0; i < mix.materials().size(); i++) {
                final Material material = mix.materials().get(i);
                final double own = mix.litresPerLitre(i)
                        * material.chemistry().bufferMeqPerLPerPh()
                        * Math.max(0.1, 1 + material.doubt().bufferRelativeSd() * normal());
                buffer += own;
                sum += own * (material.chemistry().ph() + LotTrait.PH.lotSd(material) * normal());
            }
            final double reacts = Math.max(0, 1 + PhSpread.FINENESS_RELATIVE_SD * normal());
            final List<Recipe.Dose> doses = recipe.doses().stream()
                    .map(dose -> new Recipe.Dose(dose.amendment(), Math.min(100, dose.gPerL() * reacts)))
                    .toList();
            return new Acidity(sum / buffer, buffer, doses, figures.temperatureC(), Acidity.Drift.NONE)
                            .ph(Figures.PH_WEEKS)
                    + LotTrait.PH.modelSd() * normal();
        }

        private double perMaterial(final boolean nitrogen) {
            double sum = 0;
            for (int i = 0; i < mix.materials().size(); i++) {
                final Material.Chemistry chemistry = mix.materials().get(i).chemistry();
                sum += mix.litresPerLitre(i)
                        * (nitrogen ? chemistry.nutrients().nMgPerL() : chemistry.ecDsPerM())
                        * (1 + Spread.FOOD_RELATIVE_SD * normal());
            }
            return sum;
        }

        private double dosed(final Property quality) {
            final double dosed = quality == Property.FOOD
                    ? figures.food()
                            - figures.mix()
                                    .sum(material ->
                                            material.chemistry().nutrients().nMgPerL())
                    : figures.salts() - figures.mix().ecDsPerM();
            return dosed * (1 + Spread.DOSE_RELATIVE_SD * normal());
        }

        private double life() {
            final Ageing ageing = new Ageing(
                    Ageing.withHumus(recipe),
                    recipe,
                    figures.temperatureC(),
                    Math.max(0.05, Math.min(20, Math.pow(Spread.DECAY_FACTOR, normal()))));
            final double off = air - (mix.totalPorosity() - figures.table().containerCapacity(mix));
            return ageing.yearsUntilBelow(aged -> figures.airOf(aged) + off, leastAir);
        }

        private double dryDays() {
            final Brief brief = figures.brief();
            final Pot pot = brief.pot().orElseThrow();
            final Reservoir reservoir = Reservoir.of(mix, pot, Math.max(0.01, water));
            final boolean below = brief.habit()
                    .filter(habit -> habit.amount() == Habit.Amount.FROM_BELOW)
                    .isPresent();
            final Weather usual = brief.place().orElseThrow().weather();
            final Weather weather = new Weather(
                    usual.temperatureC(),
                    Math.max(5, Math.min(100, usual.humidityPercent() + Spread.HUMIDITY_SD * normal())),
                    Math.min(65, usual.dailyLightMol() * Math.max(0, 1 + Spread.LIGHT_RELATIVE_SD * normal())),
                    Math.min(15, usual.windMPerS() * Math.max(0, 1 + Spread.WIND_RELATIVE_SD * normal())));
            final double leaves = Math.max(0.05, 1 + Spread.LEAF_RELATIVE_SD * normal());
            return figures.dryDays(figures.losses(leaves, weather), below ? reservoir.soakedL() : reservoir.fromTopL())
                    * Math.max(0, 1 + Spread.DRYING_RELATIVE_SD * normal());
        }

        private double weight(final Pot pot) {
            return pot.mixLitres() * (density / 1000 + water)
                    + figures.layerKg()
                    + pot.emptyKg() * (1 + Spread.POT_RELATIVE_SD * normal());
        }
    }
}
