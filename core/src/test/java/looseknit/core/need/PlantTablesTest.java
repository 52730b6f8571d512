package looseknit.core.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import looseknit.core.need.Plant.Breadth;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whether what the tables of plants say fits together. */
class PlantTablesTest {

    private static final PlantBook BOOK = PlantBook.shipped();

    /** Of poisonous families what is known to do no harm. */
    private static final Set<String> HARMLESS = Set.of(
            "Hoya", "Dischidia", "Ceropegia", "Stephanotis", "Trachelospermum", "Mandevilla", "Fockea", "Tulbaghia");

    private static Stream<Plant> of(final Breadth breadth) {
        return BOOK.plants().stream().filter(plant -> plant.breadth() == breadth);
    }

    private static Stream<Plant> family(final String id) {
        return of(Breadth.ONE)
                .filter(plant ->
                        plant.family().map(PlantFamily::id).filter(id::equals).isPresent());
    }

    @Test
    void everyPlantHasAFamily() {
        assertThat(of(Breadth.ONE))
                .allSatisfy(plant ->
                        assertThat(plant.family()).as(plant.botanical()).isPresent());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Araceae",
                "Euphorbiaceae",
                "Apocynaceae",
                "Amaryllidaceae",
                "Cycadaceae",
                "Zamiaceae",
                "Thymelaeaceae",
                "Taxaceae",
                "Ranunculaceae",
                "Colchicaceae",
                "Moraceae",
                "Begoniaceae"
            })
    void poisonousFamiliesAreMarked(final String family) {
        assertThat(family(family).filter(plant -> !HARMLESS.contains(plant.genus())))
                .isNotEmpty()
                .allSatisfy(plant ->
                        assertThat(plant.poison().text()).as(plant.botanical()).isNotBlank());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Cactaceae",
                "Orchidaceae",
                "Cycadaceae",
                "Zamiaceae",
                "Nepenthaceae",
                "Cyatheaceae",
                "Dicksoniaceae"
            })
    void familiesInRegulatedTradeAreMarked(final String family) {
        assertThat(family(family))
                .isNotEmpty()
                .allSatisfy(plant ->
                        assertThat(plant.trade().text()).as(plant.botanical()).contains("regulated"));
    }

    @Test
    void succulentSpurgesAndTrumpetPitchersAreRegulatedAndBeddingIsNot() {
        final Predicate<Plant> succulent =
                plant -> Set.of("desert", "stone_caudex").contains(plant.group().id());
        assertThat(family("Euphorbiaceae")
                        .filter(plant -> plant.genus().equals("Euphorbia"))
                        .filter(succulent))
                .hasSizeGreaterThan(4)
                .allSatisfy(plant ->
                        assertThat(plant.trade().text()).as(plant.botanical()).contains("regulated"));
        assertThat(of(Breadth.ONE).filter(plant -> plant.genus().equals("Sarracenia")))
                .allSatisfy(plant -> assertThat(plant.trade().text()).contains("regulated"));
        assertThat(of(Breadth.ONE)
                        .filter(plant ->
                                Set.of("Drosera", "Echeveria", "Petunia").contains(plant.genus())))
                .allSatisfy(plant -> assertThat(plant.trade().isEmpty())
                        .as(plant.botanical())
                        .isTrue());
    }

    @Test
    void nothingWithoutSpinesIsSaidToHaveThem() {
        assertThat(of(Breadth.ONE).filter(plant -> plant.poison().text().startsWith("Spines lodge")))
                .allSatisfy(plant -> assertThat(plant.family().orElseThrow().id())
                        .as(plant.botanical())
                        .isEqualTo("Cactaceae"));
    }

    @Test
    void everyKindHasPlantsAndAnEntryForThoseWhoKnowNoMore() {
        assertThat(BOOK.kinds()).allSatisfy(kind -> {
            assertThat(BOOK.anyOf(kind).needs()).isEqualTo(kind.needs());
            assertThat(BOOK.anyOf(kind).name()).endsWith("unknown");
        });
        assertThat(BOOK.kinds().stream()
                        .filter(kind -> of(Breadth.ONE)
                                .noneMatch(plant -> plant.kind().equals(kind)
                                        || plant.group().id().equals(kind.id()))))
                .extracting(PlantKind::id)
                .as("kinds that no plant is of")
                .isEmpty();
    }

    @Test
    void everyGenusOfSeveralPlantsHasAnEntryForEachGroupItIsIn() {
        final Map<String, List<Plant>> genera = of(Breadth.ONE).collect(Collectors.groupingBy(Plant::genus));
        genera.forEach((genus, plants) -> {
            final long groups = plants.stream().map(Plant::group).distinct().count();
            assertThat(of(Breadth.GENUS).filter(entry -> entry.genus().equals(genus)))
                    .as(genus)
                    .hasSize(plants.size() > 1 ? (int) groups : 0);
        });
    }

    @Test
    void anEntryForAGenusWarnsOfWhatAnyOfItDoes() {
        assertThat(of(Breadth.GENUS))
                .allSatisfy(entry -> assertThat(entry.poison().isEmpty())
                        .as(entry.name())
                        .isEqualTo(of(Breadth.ONE)
                                .filter(plant -> plant.genus().equals(entry.genus()))
                                .filter(plant -> plant.group().equals(entry.group()))
                                .allMatch(plant -> plant.poison().isEmpty())));
    }

    @Test
    void kindsSayWhatTheirGroupIsTooCoarseFor() {
        assertThat(BOOK.plants().stream().filter(plant -> plant.kind().id().equals("yearly_bulb")))
                .filteredOn(plant -> plant.breadth() == Breadth.KIND)
                .allSatisfy(plant -> assertThat(plant.needs().lifeYears()).isLessThanOrEqualTo(1));
        assertThat(of(Breadth.ONE).filter(plant -> plant.kind().id().equals("lime_alpine")))
                .allSatisfy(plant ->
                        assertThat(plant.needs().ph().low()).as(plant.name()).isGreaterThanOrEqualTo(6.5));
        assertThat(BOOK.plants()).allSatisfy(plant -> {
            assertThat(plant.growing().thirst().text()).as(plant.name()).isNotBlank();
            assertThat(plant.needs().spread()).as(plant.name()).isBetween(0.5, 3.0);
            assertThat(plant.growing().tempLowC())
                    .as(plant.name())
                    .isLessThan(plant.growing().tempHighC() - 7);
        });
    }
}
