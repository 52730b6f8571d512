package looseknit.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.List;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.BadCellException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlantBookTest {

    private static final PlantBook BOOK = PlantBook.shipped();
    private static final List<Plant> NAMED = BOOK.plants().stream()
            .filter(plant -> plant.breadth() == Plant.Breadth.ONE)
            .toList();
    private static final String HEADER =
            "id,name,botanical,other_names,group,trigger,air_low,air_high,ph_low,ph_high,n_low,n_high,leaf_layers,thrift,"
                    + "light_low,light_high,temp_low_c,temp_high_c,minerals,root_depth_cm,planting,rest,repot_years,repotting,"
                    + "kg_per_pot_l,height_over_width,poison,trade,note,source\n";

    private static Plant plant(final String id) {
        return BOOK.plant(id).orElseThrow(() -> new AssertionError("no plant " + id));
    }

    @Test
    void holdsTheUsualPlantsOfAllGroups() {
        assertThat(NAMED).hasSizeGreaterThanOrEqualTo(450);
        assertThat(BOOK.groups()).hasSizeGreaterThanOrEqualTo(20);
        assertThat(BOOK.groups())
                .allSatisfy(group -> assertThat(BOOK.plants())
                        .as(group.name())
                        .anyMatch(plant -> plant.group().id().equals(group.id())));
    }

    @Test
    void everyPlantIsNamedOnceAndSaysWhereItsFiguresComeFrom() {
        assertThat(NAMED).extracting(Plant::botanical).doesNotHaveDuplicates();
        assertThat(BOOK.plants()).extracting(Plant::name).doesNotHaveDuplicates();
        assertThat(BOOK.plants()).allSatisfy(plant -> {
            assertThat(plant.source()).containsAnyOf("common practice", "from memory");
            assertThat(plant.note().text()).isNotBlank();
            assertThat(plant.growing().planting().text()).isNotBlank();
            assertThat(plant.needs().air().low() + plant.needs().water().low())
                    .as("air and water can be had together by %s", plant.name())
                    .isLessThan(0.95);
        });
    }

    @Test
    void inheritsFromItsGroupWhatItDoesNotSay() {
        final Plant jade = plant("jade");
        final PlantGroup desert = jade.group();

        assertThat(jade.needs().trigger()).isEqualTo(AllowableDepletion.DRY);
        assertThat(desert.needs().trigger()).isEqualTo(AllowableDepletion.NEARLY_ALL);
        assertThat(jade.needs().air()).isEqualTo(desert.needs().air());
        assertThat(jade.growing().minerals()).isEqualTo(desert.growing().minerals());
        assertThat(jade.growing().heightOverWidth()).isEqualTo(2);
        assertThat(plant("split_rock").trade().text())
                .as("\"none\" clears what the group says")
                .isEmpty();
        assertThat(plant("baby_toes").group().trade().text()).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "monstera, cheese_plant",
        "Sansevieria, snake_plant",
        "sansaveria, snake_plant",
        "phalenopsis, moth_orchid",
        "venus fly trap, venus_flytrap",
        "Saintpaulia ionanta, african_violet",
        "christmass cactus, christmas_cactus",
        "lavendar, lavender",
        "ZZ, zz_plant",
        "Hylocereus, dragon_fruit",
        "boston fern, sword_fern"
    })
    void findsWhatWasMistyped(final String typed, final String id) {
        assertThat(BOOK.named(typed, 1).hits())
                .extracting(hit -> hit.thing().id())
                .containsExactly(id);
    }

    @Test
    void readsOwnPlantsAndNamesABadCell() {
        final List<Plant> own = BOOK.read(
                "own.csv",
                new StringReader(HEADER + "my_fern,My fern,Adiantum x,,fern,,0.2,,,,,,,,,,,,,,,,,,,,,,A gift,own\n"));

        assertThat(own).singleElement().satisfies(plant -> {
            assertThat(plant.needs().air().low()).isEqualTo(0.2);
            assertThat(plant.needs().air().high()).isEqualTo(0.28);
        });
        assertThat(BOOK.with(own).plant("my_fern")).isPresent();
        assertThat(BOOK.plant("my_fern")).isEmpty();
        assertThatThrownBy(() -> BOOK.read(
                        "own.csv", new StringReader(HEADER + "x,X,X x,,moss,,,,,,,,,,,,,,,,,,,,,,,,note,own\n")))
                .isInstanceOf(BadCellException.class)
                .hasMessageContaining("line 2, column group: \"moss\"; allowed: one of [desert");
        assertThatThrownBy(() -> BOOK.read(
                        "own.csv", new StringReader(HEADER + "x,X,X x,,fern,,0.5,0.2,,,,,,,,,,,,,,,,,,,,,note,own\n")))
                .hasMessageContaining("column air_high");
    }
}
