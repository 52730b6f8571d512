package looseknit.core.need;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import looseknit.core.measure.Band;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Several plants in one pot: where their wants overlap, and where they clash. */
class SharedNeedsTest {

    private static Plant plant(final String id) {
        return PlantBook.shipped().plant(id).orElseThrow();
    }

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    private static List<Plant> some(final long seed) {
        final Random random = new Random(seed);
        final List<Plant> all = new ArrayList<>(PlantBook.shipped().plants());
        final List<Plant> some = new ArrayList<>();
        for (int i = 0; i <= 1 + random.nextInt(3); i++) {
            some.add(all.remove(random.nextInt(all.size())));
        }
        return some;
    }

    /** What is shared suits every plant, or the clash is named. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsSharedSuitsAllOrTheClashIsNamed(final long seed) {
        final List<Plant> plants = some(seed);
        final SharedNeeds shared = SharedNeeds.of(plants.get(0), plants.subList(1, plants.size()));

        final boolean airFits = plants.stream()
                .allMatch(each -> holds(each.needs().air(), shared.needs().air()));
        final boolean phFits = plants.stream()
                .allMatch(each -> holds(each.needs().ph(), shared.needs().ph()));
        assertThat(airFits
                        || shared.clashes().stream()
                                .anyMatch(clash -> said(clash).contains(" air ")))
                .as("seed %d", seed)
                .isTrue();
        assertThat(phFits
                        || shared.clashes().stream()
                                .anyMatch(clash -> said(clash).contains(" acidity ")))
                .as("seed %d", seed)
                .isTrue();
        assertThat(plants)
                .isNotEmpty()
                .allSatisfy(each -> assertThat(shared.needs().mostEcDsPerM())
                        .isLessThanOrEqualTo(each.needs().mostEcDsPerM()));
        assertThat(plants)
                .isNotEmpty()
                .allSatisfy(each -> assertThat(shared.needs().trigger())
                        .isLessThanOrEqualTo(each.needs().trigger()));
    }

    /** A further plant never widens what is shared. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aFurtherPlantNeverWidensWhatIsShared(final long seed) {
        final List<Plant> plants = some(seed);
        final SharedNeeds fewer = SharedNeeds.of(plants.get(0), plants.subList(1, plants.size() - 1));
        final SharedNeeds more = SharedNeeds.of(plants.get(0), plants.subList(1, plants.size()));

        if (fewer.clashes().isEmpty() && more.clashes().isEmpty()) {
            assertThat(holds(fewer.needs().air(), more.needs().air())).isTrue();
            assertThat(holds(fewer.needs().ph(), more.needs().ph())).isTrue();
            assertThat(holds(fewer.needs().nitrogen(), more.needs().nitrogen())).isTrue();
        }
    }

    @Test
    void aPlantAloneOrBesideItsLikeWantsWhatItWants() {
        assertThat(SharedNeeds.of(plant("jade"), List.of()).needs())
                .isEqualTo(plant("jade").needs());
        final SharedNeeds twice = SharedNeeds.of(plant("jade"), List.of(plant("jade")));
        assertThat(twice.needs()).isEqualTo(plant("jade").needs());
        assertThat(twice.clashes()).isEmpty();
    }

    @Test
    void aBogPlantAndACactusClashInWords() {
        assertThat(SharedNeeds.of(plant("cape_sundew"), List.of(plant("barrel_cactus")))
                        .clashes())
                .anyMatch(clash -> said(clash).contains("acidity of at least pH"))
                .anyMatch(clash -> said(clash).startsWith("As to drying, for cape sundew it must never dry out"));
    }

    private static boolean holds(final Band outer, final Band inner) {
        return inner.low() >= outer.low() - 1e-12 && inner.high() <= outer.high() + 1e-12;
    }
}
