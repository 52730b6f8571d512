package looseknit.server.care;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import looseknit.server.ApiTest;
import looseknit.server.batch.MixedBatch;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.ResultActions;

/** The round: walked in order, answered once, with what was seen. */
@ApiTest
@Import(MixedBatch.Time.class)
class RoundApiTest extends MixedBatch {

    private UUID pot;
    private String place;

    @BeforeEach
    void potUp() throws Exception {
        place = "landing " + UUID.randomUUID().toString().substring(0, 8);
        pot = potted("Lily", place);
    }

    private static String look(final UUID id, final UUID of, final String answer, final String rest) {
        return "{\"id\":\"%s\",\"pottingId\":\"%s\",\"answer\":\"%s\"%s}".formatted(id, of, answer, rest);
    }

    private ResultActions tell(final String... looks) throws Exception {
        return http.perform(send("/api/looks/several", "{\"looks\":[%s]}".formatted(String.join(",", looks))));
    }

    private String of(final UUID id) throws Exception {
        return http.perform(ask("/api/pottings/{id}", id))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void goesByPlaceInTheOrderThatIsWalked() throws Exception {
        final UUID yard = potted("Yard lily", "yard");
        later(Duration.ofDays(60));
        http.perform(change("/api/round/places", "{\"places\":[\"yard\",\"landing\",\"yard\"]}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.places[0]").value("yard"));
        final String round = http.perform(ask("/api/round"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.places[0].place").value("yard"))
                .andExpect(jsonPath("$.places[*].pots[*].potting.id").value(hasItems(pot.toString(), yard.toString())))
                .andExpect(jsonPath("$.places[0].pots[0].left").value(0))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final List<String> alike = JsonPath.read(round, "$.places[*].pots[*].alike");

        assertThat(alike).isNotEmpty().allSatisfy(each -> assertThat(each).contains(" PLASTIC "));
        http.perform(change("/api/round/places", "{\"places\":[]}")).andExpect(status().isOk());
    }

    @ParameterizedTest
    @CsvSource({
        "WATERED, true",
        "WATERED_LIGHTLY, true",
        "BONE_DRY, true",
        "STILL_MOIST, false",
        "SOAKING, false",
        "SKIPPED, false"
    })
    void anAnswerWatersOrNotAndSetsTheNextLook(final String answer, final boolean waters) throws Exception {
        later(Duration.ofDays(6));
        tell(look(UUID.randomUUID(), pot, answer, "")).andExpect(status().isOk());
        final String after = of(pot);

        assertThat((String) JsonPath.read(after, "$.lastWateredOn")).isEqualTo(waters ? "2026-03-07" : "2026-03-01");
        assertThat((String) JsonPath.read(after, "$.nextLookOn")).isGreaterThan("2026-03-07");
        assertThat((String) JsonPath.read(after, "$.pace"))
                .contains(answer.equals("SKIPPED") ? "not looked at yet" : "one look");
    }

    @Test
    void nothingIsLearntFromWhatFollowsALightWatering() throws Exception {
        later(Duration.ofDays(6));
        tell(look(UUID.randomUUID(), pot, "WATERED_LIGHTLY", "")).andExpect(status().isOk());
        final String learnt = JsonPath.read(of(pot), "$.pace");
        later(Duration.ofDays(2));
        tell(look(UUID.randomUUID(), pot, "BONE_DRY", "")).andExpect(status().isOk());

        assertThat((String) JsonPath.read(of(pot), "$.pace")).isEqualTo(learnt);
    }

    @Test
    void toldTogetherAllOrNoneAndEachOnce() throws Exception {
        final UUID other = potted("Other lily", place);
        final UUID one = UUID.randomUUID();
        final UUID two = UUID.randomUUID();
        later(Duration.ofDays(6));
        tell(look(one, pot, "WATERED", ""), look(UUID.randomUUID(), UUID.randomUUID(), "WATERED", ""))
                .andExpect(status().isNotFound());
        http.perform(ask("/api/pottings/{id}/looks", pot)).andExpect(jsonPath("$", hasSize(0)));

        for (int i = 0; i < 2; i++) {
            tell(look(one, pot, "WATERED", ""), look(two, other, "STILL_MOIST", ""))
                    .andExpect(status().isOk());
        }
        http.perform(ask("/api/pottings/{id}/looks", pot)).andExpect(jsonPath("$", hasSize(1)));

        http.perform(send("/api/looks/several/taken-back", "{\"ids\":[\"%s\",\"%s\"]}".formatted(one, two)))
                .andExpect(status().isOk());
        http.perform(ask("/api/pottings/{id}/looks", pot)).andExpect(jsonPath("$", hasSize(0)));
        assertThat((String) JsonPath.read(of(pot), "$.lastWateredOn")).isEqualTo("2026-03-01");
    }

    /** Two alike that were found alike are alike: it does not matter which of them was told first. */
    @Test
    void whatIsToldTogetherTeachesTheOthersLater() throws Exception {
        final UUID other = potted("Other lily", place);
        later(Duration.ofDays(6));
        tell(look(UUID.randomUUID(), pot, "BONE_DRY", ""), look(UUID.randomUUID(), other, "BONE_DRY", ""))
                .andExpect(status().isOk());
        final double expected = JsonPath.<Double>read(of(pot), "$.expectedDays");

        assertThat(JsonPath.<Double>read(of(other), "$.expectedDays")).isEqualTo(expected);

        tell(look(UUID.randomUUID(), pot, "SKIPPED", "")).andExpect(status().isOk());
        assertThat(JsonPath.<Double>read(of(pot), "$.expectedDays"))
                .as("as the other has shown, too")
                .isLessThan(expected);
    }

    @Test
    void twoPeopleOnOneRoundAreTold() throws Exception {
        final int seen = JsonPath.read(of(pot), "$.revision");
        later(Duration.ofDays(6));
        tell(look(UUID.randomUUID(), pot, "WATERED", ",\"revision\":" + seen)).andExpect(status().isOk());

        final UUID second = UUID.randomUUID();
        tell(look(second, pot, "STILL_MOIST", ",\"revision\":" + seen))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.lastWateredOn").value("2026-03-07"));
        tell(look(second, pot, "STILL_MOIST", "")).andExpect(status().isOk());
    }

    @Test
    void yesterdayCanStillBeToldButNoDayBeforeTheLastLook() throws Exception {
        later(Duration.ofDays(6));
        tell(look(UUID.randomUUID(), pot, "WATERED", ",\"on\":\"2026-03-06\"")).andExpect(status().isOk());
        assertThat((String) JsonPath.read(of(pot), "$.lastWateredOn")).isEqualTo("2026-03-06");

        tell(look(UUID.randomUUID(), pot, "WATERED", ",\"on\":\"2026-03-05\""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value(containsString("a day from 2026-03-06")));
        tell(look(UUID.randomUUID(), pot, "WATERED", ",\"on\":\"2026-03-08\""))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void saysWhoWillNotMakeALongLeave() throws Exception {
        http.perform(ask("/api/leave?days=60"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.back").value("2026-04-30"))
                .andExpect(jsonPath("$.pots[?(@.id=='%s')].end".formatted(pot)).value(hasItems("DRY")))
                .andExpect(jsonPath("$.pots[?(@.id=='%s')].helps.length()".formatted(pot))
                        .value(hasItems(5)));
        http.perform(ask("/api/leave?days=1"))
                .andExpect(jsonPath("$.pots[?(@.id=='%s')].end".formatted(pot)).value(hasItems("WAITS")));
        http.perform(ask("/api/leave?days=0")).andExpect(status().is4xxClientError());
    }

    @Test
    void aPlantThatIsNotHereIsNotOnTheRound() throws Exception {
        http.perform(send(
                        "/api/pottings/{id}/events",
                        "{\"id\":\"%s\",\"kind\":\"LENT\",\"words\":\"to the keeper\"}".formatted(UUID.randomUUID()),
                        pot))
                .andExpect(status().isOk());
        later(Duration.ofDays(60));
        http.perform(ask("/api/round"))
                .andExpect(jsonPath("$.places[*].pots[*].potting.id").value(not(hasItems(pot.toString()))));
        tell(look(UUID.randomUUID(), pot, "WATERED", ""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value(containsString("Lily")));
    }
}
