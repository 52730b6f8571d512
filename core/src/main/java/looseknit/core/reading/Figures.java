package looseknit.core.reading;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Food;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.DryDown;
import looseknit.core.dry.Trigger;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.Needs;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.need.Quality;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;

/**
 * The bare figures of a recipe under a brief, without spread or explanation: what is computed anew for every small change.
 */
final class Figures {

    /** Height of the test column that stands for a pot when none is named [cm]. */
    static final double TEST_COLUMN_CM = 7.6;

    /** Weeks after mixing for which the pH is given: most of a lime has worked by then. */
    static final double PH_WEEKS = 8;

    /** Temperature where none is named [°C]. */
    static final double ROOM_C = 20;

    /** Least air for roots in general, where no plant is named; AS 3743 prints 13 % (from memory). */
    static final double LEAST_AIR = 0.13;

    private final Recipe recipe;
    private final Brief brief;
    private final Ingredients ingredients;
    private final Ingredients withHumus;
    private final Mix mix;
    private final Column column;

    Figures(final Recipe recipe, final Brief brief) {
        this(recipe, brief, Ingredients.of(recipe), Ageing.withHumus(recipe));
    }

    private Figures(
            final Recipe recipe, final Brief brief, final Ingredients ingredients, final Ingredients withHumus) {
        this.recipe = recipe;
        this.brief = brief;
        this.ingredients = ingredients;
        this.withHumus = withHumus;
        this.mix = ingredients.mix(recipe);
        this.column = brief.pot().map(pot -> Column.in(pot, mix)).orElse(Column.free(TEST_COLUMN_CM, 1));
    }

    /** The figures with other amounts of the same materials, or other doses. */
    Figures with(final Recipe other) {
        return new Figures(other, brief, ingredients, withHumus);
    }

    /** The figures of the same recipe under another brief. */
    Figures with(final Brief other) {
        return new Figures(recipe, other, ingredients, withHumus);
    }

    Recipe recipe() {
        return recipe;
    }

    Brief brief() {
        return brief;
    }

    Mix mix() {
        return mix;
    }

    Column column() {
        return column;
    }

    double temperatureC() {
        return brief.place().map(Place::temperatureC).orElse(ROOM_C);
    }

    double water() {
        return column.containerCapacity(mix);
    }

    double air() {
        return mix.totalPorosity() - water();
    }

    double ph() {
        return Acidity.ph(mix.plainPh(), mix.bufferMeqPerLPerPh(), recipe.doses(), PH_WEEKS, temperatureC());
    }

    double food() {
        return Food.firstMonthNMgPerL(mix, recipe.doses());
    }

    /** The drying of the pot, if plant, pot and place are named. */
    Optional<DryDown> dryDown() {
        if (brief.plant().isEmpty() || brief.pot().isEmpty() || brief.place().isEmpty()) {
            return Optional.empty();
        }
        final Pot pot = brief.pot().get();
        return Optional.of(new DryDown(
                mix,
                pot,
                brief.place().get().weather(),
                Brief.foliage(brief.plant().get(), brief.stage(), pot)));
    }

    Trigger trigger() {
        return brief.plant().map(Plant::needs).map(Needs::trigger).orElse(Trigger.HALF);
    }

    /** Days from the usual watering until the plant wants water. */
    OptionalDouble dryDays() {
        final Optional<DryDown> dryDown = dryDown();
        if (dryDown.isEmpty()) {
            return OptionalDouble.empty();
        }
        final double wanted = trigger().depletion();
        final boolean lightly = brief.habit()
                .filter(habit -> habit.amount() == Habit.Amount.LIGHTLY)
                .isPresent();
        final double from = lightly ? wanted * (1 - DryDown.LIGHT_REFILL) : 0;
        return OptionalDouble.of(dryDown.get().daysBetween(from, wanted));
    }

    /** Mass of the pot just watered [kg], without the plant. */
    OptionalDouble wetKg() {
        return brief.pot().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        mixKg(water()) + layerKg() + brief.pot().get().emptyKg());
    }

    double mixKg(final double waterContent) {
        return brief.pot().orElseThrow().mixLitres() * (mix.bulkDensityGPerL() / 1000 + waterContent);
    }

    double layerKg() {
        final Pot pot = brief.pot().orElseThrow();
        return pot.layer()
                .map(layer -> pot.layerLitres() * layer.material().physics().bulkDensityGPerL() / 1000)
                .orElse(0.0);
    }

    /** Years until the air falls below the plant's least air. */
    double lifeYears(final double leastAir) {
        return new Ageing(withHumus, recipe, temperatureC())
                .yearsUntilBelow(
                        aged -> {
                            final Column sunk = new Column(
                                    Math.max(1, column.heightCm() * aged.settledTo()),
                                    column.bottomOverTop(),
                                    column.addedSuctionCm(),
                                    column.freeWaterCm());
                            return aged.mix().totalPorosity() - sunk.containerCapacityQuick(aged.mix());
                        },
                        leastAir);
    }

    /** All figures that can be had. */
    Map<Quality, Double> all(final double leastAir) {
        final Map<Quality, Double> all = new EnumMap<>(Quality.class);
        final double water = water();
        all.put(Quality.AIR, mix.totalPorosity() - water);
        all.put(Quality.WATER, water);
        all.put(Quality.EASY_WATER, mix.easilyAvailableWater());
        dryDays().ifPresent(days -> all.put(Quality.DRY_DAYS, days));
        all.put(Quality.PH, ph());
        all.put(Quality.FOOD, food());
        wetKg().ifPresent(kg -> all.put(Quality.WEIGHT, kg));
        all.put(Quality.LIFE, lifeYears(leastAir));
        return all;
    }
}
