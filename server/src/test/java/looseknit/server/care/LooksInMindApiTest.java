package looseknit.server.care;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import looseknit.server.ApiTest;
import looseknit.server.batch.MixedBatch;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is told of all looks follows each of them, though they are not read again. */
@ApiTest
@Import(MixedBatch.Time.class)
class LooksInMindApiTest extends MixedBatch {

    @Autowired
    private JdbcClient store;

    private String place;
    private UUID pot;

    @BeforeEach
    void potUp() throws Exception {
        place = "porch " + UUID.randomUUID().toString().substring(0, 8);
        pot = potted("Fern", place);
    }

    private UUID look(final String answer) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send(
                        "/api/looks",
                        "{\"id\":\"%s\",\"pottingId\":\"%s\",\"answer\":\"%s\"}".formatted(id, pot, answer)))
                .andExpect(status().isOk());
        return id;
    }

    private double looksOfTheYear() throws Exception {
        return number(json("/api/year?year=2026"), "$.looks");
    }

    private List<Integer> wateringsHere() throws Exception {
        return JsonPath.read(json("/api/hand"), "$.places[?(@.place=='%s')].waterings".formatted(place));
    }

    @Test
    void eachLookCountsAndOneThatIsTakenBackDoesNot() throws Exception {
        final double before = looksOfTheYear();
        for (int round = 0; round < 4; round++) {
            later(Duration.ofDays(5));
            look("WATERED");
        }
        final UUID last = look("STILL_MOIST");

        assertThat(looksOfTheYear()).isEqualTo(before + 5);
        assertThat(wateringsHere()).containsExactly(4);

        http.perform(delete("/api/looks/{id}", last)).andExpect(status().isOk());
        assertThat(looksOfTheYear()).isEqualTo(before + 4);
        http.perform(delete("/api/pottings/{id}", pot)).andExpect(status().is2xxSuccessful());
        assertThat(looksOfTheYear()).isEqualTo(before + 4);
        assertThat(wateringsHere()).isEmpty();
    }

    /** Skipping a look twice on one day changes nothing of the pot; it is counted all the same. */
    @Test
    void aLookThatChangesNothingOfItsPotCounts() throws Exception {
        later(Duration.ofDays(1));
        look("SKIPPED");
        final double before = looksOfTheYear();
        look("SKIPPED");

        assertThat(looksOfTheYear()).isEqualTo(before + 1);
    }

    @Test
    void looksThatCameOrWentByAnotherWayAreNoticed() throws Exception {
        later(Duration.ofDays(1));
        final UUID look = look("STILL_MOIST");
        final double before = looksOfTheYear();
        store.sql("delete from look where id = ?").param(look).update();

        assertThat(looksOfTheYear()).isEqualTo(before - 1);
        http.perform(ask("/api/hand")).andExpect(status().isOk());
    }
}
