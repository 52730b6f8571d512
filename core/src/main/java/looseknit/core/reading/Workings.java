package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Trait;
import looseknit.core.blend.Food;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Packing;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.DryDown;
import looseknit.core.dry.Losses;
import looseknit.core.dry.Reservoir;
import looseknit.core.material.Material;
import looseknit.core.material.Nutrients;
import looseknit.core.need.Quality;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotTable;
import looseknit.core.reading.Explanation.Cause;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** How the readings of a blend were worked out. */
final class Workings {

    private static final String BOOK = "the Book's table, typical, from memory";
    private static final String POT = "your pot";
    private static final String PLACE = "your place";
    /** No source of its own: worked out from what stands before. */
    private static final String WORKED_OUT = "";

    private final Figures figures;
    private final Map<Quality, Double> now;
    private final double leastAir;
    private final Spread spread;
    private final Mix mix;

    Workings(final Figures figures, final Map<Quality, Double> now, final double leastAir, final Spread spread) {
        this.figures = figures;
        this.now = now;
        this.leastAir = leastAir;
        this.spread = spread;
        this.mix = figures.mix();
    }

    Explanation of(final Quality quality) {
        return switch (quality) {
            case AIR -> air();
            case WATER -> water();
            case EASY_WATER -> easyWater();
            case DRY_DAYS -> dryDays();
            case PH -> ph();
            case FOOD -> food();
            case SALTS -> salts();
            case WEIGHT -> weight();
            case LIFE -> life();
        };
    }

    private Explanation air() {
        final PotTable table = figures.table();
        return new Explanation(
                "Air after draining = all pores − water held in this pot. Coarse pores empty first; the foot of the pot stays wet.",
                "container capacity after Fonteno (1989), packing after de Larrard (1999), from memory",
                List.of(heightOfMix(), new Figure("Volume lost by mixing", 100 * mix.shrinkage(), "%", 1, form())),
                corrected(
                        Trait.AIR,
                        100,
                        "%",
                        share("All pores", figures.porosity()),
                        share("Water held in this pot", now.get(Quality.WATER)),
                        new Figure("Wet zone at the foot", figures.column().wetZoneCm(mix), "cm", 1, WORKED_OUT)),
                parts(
                        i -> material(i).physics().totalPorosity() - table.pureCapacity(i),
                        "lost where grains fill gaps",
                        now.get(Quality.AIR),
                        figures.correction(Trait.AIR)),
                "%",
                causes(Quality.AIR));
    }

    private Explanation water() {
        final PotTable table = figures.table();
        return new Explanation(
                "Water held = each material's retention curve at every height of the pot, averaged over the pot's shape.",
                "van Genuchten (1980), Fonteno (1989), from memory",
                List.of(heightOfMix()),
                List.of(
                        share("Water at 10 cm suction", mix.waterAt(10)),
                        share("Water at 50 cm suction", mix.waterAt(50)),
                        share("Water at 100 cm suction", mix.waterAt(100)),
                        share("Held when watered from the top", Reservoir.TOP_WATERED * now.get(Quality.WATER))),
                parts(
                        table::pureCapacity,
                        "no room where grains fill gaps",
                        now.get(Quality.WATER),
                        figures.correction(Trait.POROSITY) - figures.correction(Trait.AIR)),
                "%",
                causes(Quality.WATER));
    }

    private Explanation easyWater() {
        return new Explanation(
                "Easily used water = water at 10 cm suction − water at 50 cm: what roots draw without effort.",
                "De Boodt and Verdonck (1972), from memory",
                List.of(
                        share("Water at 10 cm suction", mix.waterAt(10)),
                        share("Water at 50 cm suction", mix.waterAt(50))),
                List.of(share("Held in reserve, 50 to 100 cm", mix.waterBufferingCapacity())),
                parts(
                        i -> material(i).retention().at(10)
                                - material(i).retention().at(50),
                        "capped by the pores there are",
                        now.get(Quality.EASY_WATER),
                        0),
                "%",
                causes(Quality.EASY_WATER));
    }

    private Explanation dryDays() {
        final DryDown dryDown = figures.dryDown().orElseThrow();
        final Losses losses = dryDown.losses();
        final List<Contribution> goes = new ArrayList<>();
        goes.add(Contribution.of("leaves", losses.leafLitresPerDay() * 1000));
        goes.add(Contribution.of("surface, at first", losses.surfaceLitresPerDay() * 1000));
        if (losses.wallLitresPerDay() > 0) {
            goes.add(Contribution.of("clay wall, at first", losses.wallLitresPerDay() * 1000));
        }
        final var weather = figures.brief().place().orElseThrow().weather();
        return new Explanation(
                "Days until %s: leaves, surface and wall draw the usable water down in small steps, each slowing as the pot dries."
                        .formatted(figures.trigger().words()),
                "Penman (1948), Ritchie (1972), FAO 56 (1998), from memory; constants set to common practice",
                List.of(
                        new Figure("Light", weather.dailyLightMol(), "mol/m² a day", 1, PLACE),
                        new Figure("Dryness of the air", weather.vapourPressureDeficitKPa(), "kPa", 2, PLACE),
                        new Figure(
                                "Share of usable water gone by then",
                                100 * figures.trigger().depletion(),
                                "%",
                                0,
                                "your plant")),
                List.of(new Figure("Usable water in the pot", 1000 * dryDown.usableLitres(), "mL", 0, WORKED_OUT)),
                goes,
                "mL a day",
                causes(Quality.DRY_DAYS));
    }

    private Explanation ph() {
        final double all = mix.bufferMeqPerLPerPh();
        final List<Contribution> pulls = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            final double weight =
                    mix.litresPerLitre(i) * material(i).chemistry().bufferMeqPerLPerPh() / all;
            pulls.add(new Contribution(
                    material(i).name(),
                    100 * weight,
                    OptionalDouble.of(weight * (material(i).chemistry().ph() - mix.plainPh()))));
        }
        final List<Figure> inputs = new ArrayList<>();
        for (final Material material : mix.materials()) {
            inputs.add(new Figure(material.name(), material.chemistry().ph(), "pH", 1, BOOK));
        }
        inputs.add(new Figure("Temperature", figures.temperatureC(), "°C", 0, PLACE));
        return new Explanation(
                "Each material pulls towards its own pH by its buffering; lime then moves the mix as it reacts over the weeks.",
                "stoichiometry; buffering and reaction times typical values, from memory",
                inputs,
                corrected(
                        Trait.PH,
                        1,
                        "pH",
                        new Figure("pH of the materials together", mix.plainPh(), "pH", 2, WORKED_OUT),
                        new Figure("Buffering", all, "meq/L per pH", 0, WORKED_OUT),
                        new Figure(
                                "Base set free in %.0f weeks".formatted(Figures.PH_WEEKS),
                                figures.acidity().baseMeqPerL(Figures.PH_WEEKS),
                                "meq/L",
                                1,
                                WORKED_OUT)),
                pulls,
                "% of the say",
                causes(Quality.PH));
    }

    private Explanation food() {
        final List<Contribution> food = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            food.add(Contribution.of(
                    material(i).name(),
                    mix.litresPerLitre(i) * material(i).chemistry().nutrients().nMgPerL()));
        }
        for (final Recipe.Dose dose : figures.recipe().doses()) {
            food.add(Contribution.of(
                    dose.amendment().name(),
                    dose.gPerL()
                            * dose.amendment().contents().mgPerG().nMgPerL()
                            * Food.releasedShare(dose.amendment(), 4, figures.temperatureC())));
        }
        final Nutrients total = Food.total(mix, figures.recipe().doses());
        return new Explanation(
                "Nitrogen that the materials bring at once plus what granules and meals set free in four weeks.",
                "typical charges, from memory; not checked against measured mixes",
                List.of(new Figure("Temperature", figures.temperatureC(), "°C", 0, PLACE)),
                List.of(
                        element("Nitrogen in all", total.nMgPerL()),
                        element("Phosphorus in all", total.pMgPerL()),
                        element("Potassium in all", total.kMgPerL()),
                        element("Calcium held", total.caMgPerL()),
                        element("Magnesium held", total.mgMgPerL()),
                        new Figure("Cation exchange", mix.cecMeqPerL(), "meq/L", 0, WORKED_OUT)),
                food,
                "mg N/L",
                causes(Quality.FOOD));
    }

    private Explanation salts() {
        final List<Contribution> salts = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            salts.add(Contribution.of(
                    material(i).name(),
                    mix.litresPerLitre(i) * material(i).chemistry().ecDsPerM()));
        }
        salts.add(Contribution.of("food from doses", now.get(Quality.SALTS) - mix.ecDsPerM()));
        return new Explanation(
                "Salts of the materials, as in a saturation extract, plus 0.0065 dS/m for each mg/L of nitrogen that the doses set free in the first month.",
                "typical values, from memory; not checked against measured mixes",
                List.of(new Figure("Temperature", figures.temperatureC(), "°C", 0, PLACE)),
                List.of(),
                salts,
                "dS/m",
                causes(Quality.SALTS));
    }

    private Explanation weight() {
        final Pot pot = figures.brief().pot().orElseThrow();
        final double dense = figures.densityGPerL() / mix.bulkDensityGPerL();
        final List<Contribution> masses = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            masses.add(Contribution.of(
                    material(i).name(),
                    dense
                            * pot.mixLitres()
                            * mix.litresPerLitre(i)
                            * material(i).physics().bulkDensityGPerL()
                            / 1000));
        }
        masses.add(Contribution.of("water", pot.mixLitres() * now.get(Quality.WATER)));
        masses.add(Contribution.of("empty pot", pot.emptyKg()));
        if (pot.layer().isPresent()) {
            masses.add(Contribution.of("drainage layer", figures.layerKg()));
        }
        return new Explanation(
                "Dry mix + the water it holds + the empty pot. The plant is not counted.",
                "arithmetic; wall thickness is common practice, no source",
                List.of(new Figure("Mix in the pot", pot.mixLitres(), "L", 2, POT)),
                List.of(
                        new Figure("Dry bulk density", figures.densityGPerL(), "g/L", 0, WORKED_OUT),
                        new Figure(
                                "The pot when dry",
                                figures.mixKg(0) + figures.layerKg() + pot.emptyKg(),
                                "kg",
                                2,
                                WORKED_OUT)),
                masses,
                "kg",
                causes(Quality.WEIGHT));
    }

    private Explanation life() {
        final List<Contribution> halves = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            if (material(i).decays()) {
                halves.add(Contribution.of(material(i).name(), material(i).halfLifeYears()));
            }
        }
        return new Explanation(
                "Organic pieces shrink and turn into fine humus; the mix is worked out again year by year until its air falls below the least air.",
                "half-lives by judgement, from memory; no decay data were fitted",
                List.of(
                        new Figure("Least air", 100 * leastAir, "%", 0, "your plant, or 13 % without one"),
                        new Figure("Temperature", figures.temperatureC(), "°C", 0, PLACE)),
                List.of(
                        share(
                                "Air after a year",
                                figures.airOf(figures.ageing(1).aged(1))),
                        share("Settled to after a year", figures.ageing(1).settledTo(1))),
                halves,
                "years to lose half",
                causes(Quality.LIFE));
    }

    private List<Figure> corrected(final Trait trait, final double shown, final String unit, final Figure... before) {
        final List<Figure> steps = new ArrayList<>(List.of(before));
        final int findings = figures.known().beliefs().findings();
        if (findings > 0) {
            steps.add(new Figure(
                    "Corrected by tests",
                    shown * figures.correction(trait),
                    unit,
                    shown == 1 ? 2 : 1,
                    "%d finding%s at the bench".formatted(findings, findings == 1 ? "" : "s")));
        }
        return steps;
    }

    private String form() {
        return mix.ingredients().form() == Packing.Form.CLASSES
                ? "packed by size classes, as grains differ widely"
                : "packed by whole materials";
    }

    private Figure heightOfMix() {
        return new Figure(
                "Height of the mix",
                figures.column().heightCm(),
                "cm",
                1,
                figures.brief().pot().isPresent() ? POT : "a test column; no pot is named");
    }

    private static Figure share(final String name, final double share) {
        return new Figure(name, 100 * share, "%", 0, WORKED_OUT);
    }

    private static Figure element(final String name, final double mgPerL) {
        return new Figure(name, mgPerL, "mg/L", 0, WORKED_OUT);
    }

    /** What each material brings, in per cent of volume, with how far it pulls the whole from where it would be without it. */
    private List<Contribution> parts(
            final IntToDoubleFunction own, final String rest, final double total, final double corrected) {
        final List<Contribution> result = new ArrayList<>();
        final double all = mix.sum(material -> 1);
        double sum = 0;
        for (int i = 0; i < mix.materials().size(); i++) {
            sum += mix.litresPerLitre(i) * own.applyAsDouble(i);
        }
        for (int i = 0; i < mix.materials().size(); i++) {
            final double pull = mix.litresPerLitre(i) / all * (own.applyAsDouble(i) - sum / all);
            result.add(new Contribution(
                    material(i).name(),
                    100 * mix.litresPerLitre(i) * own.applyAsDouble(i),
                    OptionalDouble.of(100 * pull)));
        }
        result.add(Contribution.of(rest, 100 * (total - corrected - sum)));
        if (corrected != 0) {
            result.add(Contribution.of("corrected by tests", 100 * corrected));
        }
        return result;
    }

    private List<Cause> causes(final Quality quality) {
        final List<Beliefs.Share> shares = spread.shares(quality);
        final double all = Math.max(
                1e-30, shares.stream().mapToDouble(Beliefs.Share::variance).sum());
        return shares.stream()
                .map(each -> new Cause(
                        each.name(),
                        quality.shown() * Math.sqrt(Math.max(0, each.variance())),
                        Math.max(0, each.variance() / all)))
                .toList();
    }

    private Material material(final int i) {
        return mix.materials().get(i);
    }
}
