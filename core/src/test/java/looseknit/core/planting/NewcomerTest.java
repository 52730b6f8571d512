package looseknit.core.planting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Optional;
import looseknit.core.need.Growing;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import org.junit.jupiter.api.Test;

/** A week to settle, two when it suffered, bog plants at rest; common practice, no source. */
class NewcomerTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 20);
    private static final Plant POTHOS = PlantBook.shipped().plant("pothos").orElseThrow();
    private static final Plant SUNDEW = PlantBook.shipped().plants().stream()
            .filter(plant ->
                    plant.group().id().equals("carnivorous") && plant.growing().rest() == Growing.Rest.WINTER_COOL)
            .findFirst()
            .orElseThrow();

    private static Newcomer arrived(final int daysAgo, final boolean suffered) {
        return new Newcomer(Optional.of(DAY.minusDays(daysAgo)), suffered, false, false);
    }

    @Test
    void settlesForAWeekOrTwo() {
        assertThat(arrived(2, false).on(DAY, POTHOS).from()).isEqualTo(DAY.plusDays(5));
        assertThat(arrived(2, true).on(DAY, POTHOS).from()).isEqualTo(DAY.plusDays(13));
        assertThat(arrived(9, false).on(DAY, POTHOS).from()).isEqualTo(DAY);
        assertThat(arrived(9, false).on(DAY, POTHOS).words()).containsExactly(NewcomerSentence.GO_ON.with());
    }

    @Test
    void bogPlantsAreMovedAtRest() {
        final Newcomer house = new Newcomer(Optional.empty(), false, false, false);

        assertThat(house.on(LocalDate.of(2026, 1, 20), SUNDEW).words()).contains(NewcomerSentence.BOG_RESTS.with());
        assertThat(house.on(LocalDate.of(2026, 7, 20), SUNDEW).words()).contains(NewcomerSentence.BOG_GROWS.with());
        assertThat(new Newcomer(Optional.empty(), false, false, true)
                        .on(LocalDate.of(2026, 7, 20), SUNDEW)
                        .words())
                .contains(NewcomerSentence.BOG_RESTS.with());
    }

    @Test
    void flowersAreSpokenOf() {
        assertThat(new Newcomer(Optional.empty(), false, true, false)
                        .on(DAY, POTHOS)
                        .words())
                .containsExactly(NewcomerSentence.FLOWERS.with());
    }

    @Test
    void nothingArrivesTomorrow() {
        assertThatThrownBy(() -> arrived(-1, false).on(DAY, POTHOS)).hasMessageContaining("today or a day before");
    }
}
