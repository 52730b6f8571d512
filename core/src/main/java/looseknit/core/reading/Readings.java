package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Food;
import looseknit.core.blend.Mix;
import looseknit.core.blend.MixSpread;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.DryDown;
import looseknit.core.material.Material;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Quality;
import looseknit.core.need.Target;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Input;

/** Turns the bare figures of a blend into readings with spread, verdict and explanation. */
final class Readings {

    private static final double LIFE_RELATIVE_SD = 0.5;
    private static final String LOTS = "How far a retail lot may lie from the table, and the model's own error.";

    private final Figures figures;
    private final Map<Quality, Double> now;
    private final List<Target> targets;
    private final double leastAir;
    private final Mix mix;
    private final MixSpread spread;

    Readings(final Figures figures, final Map<Quality, Double> now, final List<Target> targets, final double leastAir) {
        this.figures = figures;
        this.now = now;
        this.targets = targets;
        this.leastAir = leastAir;
        this.mix = figures.mix();
        this.spread = new MixSpread(mix);
    }

    List<Reading> all() {
        final List<Reading> all = new ArrayList<>();
        all.add(reading(Quality.AIR, spread.air(), air()));
        all.add(reading(Quality.WATER, spread.water(), water()));
        all.add(reading(Quality.EASY_WATER, spread.waterBetween(), easyWater()));
        if (now.containsKey(Quality.DRY_DAYS)) {
            all.add(reading(Quality.DRY_DAYS, DryDown.RELATIVE_SD * now.get(Quality.DRY_DAYS), dryDays()));
        }
        all.add(reading(Quality.PH, spread.ph(now.get(Quality.PH) - mix.plainPh()), ph()));
        all.add(reading(Quality.FOOD, spread.food(now.get(Quality.FOOD)), food()));
        if (now.containsKey(Quality.WEIGHT)) {
            final double litres = figures.brief().pot().orElseThrow().mixLitres();
            all.add(reading(
                    Quality.WEIGHT, litres * Math.hypot(spread.bulkDensityGPerL() / 1000, spread.water()), weight()));
        }
        all.add(reading(Quality.LIFE, LIFE_RELATIVE_SD * now.get(Quality.LIFE), life()));
        return List.copyOf(all);
    }

    private Reading reading(final Quality quality, final double sd, final Explanation explanation) {
        final double value = now.get(quality);
        final Optional<Target> target =
                targets.stream().filter(each -> each.quality() == quality).findFirst();
        final Verdict verdict =
                target.map(each -> Verdict.of(value, each.band())).orElse(Verdict.NO_TARGET);
        return new Reading(
                quality, new Estimate(value, sd), target, verdict, words(quality, verdict, value), explanation);
    }

    private String words(final Quality quality, final Verdict verdict, final double value) {
        if (quality == Quality.WEIGHT) {
            final Pot pot = figures.brief().pot().orElseThrow();
            return "%s kg when dry"
                    .formatted(Phrases.figure(Quality.WEIGHT, figures.mixKg(0) + figures.layerKg() + pot.emptyKg()));
        }
        if (quality == Quality.DRY_DAYS) {
            final String dry = figures.trigger().words();
            return verdict == Verdict.NO_TARGET ? "until " + dry : Phrases.verdict(quality, verdict);
        }
        if (quality == Quality.LIFE && value >= Ageing.HORIZON_YEARS) {
            return "ten years or more";
        }
        if (quality == Quality.LIFE && value == 0) {
            return "too close from the start";
        }
        return Phrases.verdict(quality, verdict);
    }

    private Explanation air() {
        final Column column = figures.column();
        final IntToDoubleFunction own = i -> {
            final Mix pure = pure(i);
            return mix.litresPerLitre(i) * (pure.totalPorosity() - column.containerCapacity(pure));
        };
        return new Explanation(
                "Air after draining = all pores − water held in this pot. Coarse pores empty first; the foot of the pot stays wet.",
                "container capacity after Fonteno (1989), packing after de Larrard (1999), from memory",
                List.of(
                        new Input("All pores", percent(mix.totalPorosity())),
                        new Input("Water held in the pot", percent(now.get(Quality.WATER))),
                        new Input("Volume lost by mixing", percent(mix.shrinkage())),
                        new Input("Height of the mix", centimetres(column.heightCm())),
                        new Input("Wet zone at the foot", centimetres(column.wetZoneCm(mix)))),
                contributions(own, 100, "lost where grains fill gaps", now.get(Quality.AIR) * 100),
                LOTS);
    }

    private Explanation water() {
        final Column column = figures.column();
        return new Explanation(
                "Water held = each material's retention curve at every height of the pot, averaged over the pot's shape.",
                "van Genuchten (1980), Fonteno (1989), from memory",
                List.of(
                        new Input("Height of the mix", centimetres(column.heightCm())),
                        new Input("Water at 10 cm suction", percent(mix.waterAt(10))),
                        new Input("Water at 50 cm suction", percent(mix.waterAt(50))),
                        new Input("Water at 100 cm suction", percent(mix.waterAt(100)))),
                contributions(
                        i -> mix.litresPerLitre(i) * column.containerCapacity(pure(i)),
                        100,
                        "no room where grains fill gaps",
                        now.get(Quality.WATER) * 100),
                LOTS);
    }

    private Explanation easyWater() {
        return new Explanation(
                "Easily used water = water at 10 cm suction − water at 50 cm: what roots draw without effort.",
                "De Boodt and Verdonck (1972), from memory",
                List.of(
                        new Input("Water at 10 cm suction", percent(mix.waterAt(10))),
                        new Input("Water at 50 cm suction", percent(mix.waterAt(50)))),
                contributions(
                        i -> mix.litresPerLitre(i)
                                * (material(i).retention().at(10)
                                        - material(i).retention().at(50)),
                        100,
                        "capped by the pores there are",
                        now.get(Quality.EASY_WATER) * 100),
                LOTS);
    }

    private Explanation dryDays() {
        final DryDown dryDown = figures.dryDown().orElseThrow();
        final List<Contribution> losses = new ArrayList<>();
        losses.add(new Contribution("leaves, mL a day", dryDown.leafLitresPerDay() * 1000));
        losses.add(new Contribution("surface, mL a day at first", dryDown.surfaceLitresPerDay() * 1000));
        if (dryDown.wallLitresPerDay() > 0) {
            losses.add(new Contribution("clay wall, mL a day at first", dryDown.wallLitresPerDay() * 1000));
        }
        return new Explanation(
                "Days until %s: usable water is drawn down by leaves, surface and wall in small steps, each slowing as the pot dries."
                        .formatted(figures.trigger().words()),
                "Penman (1948), Ritchie (1972), FAO 56 (1998), from memory; constants set to common practice",
                List.of(
                        new Input("Usable water in the pot", "%.0f mL".formatted(dryDown.usableLitres() * 1000)),
                        new Input("Plant wants water when", figures.trigger().words()),
                        new Input(
                                "Share of usable water gone by then",
                                percent(figures.trigger().depletion()))),
                losses,
                "± 35 %: leaf area, light and draught are rarely known better.");
    }

    private Explanation ph() {
        final double all = mix.bufferMeqPerLPerPh();
        final List<Contribution> pulls = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            pulls.add(new Contribution(
                    "%s (pH %s), say in per cent"
                            .formatted(
                                    material(i).name(),
                                    one(material(i).chemistry().ph())),
                    100 * mix.litresPerLitre(i) * material(i).chemistry().bufferMeqPerLPerPh() / all));
        }
        return new Explanation(
                "Each material pulls towards its own pH by its buffering; lime then moves the mix as it reacts over the weeks.",
                "stoichiometry; buffering and reaction times typical values, from memory",
                List.of(
                        new Input("pH of the materials", one(mix.plainPh())),
                        new Input("pH after %.0f weeks".formatted(Figures.PH_WEEKS), one(now.get(Quality.PH))),
                        new Input("Buffering", "%.0f meq/L per pH".formatted(all)),
                        new Input("Temperature", "%.0f °C".formatted(figures.temperatureC()))),
                pulls,
                "Lots of peat and bark differ up to twofold in buffering: test, then correct.");
    }

    private Explanation food() {
        final List<Contribution> food = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            food.add(new Contribution(
                    material(i).name(),
                    mix.litresPerLitre(i) * material(i).chemistry().nutrients().nMgPerL()));
        }
        for (final Recipe.Dose dose : figures.recipe().doses()) {
            final double weeks = dose.amendment().longevityWeeks();
            food.add(new Contribution(
                    dose.amendment().name(),
                    dose.gPerL() * dose.amendment().nPercent() * 10 * (weeks == 0 ? 1 : Math.min(1, 4 / weeks))));
        }
        return new Explanation(
                "Nitrogen that the materials bring at once plus what granules and meals set free in four weeks.",
                "typical charges, from memory; not checked against measured mixes",
                List.of(
                        new Input(
                                "Phosphorus",
                                "%.0f mg/L".formatted(mix.nutrients().pMgPerL())),
                        new Input(
                                "Potassium",
                                "%.0f mg/L".formatted(mix.nutrients().kMgPerL())),
                        new Input(
                                "Salts",
                                String.format(
                                        Locale.ROOT,
                                        "%.1f dS/m",
                                        Food.ecDsPerM(mix, figures.recipe().doses()))),
                        new Input("Cation exchange", "%.0f meq/L".formatted(mix.cecMeqPerL()))),
                food,
                "± 50 %: composts and castings differ that much.");
    }

    private Explanation weight() {
        final Pot pot = figures.brief().pot().orElseThrow();
        final List<Contribution> masses = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            masses.add(new Contribution(
                    material(i).name(),
                    pot.mixLitres()
                            * mix.litresPerLitre(i)
                            * material(i).physics().bulkDensityGPerL()
                            / 1000));
        }
        masses.add(new Contribution("water", pot.mixLitres() * now.get(Quality.WATER)));
        masses.add(new Contribution("empty pot", pot.emptyKg()));
        if (pot.layer().isPresent()) {
            masses.add(new Contribution("drainage layer", figures.layerKg()));
        }
        return new Explanation(
                "Dry mix + the water it holds + the empty pot. The plant is not counted.",
                "arithmetic; wall thickness is common practice, no source",
                List.of(
                        new Input("Mix in the pot", String.format(Locale.ROOT, "%.2f L", pot.mixLitres())),
                        new Input("Dry bulk density", "%.0f g/L".formatted(mix.bulkDensityGPerL()))),
                masses,
                LOTS);
    }

    private Explanation life() {
        final List<Contribution> halves = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            if (material(i).decays()) {
                halves.add(new Contribution(
                        "%s: years to lose half".formatted(material(i).name()),
                        material(i).halfLifeYears()));
            }
        }
        return new Explanation(
                "Organic pieces shrink and turn into fine humus; the mix is worked out again year by year until its air falls below %s."
                        .formatted(percent(leastAir)),
                "half-lives by judgement, from memory; no decay data were fitted",
                List.of(
                        new Input("Least air", percent(leastAir)),
                        new Input("Temperature", "%.0f °C".formatted(figures.temperatureC()))),
                halves,
                "± 50 %: warm and wet halves the years, cool and dry doubles them.");
    }

    private List<Contribution> contributions(
            final IntToDoubleFunction own, final double shown, final String rest, final double total) {
        final List<Contribution> result = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < mix.materials().size(); i++) {
            final double value = own.applyAsDouble(i) * shown;
            sum += value;
            result.add(new Contribution(material(i).name(), value));
        }
        result.add(new Contribution(rest, total - sum));
        return result;
    }

    private Mix pure(final int i) {
        return Mix.of(List.of(material(i)), new double[] {1});
    }

    private Material material(final int i) {
        return mix.materials().get(i);
    }

    private static String percent(final double share) {
        return "%.0f %%".formatted(share * 100);
    }

    private static String centimetres(final double cm) {
        return String.format(Locale.ROOT, "%.1f cm", cm);
    }

    private static String one(final double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
