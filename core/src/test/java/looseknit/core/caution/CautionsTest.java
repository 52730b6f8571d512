package looseknit.core.caution;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import looseknit.core.blend.Recipe;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class CautionsTest {

    private static final Recipe BOG = recipe("peat 2 perlite_med 1");

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void firesWhenItShouldAndNotWhenNot(final String id, final Case fires, final Case doesNot) {
        assertThat(fires.ids()).contains(id);
        assertThat(doesNot.ids()).doesNotContain(id);
    }

    @Test
    void everyRuleIsTried() {
        final List<String> tried = cases().map(each -> (String) each.get()[0]).toList();

        assertThat(tried).containsAll(Cautions.ruleIds());
    }

    @Test
    void theMostSeriousComesFirst() {
        final List<Caution> found =
                new Case(recipe("castings 1 perlite_fine 2"), "cape_sundew", PotWall.CLAY, PotBase.FLAT).found();

        assertThat(found).extracting(Caution::level).isSorted().startsWith(Caution.Level.STOP);
        assertThat(found).allSatisfy(caution -> assertThat(caution.instead()).isNotBlank());
    }

    static Stream<Arguments> cases() {
        final Case sundew = new Case(BOG, "cape_sundew", PotWall.PLASTIC, PotBase.NO_HOLES);
        final Case azalea = new Case(recipe("bark_fine 1 peat 1"), "azalea", PotWall.PLASTIC, PotBase.ON_FEET);
        final Case lily = new Case(recipe("orch_fine 3 pumice_med 1"), "peace_lily", PotWall.PLASTIC, PotBase.ON_FEET);
        return Stream.of(
                of("carnivorous_fed", sundew.with(recipe("peat 2 castings 1")), sundew),
                of("carnivorous_granules", sundew.with(recipe("peat 1", dose("granules", 1))), sundew),
                of("carnivorous_lime", sundew.with(recipe("peat 1", dose("lime", 1))), sundew),
                of("carnivorous_tap", sundew.with(Habit.Water.SOFT_TAP), sundew),
                of("carnivorous_clay", sundew.with(PotWall.CLAY), sundew),
                of("lime_hater_lime", azalea.with(recipe("peat 1", dose("dolomite", 1))), azalea),
                of("lime_hater_hard_tap", azalea.with(Habit.Water.HARD_TAP), azalea),
                of(
                        "lime_and_sulfur",
                        lily.with(recipe("peat 1", dose("lime", 1), dose("sulfur", 0.2))),
                        lily.with(recipe("peat 1", dose("lime", 1), dose("sulfur", 0)))),
                of(
                        "food_long_lived",
                        lily.with("dragon_fruit").with(recipe("castings 2 pumice_med 3")),
                        lily.with("dragon_fruit").with(recipe("castings 1 pumice_med 9"))),
                of("perlite_floats", lily.with(BOG), lily),
                of("sand_closes", lily.with(recipe("peat 3 sand_coarse 1")), lily),
                of("peat_repels", lily.with(BOG), lily),
                of("coir_salt", lily.with(recipe("coir_pith 1 pumice_med 1")), lily),
                of("charcoal_proof", lily.with(recipe("charcoal_fine 1 peat 1")), lily),
                of("no_holes", lily.with(PotBase.NO_HOLES), sundew),
                of("flat_foot", lily.with(PotBase.FLAT), lily),
                of("layer_lifts", lily.layered(), lily),
                of("dust", lily, lily.with(recipe("orch_med 1"))),
                of("mould", lily, lily.with(recipe("pumice_med 1"))),
                of("sphagnum", lily.with(recipe("sphagnum_lf 1")), lily),
                of("caustic", lily.with(recipe("peat 1", dose("lime", 1))), lily),
                of("pets", lily.with(recipe("peat 1", dose("bone_meal", 1))), lily),
                of("heavy", lily.weighing(30), lily.weighing(3)),
                of("poison", lily, azalea.with("moth_orchid")));
    }

    private static Arguments of(final String id, final Case fires, final Case doesNot) {
        return Arguments.of(id, fires, doesNot);
    }

    private record Case(
            Recipe recipe, String plant, PotWall wall, PotBase base, Habit.Water water, boolean layer, double kg) {

        private Case(final Recipe recipe, final String plant, final PotWall wall, final PotBase base) {
            this(recipe, plant, wall, base, Habit.Water.RAIN, false, 2);
        }

        private Case with(final Recipe other) {
            return new Case(other, plant, wall, base, water, layer, kg);
        }

        private Case with(final String other) {
            return new Case(recipe, other, wall, base, water, layer, kg);
        }

        private Case with(final PotWall other) {
            return new Case(recipe, plant, other, base, water, layer, kg);
        }

        private Case with(final PotBase other) {
            return new Case(recipe, plant, wall, other, water, layer, kg);
        }

        private Case with(final Habit.Water other) {
            return new Case(recipe, plant, wall, base, other, layer, kg);
        }

        private Case layered() {
            return new Case(recipe, plant, wall, base, water, true, kg);
        }

        private Case weighing(final double other) {
            return new Case(recipe, plant, wall, base, water, layer, other);
        }

        private List<Caution> found() {
            final Pot pot = new Pot(
                    PotShape.ROUND,
                    14,
                    10,
                    13,
                    wall,
                    base,
                    0,
                    layer ? Optional.of(new DrainageLayer(material("pebbles"), 2)) : Optional.empty());
            return Cautions.of(
                    recipe,
                    new Brief(
                            PlantBook.shipped().plant(plant),
                            Stage.ESTABLISHED,
                            Optional.of(pot),
                            Optional.empty(),
                            Optional.of(new Habit(7, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, water))),
                    OptionalDouble.of(kg));
        }

        private List<String> ids() {
            return new ArrayList<>(found().stream().map(Caution::id).toList());
        }
    }
}
