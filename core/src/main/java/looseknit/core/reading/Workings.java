package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Food;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.DryDown;
import looseknit.core.dry.Losses;
import looseknit.core.material.Material;
import looseknit.core.material.Nutrients;
import looseknit.core.need.Property;
import looseknit.core.pot.Pot;
import looseknit.core.reading.Explanation.Contribution;
import looseknit.core.reading.Explanation.Figure;

/** How the readings of a blend were worked out. */
final class Workings {

    private final Ledger ledger;
    private final PoreWorkings pores;
    private final Figures figures;
    private final Mix mix;

    Workings(final Ledger ledger) {
        this.ledger = ledger;
        this.pores = new PoreWorkings(ledger);
        this.figures = ledger.figures();
        this.mix = ledger.mix();
    }

    Explanation of(final Property quality) {
        return switch (quality) {
            case AIR -> pores.air();
            case WATER -> pores.water();
            case EASY_WATER -> pores.easyWater();
            case DRY_DAYS -> dryDays();
            case PH -> ph();
            case FOOD -> food();
            case SALTS -> salts();
            case WEIGHT -> weight();
            case LIFE -> life();
        };
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
                        new Figure("Light", weather.dailyLightMol(), "mol/m² a day", 1, Ledger.PLACE),
                        new Figure("Dryness of the air", weather.vapourPressureDeficitKPa(), "kPa", 2, Ledger.PLACE),
                        new Figure(
                                "Share of usable water gone by then",
                                100 * figures.trigger().depletion(),
                                "%",
                                0,
                                "your plant")),
                List.of(new Figure(
                        "Usable water in the pot", 1000 * dryDown.usableLitres(), "mL", 0, Ledger.WORKED_OUT)),
                goes,
                "mL a day",
                ledger.causes(Property.DRY_DAYS));
    }

    private Explanation ph() {
        final double all = mix.bufferMeqPerLPerPh();
        final List<Contribution> pulls = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            final double weight =
                    mix.litresPerLitre(i) * ledger.material(i).chemistry().bufferMeqPerLPerPh() / all;
            pulls.add(new Contribution(
                    ledger.material(i).name(),
                    100 * weight,
                    OptionalDouble.of(weight * (ledger.material(i).chemistry().ph() - mix.plainPh()))));
        }
        final List<Figure> inputs = new ArrayList<>();
        for (final Material material : mix.materials()) {
            inputs.add(new Figure(material.name(), material.chemistry().ph(), "pH", 1, Ledger.BOOK));
        }
        inputs.add(new Figure("Temperature", figures.temperatureC(), "°C", 0, Ledger.PLACE));
        return new Explanation(
                "Each material pulls towards its own pH by its buffering; lime then moves the mix as it reacts over the weeks.",
                "stoichiometry; buffering and reaction times typical values, from memory",
                inputs,
                ledger.corrected(
                        LotTrait.PH,
                        1,
                        "pH",
                        new Figure("pH of the materials together", mix.plainPh(), "pH", 2, Ledger.WORKED_OUT),
                        new Figure("Buffering", all, "meq/L per pH", 0, Ledger.WORKED_OUT),
                        new Figure(
                                "Base set free in %.0f weeks".formatted(Figures.PH_WEEKS),
                                figures.acidity().baseMeqPerL(Figures.PH_WEEKS),
                                "meq/L",
                                1,
                                Ledger.WORKED_OUT)),
                pulls,
                "% of the say",
                ledger.causes(Property.PH));
    }

    private Explanation food() {
        final List<Contribution> food = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            food.add(Contribution.of(
                    ledger.material(i).name(),
                    mix.litresPerLitre(i)
                            * ledger.material(i).chemistry().nutrients().nMgPerL()));
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
                List.of(new Figure("Temperature", figures.temperatureC(), "°C", 0, Ledger.PLACE)),
                List.of(
                        Ledger.element("Nitrogen in all", total.nMgPerL()),
                        Ledger.element("Phosphorus in all", total.pMgPerL()),
                        Ledger.element("Potassium in all", total.kMgPerL()),
                        Ledger.element("Calcium held", total.caMgPerL()),
                        Ledger.element("Magnesium held", total.mgMgPerL()),
                        new Figure("Cation exchange", mix.cecMeqPerL(), "meq/L", 0, Ledger.WORKED_OUT)),
                food,
                "mg N/L",
                ledger.causes(Property.FOOD));
    }

    private Explanation salts() {
        final List<Contribution> salts = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            salts.add(Contribution.of(
                    ledger.material(i).name(),
                    mix.litresPerLitre(i) * ledger.material(i).chemistry().ecDsPerM()));
        }
        salts.add(Contribution.of("food from doses", ledger.now(Property.SALTS) - mix.ecDsPerM()));
        return new Explanation(
                "Salts of the materials, as in a saturation extract, plus 0.0065 dS/m for each mg/L of nitrogen that the doses set free in the first month.",
                "typical values, from memory; not checked against measured mixes",
                List.of(new Figure("Temperature", figures.temperatureC(), "°C", 0, Ledger.PLACE)),
                List.of(),
                salts,
                "dS/m",
                ledger.causes(Property.SALTS));
    }

    private Explanation weight() {
        final Pot pot = figures.brief().pot().orElseThrow();
        final double dense = figures.densityGPerL() / mix.bulkDensityGPerL();
        final List<Contribution> masses = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            masses.add(Contribution.of(
                    ledger.material(i).name(),
                    dense
                            * pot.mixLitres()
                            * mix.litresPerLitre(i)
                            * ledger.material(i).physics().bulkDensityGPerL()
                            / 1000));
        }
        masses.add(Contribution.of("water", pot.mixLitres() * ledger.now(Property.WATER)));
        masses.add(Contribution.of("empty pot", pot.emptyKg()));
        if (pot.layer().isPresent()) {
            masses.add(Contribution.of("drainage layer", figures.layerKg()));
        }
        return new Explanation(
                "Dry mix + the water it holds + the empty pot. The plant is not counted.",
                "arithmetic; wall thickness is common practice, no source",
                List.of(new Figure("Mix in the pot", pot.mixLitres(), "L", 2, Ledger.POT)),
                List.of(
                        new Figure("Dry bulk density", figures.densityGPerL(), "g/L", 0, Ledger.WORKED_OUT),
                        new Figure(
                                "The pot when dry",
                                figures.mixKg(0) + figures.layerKg() + pot.emptyKg(),
                                "kg",
                                2,
                                Ledger.WORKED_OUT)),
                masses,
                "kg",
                ledger.causes(Property.WEIGHT));
    }

    private Explanation life() {
        final List<Contribution> halves = new ArrayList<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            if (ledger.material(i).decays()) {
                halves.add(Contribution.of(
                        ledger.material(i).name(), ledger.material(i).halfLifeYears()));
            }
        }
        return new Explanation(
                "Organic pieces shrink and turn into fine humus; the mix is worked out again year by year until its air falls below the least air.",
                "half-lives by judgement, from memory; no decay data were fitted",
                List.of(
                        new Figure("Least air", 100 * ledger.leastAir(), "%", 0, "your plant, or 13 % without one"),
                        new Figure("Temperature", figures.temperatureC(), "°C", 0, Ledger.PLACE)),
                List.of(
                        Ledger.share(
                                "Air after a year",
                                figures.airOf(figures.ageing(1).aged(1))),
                        Ledger.share(
                                "Settled to after a year", figures.ageing(1).settledTo(1))),
                halves,
                "years to lose half",
                ledger.causes(Property.LIFE));
    }
}
