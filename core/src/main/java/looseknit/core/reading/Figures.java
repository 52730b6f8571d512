package looseknit.core.reading;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Food;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Mix;
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
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Needs;
import looseknit.core.need.Place;
import looseknit.core.need.Property;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotTable;
import looseknit.core.pot.Stability;

/**
 * The bare figures of a recipe under a brief, without spread or explanation: what is computed anew for every small change. Tests
 * that were made correct them.
 */
public final class Figures {

    /** Height of the test column that stands for a pot when none is named [cm]. */
    public static final double TEST_COLUMN_CM = 7.6;

    /** Weeks after mixing for which the pH is given: most of a lime has worked by then. */
    static final double PH_WEEKS = 8;

    /** Temperature where none is named [°C]. */
    static final double ROOM_C = 20;

    /** Suction at which a mix counts as dry for its weight [cm]. */
    private static final double DRY_SUCTION_CM = 100;

    /** Least air for roots in general, where no plant is named; AS 3743 prints 13 % (from memory). */
    static final double LEAST_AIR = 0.13;

    /** Least air for the plant of a brief, or for roots in general [vol/vol]. */
    public static double leastAir(final Brief brief) {
        return brief.needs().map(needs -> needs.air().low()).orElse(LEAST_AIR);
    }

    private final Recipe recipe;
    private final Brief brief;
    private final Knowledge known;
    private final Ingredients withHumus;
    private final Mix mix;
    private final PotTable table;
    private final Column.Points points;
    private final Optional<Drying> drying;
    private final double capacity;
    private final double[] corrections;

    /** The figures of a recipe under a brief. */
    public Figures(final Recipe recipe, final Brief brief, final Knowledge known) {
        this(
                recipe,
                brief,
                known,
                Ingredients.of(recipe),
                Ageing.withHumus(recipe),
                Optional.empty(),
                Drying.of(brief));
    }

    private Figures(
            final Recipe recipe,
            final Brief brief,
            final Knowledge known,
            final Ingredients ingredients,
            final Ingredients withHumus,
            final Optional<PotTable> before,
            final Optional<Drying> drying) {
        this.recipe = recipe;
        this.brief = brief;
        this.known = known;
        this.withHumus = withHumus;
        this.drying = drying;
        this.mix = ingredients.mix(recipe);
        final Column column = brief.pot().map(pot -> Column.in(pot, mix)).orElse(Column.free(TEST_COLUMN_CM, 1));
        this.table = before.filter(tabled -> tabled.column().equals(column))
                .orElseGet(() -> new PotTable(ingredients, column, Column.Rule.FINE));
        this.points = table.column().points(Column.Rule.QUICK);
        this.capacity = table.containerCapacity(mix);
        this.corrections = corrections();
    }

    private static Optional<Foliage> foliage(final Brief brief) {
        return brief.needs().flatMap(needs -> brief.pot().map(pot -> Brief.foliage(needs, brief.stage(), pot)));
    }

    /** The figures with other amounts of the same materials, or other doses. */
    Figures with(final Recipe other) {
        return new Figures(other, brief, known, mix.ingredients(), withHumus, Optional.of(table), drying);
    }

    /** The figures of the same recipe under another brief. */
    Figures with(final Brief other) {
        return new Figures(recipe, other, known, mix.ingredients(), withHumus, Optional.of(table), Drying.of(other));
    }

    Recipe recipe() {
        return recipe;
    }

    Brief brief() {
        return brief;
    }

    Knowledge known() {
        return known;
    }

    public Mix mix() {
        return mix;
    }

    Column column() {
        return table.column();
    }

    PotTable table() {
        return table;
    }

    double temperatureC() {
        return brief.place().map(Place::temperatureC).orElse(ROOM_C);
    }

    /** What tests have shown a trait to be off the tables for this mix. */
    double correction(final LotTrait trait) {
        return corrections[trait.ordinal()];
    }

    private double[] corrections() {
        final double[] each = new double[LotTrait.values().length];
        if (!untested()) {
            for (final LotTrait trait : LotTrait.values()) {
                each[trait.ordinal()] = known.beliefs().shift(trait, mix, known.blend());
            }
        }
        return each;
    }

    private boolean untested() {
        return known.beliefs().findings() == 0;
    }

    double porosity() {
        return Corrected.porosity(mix.totalPorosity(), correction(LotTrait.POROSITY));
    }

    double water() {
        if (untested()) {
            return capacity;
        }
        return Corrected.water(porosity(), air());
    }

    double air() {
        final double air = mix.totalPorosity() - capacity;
        return untested() ? air : Corrected.air(air, correction(LotTrait.AIR), porosity());
    }

    /** Dry bulk density [g/L]. */
    double densityGPerL() {
        return Corrected.density(mix.bulkDensityGPerL(), correction(LotTrait.DENSITY));
    }

    Acidity acidity() {
        return Acidity.of(mix, recipe.doses(), temperatureC());
    }

    double ph() {
        return acidity().ph(PH_WEEKS) + correction(LotTrait.PH);
    }

    double food() {
        return Food.firstMonthNMgPerL(mix, recipe.doses(), temperatureC());
    }

    double salts() {
        return Food.ecDsPerM(mix, recipe.doses(), temperatureC());
    }

    /** The usable water of the pot, if one is named. */
    Optional<Reservoir> reservoir() {
        return brief.pot().map(pot -> Reservoir.of(mix, pot, water()));
    }

    /** The drying of the pot, if plant, pot and place are named. */
    Optional<DryDown> dryDown() {
        return drying.map(each -> new DryDown(usableLitres(), each.losses()));
    }

    private double usableLitres() {
        final Reservoir reservoir = reservoir().orElseThrow();
        return drying.orElseThrow().below() ? reservoir.soakedL() : reservoir.fromTopL();
    }

    AllowableDepletion trigger() {
        return brief.needs().map(Needs::trigger).orElse(AllowableDepletion.HALF);
    }

    /** Days from the usual watering until the plant wants water. */
    OptionalDouble dryDays() {
        return drying.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(drying.get().days(usableLitres()));
    }

    /** Days until the plant wants water in other air, with other leaves or other usable water. */
    double dryDays(final Losses other, final double usableLitres) {
        return drying.orElseThrow().days(other, usableLitres);
    }

    /** The losses with other leaves and air; plant, pot and place have to be named. */
    Losses losses(final double leaves, final Weather weather) {
        final Foliage usual = foliage(brief).orElseThrow();
        return Losses.of(
                brief.pot().orElseThrow(),
                weather,
                new Foliage(Math.min(50, usual.leafAreaM2() * leaves), usual.thrift()),
                TopDressing.NONE);
    }

    /** Mass of the pot just watered [kg], without the plant. */
    OptionalDouble wetKg() {
        return brief.pot().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        mixKg(water()) + layerKg() + brief.pot().get().emptyKg());
    }

    /** What cautions ask of the computation. */
    public Signs signs() {
        return new Signs(
                wetKg(),
                tipDeg(),
                food(),
                salts(),
                ph(),
                Segregation.of(mix).stream().map(Segregation::kind).toList());
    }

    /** Tilt at which the pot with a grown plant falls when the mix is dry [°]. */
    private OptionalDouble tipDeg() {
        if (brief.plant().isEmpty()
                || brief.pot().isEmpty()
                || brief.pot().get().base() == PotBase.HANGING) {
            return OptionalDouble.empty();
        }
        final Pot pot = brief.pot().get();
        final Growing growing = brief.plant().get().growing();
        final double size = Math.min(1, brief.stage().leaf());
        final Stability.Cargo plant = new Stability.Cargo(
                Math.min(500, growing.kgPerPotLitre() * pot.mixLitres() * size),
                Math.min(400, 0.5 * growing.heightOverWidth() * pot.topCm() * size),
                0);
        return OptionalDouble.of(Stability.of(pot, densityGPerL() / 1000 + mix.waterAt(DRY_SUCTION_CM), plant)
                .tipsAtDeg());
    }

    double mixKg(final double waterContent) {
        return brief.pot().orElseThrow().mixLitres() * (densityGPerL() / 1000 + waterContent);
    }

    double layerKg() {
        final Pot pot = brief.pot().orElseThrow();
        return pot.layer()
                .map(layer -> pot.layerLitres() * layer.material().physics().bulkDensityGPerL() / 1000)
                .orElse(0.0);
    }

    /** Years until the air falls below the plant's least air. */
    double lifeYears(final double leastAir) {
        return ageing(1).yearsUntilBelow(this::airOf, leastAir);
    }

    /** The mix over the years, decaying so many times as fast as expected. */
    Ageing ageing(final double tempo) {
        return new Ageing(withHumus, recipe, temperatureC(), tempo);
    }

    /** Air of the mix in this pot when it has aged [vol/vol]. */
    double airOf(final Ageing.Aged aged) {
        return aged.mix().totalPorosity()
                - table.column().containerCapacitySunk(aged.mix(), aged.settledTo(), points)
                + correction(LotTrait.AIR);
    }

    /** All figures that can be had. */
    public Map<Property, Double> all(final double leastAir) {
        final Map<Property, Double> all = quick();
        all.put(Property.LIFE, lifeYears(leastAir));
        return all;
    }

    /** All figures that can be had but for the years that the mix lasts, which take longest. */
    Map<Property, Double> quick() {
        final Map<Property, Double> all = new EnumMap<>(Property.class);
        all.put(Property.AIR, air());
        all.put(Property.WATER, water());
        all.put(Property.EASY_WATER, mix.waterAtQuick(Mix.EASY_FROM_CM) - mix.waterAtQuick(Mix.EASY_TO_CM));
        dryDays().ifPresent(days -> all.put(Property.DRY_DAYS, days));
        all.put(Property.PH, ph());
        all.put(Property.FOOD, food());
        all.put(Property.SALTS, salts());
        wetKg().ifPresent(kg -> all.put(Property.WEIGHT, kg));
        return all;
    }
}
