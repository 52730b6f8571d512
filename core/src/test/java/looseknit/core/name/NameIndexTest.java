package looseknit.core.name;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import looseknit.core.name.NameIndex.Found;
import looseknit.core.name.NameIndex.Hit;
import looseknit.core.name.NameIndex.How;
import looseknit.core.name.NameIndex.Names;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NameIndexTest {

    private static final NameIndex<String> PLANTS =
            new NameIndex<>(List.of("velvet", "cheese", "pothos", "rose", "mallow"), id -> switch (id) {
                case "velvet" -> new Names("Black velvet alocasia", "Alocasia reginula", List.of());
                case "cheese" -> new Names("Swiss cheese plant", "Monstera deliciosa", List.of("monstera"));
                case "pothos" -> new Names("Golden pothos", "Epipremnum aureum", List.of("devil's ivy"));
                case "rose" -> new Names("Patio rose", "Rosa × hybrida", List.of());
                default -> new Names("Chinese hibiscus", "Hibiscus rosa-sinensis", List.of("rose mallow"));
            });
    private static final NameIndex<String> BLENDS = new NameIndex<>(List.of("Cistern velvet"), Names::of);

    private static Hit<String> first(final String typed) {
        return PLANTS.search(typed, 5).hits().get(0);
    }

    @ParameterizedTest
    @CsvSource({
        "golden pothos, pothos, WHOLE",
        "monstera, cheese, WHOLE_OTHER",
        "rose, rose, NAME",
        "monst, cheese, WHOLE_BEGUN",
        "swi chee, cheese, NAME_BEGUN",
        "epipremnum, pothos, GENUS",
        "mallow, mallow, OTHER",
        "cheeseplant, cheese, NAME",
        "potohs, pothos, MISTYPED",
        "Monsteria, cheese, MISTYPED"
    })
    void isFoundInTheSurestWay(final String typed, final String id, final How how) {
        assertThat(first(typed).thing()).isEqualTo(id);
        assertThat(first(typed).how()).isEqualTo(how);
    }

    @Test
    void varietiesAreSetAsideAndWhatIsKnownOtherwiseIsOnlyOffered() {
        assertThat(PLANTS.search("Manjula pothos", 5).aside()).containsExactly("manjula");
        assertThat(PLANTS.search("Pothos 'Manjula'", 5).aside()).isEmpty();
        assertThat(PLANTS.search("Chinese rose", 5).hits())
                .isNotEmpty()
                .allSatisfy(hit -> assertThat(hit.how()).isEqualTo(How.PERHAPS));
        assertThat(PLANTS.search("moon plant", 5).hits()).isEmpty();
        assertThat(PLANTS.search("xylophone", 5).hits()).isEmpty();
    }

    @Test
    void ofSeveralTheSurestComesAlone() {
        final Found<String> best =
                Found.best(List.of(PLANTS.search("cistrn velvet", 5), BLENDS.search("cistrn velvet", 5)), 5);

        assertThat(best.hits()).extracting(Hit::thing).containsExactly("Cistern velvet");
        assertThat(best.aside()).isEmpty();
        assertThat(Found.best(List.of(PLANTS.search("velvet", 5), BLENDS.search("velvet", 5)), 5)
                        .hits())
                .extracting(Hit::thing)
                .containsExactlyInAnyOrder("Cistern velvet", "velvet");
    }
}
