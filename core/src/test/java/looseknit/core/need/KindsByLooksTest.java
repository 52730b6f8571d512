package looseknit.core.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Plants that everybody knows, told by their looks alone. */
class KindsByLooksTest {

    private static final PlantBook BOOK = PlantBook.shipped();

    @ParameterizedTest
    @CsvSource({
        "barrel_cactus, BODY, SPINES, FINE, DESERT",
        "echeveria, ROSETTE, FLESHY, FINE, DESERT",
        "cheese_plant, TRAILS, LEATHERY, AERIAL, FOREST_FLOOR",
        "moth_orchid, CLUMP, LEATHERY, AERIAL, TREES",
        "venus_flytrap, ROSETTE, TRAP, FINE, BOG",
        "pitcher_plant, TRAILS, TRAP, FINE, TREES",
        "sword_fern, CLUMP, FROND, FINE, FOREST_FLOOR",
        "petunia, UPRIGHT, THIN, FINE, GARDEN",
        "basil, UPRIGHT, THIN, FINE, KITCHEN",
        "tulip, CLUMP, NARROW, BULB, GARDEN",
        "lavender, TREE, NARROW, WOODY, DRY_HILLS",
        "lemon, TREE, LEATHERY, WOODY, WARM_GARDEN",
        "african_violet, ROSETTE, HAIRY, FINE, FOREST_FLOOR",
        "wax_flower, TRAILS, FLESHY, FINE, TREES",
        "urn_plant, ROSETTE, STIFF, HARDLY, TREES",
        "houseleek, ROSETTE, FLESHY, FINE, MOUNTAIN",
        "azalea, TREE, LEATHERY, FINE, MOUNTAIN",
        "papyrus, CLUMP, NARROW, FINE, BOG",
        "snake_plant, CLUMP, STIFF, THICK, DESERT",
        "dwarf_spruce, TREE, NEEDLES, WOODY, MOUNTAIN",
        "banana_dwarf, UPRIGHT, LEATHERY, THICK, WARM_GARDEN",
        "sago, ROSETTE, FROND, THICK, DESERT"
    })
    void fourAnswersLeadToItsGroup(
            final String plant,
            final Looks.Grows grows,
            final Looks.Leaf leaf,
            final Looks.Roots roots,
            final Looks.From from) {
        final Looks looks = new Looks(Optional.of(grows), Optional.of(leaf), Optional.of(roots), Optional.of(from));

        assertThat(KindsByLooks.of(looks, BOOK, 3).stream()
                        .map(each -> each.kind().group().id()))
                .contains(BOOK.plant(plant).orElseThrow().group().id());
    }

    @Test
    void oneAnswerIsAStart() {
        final Looks trap =
                new Looks(Optional.empty(), Optional.of(Looks.Leaf.TRAP), Optional.empty(), Optional.empty());

        assertThat(KindsByLooks.of(trap, BOOK, 10))
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.agrees()).containsExactly(Looks.Leaf.TRAP));
    }

    @Test
    void whatDoesNotFitIsNamed() {
        final Looks odd = new Looks(
                Optional.of(Looks.Grows.BODY),
                Optional.of(Looks.Leaf.SPINES),
                Optional.of(Looks.Roots.FINE),
                Optional.of(Looks.From.BOG));

        assertThat(KindsByLooks.of(odd, BOOK, 1)).singleElement().satisfies(each -> {
            assertThat(each.kind().id()).isEqualTo("desert");
            assertThat(each.against()).containsExactly(Looks.From.BOG);
        });
        assertThat(KindsByLooks.of(
                        new Looks(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()), BOOK, 3))
                .isEmpty();
    }
}
