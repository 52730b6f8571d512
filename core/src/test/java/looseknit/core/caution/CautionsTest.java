package looseknit.core.caution;

import static looseknit.core.Materials.amendment;
import static looseknit.core.Materials.material;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.need.Wishes;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.core.shelf.Measured;
import looseknit.core.shelf.MixDefinition;
import looseknit.core.shelf.Mixes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.yaml.snakeyaml.Yaml;

class CautionsTest {

    /** A case in the words of the table of cases. */
    private record Case(Map<String, Object> words) {

        String text(final String word, final String otherwise) {
            return words.getOrDefault(word, otherwise).toString();
        }

        double number(final String word, final double otherwise) {
            return words.containsKey(word) ? ((Number) words.get(word)).doubleValue() : otherwise;
        }

        OptionalDouble maybe(final String word) {
            return words.containsKey(word) ? OptionalDouble.of(number(word, 0)) : OptionalDouble.empty();
        }

        Recipe recipe() {
            final String[] mix = text("mix", "").split("\\s+");
            final List<Recipe.Part> parts = new ArrayList<>();
            for (int i = 0; i < mix.length; i += 2) {
                parts.add(new Recipe.Part(lot(mix[i]), Double.parseDouble(mix[i + 1])));
            }
            final List<Recipe.Dose> doses = new ArrayList<>();
            final String[] given = text("doses", "").isEmpty()
                    ? new String[0]
                    : text("doses", "").split("\\s+");
            for (int i = 0; i < given.length; i += 2) {
                doses.add(new Recipe.Dose(amendment(given[i]), Double.parseDouble(given[i + 1])));
            }
            return new Recipe(Recipe.Measure.PARTS, parts, doses);
        }

        private Material lot(final String id) {
            return new Measured(
                            OptionalDouble.empty(),
                            OptionalDouble.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            false,
                            text("rinsed", "").equals(id),
                            text("quarantined", "").equals(id))
                    .applyTo(material(id));
        }

        Brief brief() {
            final String[] pot = text("pot", "13 plastic on_feet").split("\\s+");
            final double width = Double.parseDouble(pot[0]);
            final String[] layer = text("layer", "").split("\\s+");
            return new Brief(
                    PlantBook.shipped().plant(text("plant", "")),
                    List.of(),
                    Stage.valueOf(text("stage", "established").toUpperCase()),
                    Optional.of(new Pot(
                            PotShape.ROUND,
                            width,
                            0.75 * width,
                            0.92 * width,
                            PotWall.valueOf(pot[1].toUpperCase()),
                            PotBase.valueOf(pot[2].toUpperCase()),
                            0,
                            layer.length < 2
                                    ? Optional.empty()
                                    : Optional.of(
                                            new DrainageLayer(material(layer[0]), Double.parseDouble(layer[1]))))),
                    Optional.of(new Place(
                            "room",
                            number("temp", 21),
                            50,
                            Light.BRIGHT,
                            Draught.valueOf(text("draught", "still").toUpperCase()),
                            OptionalDouble.empty(),
                            number("rain", 0))),
                    Optional.of(new Habit(
                            7,
                            Habit.Amount.valueOf(text("amount", "thoroughly").toUpperCase()),
                            Habit.Hand.valueOf(text("hand", "steady").toUpperCase()),
                            Habit.Water.valueOf(text("water", "rain").toUpperCase()),
                            maybe("alkalinity"),
                            maybe("ec"))),
                    Wishes.NONE);
        }

        List<Caution> found() {
            return Evaluator.evaluate(recipe(), brief()).cautions();
        }

        List<String> ids() {
            return found().stream().map(Caution::id).toList();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void firesWhenItShouldAndNotWhenNot(final String id, final Case fires, final Case doesNot) {
        assertThat(fires.ids()).contains(id);
        assertThat(doesNot.ids()).doesNotContain(id);
    }

    @Test
    void everyRuleIsTried() {
        final List<String> tried = cases().map(each -> (String) each.get()[0]).toList();

        assertThat(Cautions.shipped().all()).hasSizeGreaterThanOrEqualTo(45);
        assertThat(tried)
                .containsExactlyInAnyOrderElementsOf(
                        Cautions.shipped().all().stream().map(Caution::id).toList());
    }

    @Test
    void theMostSeriousComesFirstAndEachSaysWhatToDo() {
        final List<Caution> found = new Case(
                        Map.of("mix", "castings 1 perlite_fine 2", "plant", "cape_sundew", "pot", "13 clay flat"))
                .found();

        assertThat(found).extracting(Caution::level).isSorted().startsWith(Caution.Level.STOP);
        assertThat(found).isNotEmpty().allSatisfy(caution -> {
            assertThat(caution.instead().text()).isNotBlank();
            assertThat(caution.why().text()).doesNotContain("{");
        });
    }

    @Test
    void aBagIsOpened() {
        final Material bag = Mixes.of(
                        MaterialBook.shipped(),
                        List.of(new MixDefinition(
                                "bag",
                                "Harbour potting mix",
                                List.of(
                                        new MixDefinition.PartOf("peat", 8),
                                        new MixDefinition.PartOf("castings", 2),
                                        new MixDefinition.PartOf("beach_sand", 1)),
                                MakeUp.Certainty.ESTIMATED,
                                true)))
                .get(0);
        final Recipe recipe = new Recipe(Recipe.Measure.PARTS, List.of(new Recipe.Part(bag, 1)), List.of());
        final Brief brief = new Case(Map.of("plant", "cape_sundew")).brief();

        assertThat(Evaluator.evaluate(recipe, brief).cautions())
                .extracting(Caution::id)
                .contains("carnivorous_fed", "beach_sand", "peat_rules");
    }

    @Test
    void namesThePlantAndItsPoison() {
        assertThat(new Case(Map.of("mix", "peat 1", "plant", "oleander")).found())
                .filteredOn(each -> each.id().equals("poison"))
                .singleElement()
                .satisfies(each -> {
                    assertThat(each.why().text()).startsWith("Oleander: Very poisonous");
                    assertThat(each.defers().text()).contains("doctor");
                });
    }

    @Test
    void aStopStandsUntilItIsKnowinglySetAside() {
        final List<Caution> found = new Case(Map.of("mix", "peat 1 beach_sand 1", "doses", "quicklime 0.3")).found();

        assertThat(Cautions.unaccepted(found, List.of()))
                .extracting(Caution::id)
                .containsExactlyInAnyOrder("beach_sand", "hot_lime");
        assertThat(Cautions.unaccepted(found, List.of("hot_lime", "dust")))
                .extracting(Caution::id)
                .containsExactly("beach_sand");
    }

    @Test
    void aWrongRuleIsNamed() {
        assertThatThrownBy(() -> rule("when: {moon: full}"))
                .hasMessageContaining("caution 'x' asks for \"moon\"; allowed: [")
                .hasMessageContaining("natures");
        assertThatThrownBy(() -> rule("when: {natures: [cheese]}"))
                .hasMessageContaining("condition natures: \"[cheese]\"; allowed: some of [PEAT");
        assertThatThrownBy(() -> rule("when: {kg_over: much}")).hasMessageContaining("a number from 0.0 to 1000.0");
        assertThatThrownBy(() -> rule("unless: {}")).hasMessageContaining("states no condition");
        assertThatThrownBy(() -> Cautions.read(new StringReader("- {id: x, level: shout, why: a, instead: b}")))
                .hasMessageContaining("allowed: [STOP, WARN, NOTE]");
    }

    private static Cautions rule(final String when) {
        return Cautions.read(new StringReader("- {id: x, level: note, why: a, instead: b, %s}".formatted(when)));
    }

    @SuppressWarnings("unchecked")
    static Stream<Arguments> cases() {
        final InputStream table = CautionsTest.class.getResourceAsStream("cases.yaml");
        final Map<String, Map<String, Map<String, Object>>> cases = new Yaml().load(table);
        return cases.entrySet().stream()
                .map(each -> Arguments.of(
                        each.getKey(),
                        new Case(each.getValue().get("fires")),
                        new Case(each.getValue().get("not"))));
    }
}
