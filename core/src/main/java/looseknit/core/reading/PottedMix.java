package looseknit.core.reading;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Food;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Packing;
import looseknit.core.blend.PlainMaterials;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.Segregation;
import looseknit.core.caution.Signs;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.dry.DryDown;
import looseknit.core.dry.Foliage;
import looseknit.core.dry.Losses;
import looseknit.core.dry.Reservoir;
import looseknit.core.dry.TopDressing;
import looseknit.core.dry.Weather;
import looseknit.core.material.Material;
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Needs;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotTable;
import looseknit.core.pot.Stability;

/**
 * A recipe mixed and put into the pot of a brief: what the gauges read off it, and what else is asked of it. Tests that were made correct
 * it. For one thread.
 */
public final class PottedMix {

    /** Weeks after mixing for which the pH is given: most of a lime has worked by then. */
    public static final double PH_WEEKS = 8;

    /** Suction at which a mix counts as dry for its weight [cm]. */
    private static final double DRY_SUCTION_CM = 100;

    /** Most of a grown plant that is reckoned with [kg], [cm]. */
    private static final double MOST_PLANT_KG = 500;

    private static final double MOST_PLANT_CM = 400;

    private final Recipe recipe;
    private final Situation situation;
    private final Knowledge known;
    private final MixTables tables;
    private final Mix mix;
    private final MixReader reader;

    /** A recipe in the pot of a brief. */
    public PottedMix(final Recipe recipe, final Brief brief, final Knowledge known) {
        this(recipe, Situation.of(brief), known, Ingredients.of(recipe), Optional.empty());
    }

    private PottedMix(
            final Recipe recipe,
            final Situation situation,
            final Knowledge known,
            final Ingredients ingredients,
            final Optional<MixTables> before) {
        this.recipe = recipe;
        this.situation = situation;
        this.known = known;
        this.mix = ingredients.mix(recipe);
        this.tables = before.orElseGet(() -> new MixTables(
                distinct(recipe.opened().materials()),
                List.of(ingredients.form()),
                situation.brief().pot()));
        this.reader = new MixReader(tables, situation, situation.drying(), Optional.empty());
        pour(recipe.opened());
        dose();
        correct();
    }

    private static List<Material> distinct(final List<Material> materials) {
        return materials.stream().distinct().toList();
    }

    private void pour(final PlainMaterials opened) {
        final Map<Material, Integer> places = new HashMap<>();
        for (int i = 0; i < tables.materials().size(); i++) {
            places.putIfAbsent(tables.materials().get(i), i);
        }
        for (int i = 0; i < opened.materials().size(); i++) {
            reader.use(Objects.requireNonNull(places.get(opened.materials().get(i))));
        }
        for (int i = 0; i < opened.materials().size(); i++) {
            reader.pour(Objects.requireNonNull(places.get(opened.materials().get(i))), opened.amounts()[i]);
        }
        reader.packBy(mix.ingredients().form());
        reader.press();
        reader.read();
    }

    private void dose() {
        final Acidity acidity = acidity();
        state().dose(
                        acidity.carbonateMeqPerL(PH_WEEKS),
                        acidity.otherMeqPerL(PH_WEEKS),
                        Food.dosedNMgPerL(recipe.doses(), situation.temperatureC()));
    }

    private void correct() {
        if (known.beliefs().findings() > 0) {
            state().airOff = correction(LotTrait.AIR);
            state().porosityOff = correction(LotTrait.POROSITY);
            state().densityOff = correction(LotTrait.DENSITY);
            state().phOff = correction(LotTrait.PH);
            state().saltsOff = correction(LotTrait.SALTS);
        }
    }

    /** The same materials in other amounts, or with other doses. */
    public PottedMix with(final Recipe other) {
        return Ingredients.suited(other) == form()
                ? new PottedMix(other, situation, known, mix.ingredients(), Optional.of(tables))
                : new PottedMix(other, situation, known, Ingredients.of(other), Optional.empty());
    }

    /** The same recipe under another brief. */
    public PottedMix with(final Brief other) {
        return new PottedMix(
                recipe, Situation.of(other), known, mix.ingredients(), Optional.of(tables.in(other.pot())));
    }

    public Recipe recipe() {
        return recipe;
    }

    public Brief brief() {
        return situation.brief();
    }

    public Situation situation() {
        return situation;
    }

    public Knowledge known() {
        return known;
    }

    public Mix mix() {
        return mix;
    }

    MixTables tables() {
        return tables;
    }

    MixState state() {
        return reader.state();
    }

    /** The column of mix in the pot. */
    public Column column() {
        return table().column();
    }

    PotTable table() {
        return reader.table();
    }

    /** Place of a material of the mix in the tables. */
    int place(final int materialOfMix) {
        return tables.materials().indexOf(mix.materials().get(materialOfMix));
    }

    /** By which form the grains are packed. */
    Packing.Form form() {
        return mix.ingredients().form();
    }

    /** What tests have shown a trait to be off the tables for this mix. */
    double correction(final LotTrait trait) {
        return known.beliefs().findings() == 0 ? 0 : known.beliefs().shift(trait, mix, known.blend());
    }

    /** Value of a property, in the unit of computation; nothing if it cannot be had. */
    public OptionalDouble value(final Property property) {
        final Gauge gauge = Gauges.of(property);
        return gauge.canRead(situation) ? OptionalDouble.of(gauge.value(state())) : OptionalDouble.empty();
    }

    /** All properties that can be had, in the order in which they are shown. */
    public Map<Property, Double> values() {
        final Map<Property, Double> values = new EnumMap<>(Property.class);
        for (final Gauge gauge : Gauges.ALL) {
            if (gauge.canRead(situation)) {
                values.put(gauge.property(), gauge.value(state()));
            }
        }
        return values;
    }

    /** The same but for those that look years ahead, which take longest. */
    Map<Property, Double> quickValues() {
        final Map<Property, Double> values = new EnumMap<>(Property.class);
        for (final Gauge gauge : Gauges.ALL) {
            if (gauge.canRead(situation) && gauge.stage() != Gauge.Stage.AGED) {
                values.put(gauge.property(), gauge.value(state()));
            }
        }
        return values;
    }

    /** The mix as acidity goes on in it, with its doses, at the temperature of its place. */
    public Acidity acidity() {
        return Acidity.of(mix, recipe.doses(), situation.temperatureC());
    }

    /** The usable water of the pot, if one is named. */
    public Optional<Reservoir> reservoir() {
        return brief().pot().map(pot -> Reservoir.of(state().waterAt50, state().waterAt100, pot, state().water()));
    }

    /** The drying of the pot, if plant, pot and place are named. */
    public Optional<DryDown> dryDown() {
        return situation.drying().map(each -> new DryDown(state().usableLitres(), each.losses()));
    }

    /** How far the plant may dry. */
    public AllowableDepletion trigger() {
        return brief().needs().map(Needs::trigger).orElse(AllowableDepletion.HALF);
    }

    /** The losses with other leaves and air; plant, pot and place have to be named. */
    Losses losses(final double leaves, final Weather weather) {
        final Pot pot = brief().pot().orElseThrow();
        final Foliage usual = brief().foliage().orElseThrow();
        return Losses.of(
                pot,
                weather,
                new Foliage(Math.min(Brief.MOST_CANOPY_M2, usual.canopyM2() * leaves), usual.cropCoefficient()),
                TopDressing.NONE);
    }

    /** Dry bulk density [g/L]. */
    public double densityGPerL() {
        return state().densityGPerL();
    }

    /** Water held after soaking and draining [vol/vol]. */
    public double water() {
        return state().water();
    }

    /** Mass of the pot with its mix at some water content, without the plant [kg]. */
    public double kg(final double waterContent) {
        return situation.litres() * (densityGPerL() / 1000 + waterContent) + situation.emptyKg();
    }

    /** What cautions ask of the computation. */
    public Signs signs() {
        return new Signs(
                value(Property.WEIGHT),
                tipDeg(),
                value(Property.FOOD).orElseThrow(),
                value(Property.SALTS).orElseThrow(),
                value(Property.PH).orElseThrow(),
                value(Property.MAKE_UP).orElse(0),
                Segregation.of(mix).stream().map(Segregation::kind).toList());
    }

    /** Tilt at which the pot with a grown plant falls when the mix is dry [°]; empty where it hangs, or without plant and pot. */
    public OptionalDouble tipDeg() {
        return grown().stream()
                .mapToDouble(plant -> Stability.of(
                                brief().pot().orElseThrow(), densityGPerL() / 1000 + mix.waterAt(DRY_SUCTION_CM), plant)
                        .tipsAtDeg())
                .findFirst();
    }

    /** The plant of the brief, grown to its stage, as a load on its pot; empty where it hangs, or without plant and pot. */
    public Optional<Stability.Cargo> grown() {
        if (brief().plant().isEmpty()
                || brief().pot().isEmpty()
                || brief().pot().get().base() == PotBase.HANGING) {
            return Optional.empty();
        }
        final Pot pot = brief().pot().get();
        final Growing growing = brief().plant().get().growing();
        final double size = Math.min(1, brief().stage().leaf());
        return Optional.of(new Stability.Cargo(
                Math.min(MOST_PLANT_KG, growing.kgPerPotLitre() * pot.mixLitres() * size),
                Math.min(MOST_PLANT_CM, 0.5 * growing.heightOverWidth() * pot.topCm() * size),
                0));
    }

    /** Years until the mix has packed down, against another least air or another tempo of decay. */
    double lifeYears(final double leastAir, final double tempo) {
        reader.decays(tempo);
        final double years = state().lifeYears(leastAir);
        reader.decays(1);
        return years;
    }

    /** The mix over the years. */
    public Ageing ageing() {
        return new Ageing(recipe, situation.temperatureC());
    }

    /** Air of the mix in this pot some years on [vol/vol]. */
    public double airAfter(final double years) {
        return state().airAfter(years);
    }

    /** A reading of its own that chance may disturb. */
    MixReader anotherReader() {
        return new MixReader(tables, situation, situation.drying(), Optional.empty());
    }

    /** Targets of the brief. */
    public List<Target> targets() {
        return new ArrayList<>(situation.targets());
    }
}
