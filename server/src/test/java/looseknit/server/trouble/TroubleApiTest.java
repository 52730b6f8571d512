package looseknit.server.trouble;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
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
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.ResultActions;

/** What is wrong with a plant: asked, kept, looked at again. */
@ApiTest
@Import(MixedBatch.Time.class)
class TroubleApiTest extends MixedBatch {

    private UUID pot;

    @BeforeEach
    void potUp() throws Exception {
        pot = potted("Lily", "landing");
    }

    private ResultActions diagnose(final String seen, final String passed) throws Exception {
        return http.perform(
                send("/api/pottings/{id}/diagnosis", "{\"seen\":[%s],\"passed\":[%s]}".formatted(seen, passed), pot));
    }

    private ResultActions keep(final UUID id, final String lookOn) throws Exception {
        return http.perform(send(
                "/api/pottings/{id}/troubles",
                "{\"id\":\"%s\",\"seen\":[\"HEAVY\",\"SOUR\"],\"cause\":\"ROOT_ROT\",\"lookOn\":\"%s\"}"
                        .formatted(id, lookOn),
                pot));
    }

    @Test
    void saysWhatMayBeWrongAndAsksWhatWouldTellMost() throws Exception {
        final String found = diagnose("\"HEAVY\",\"SOUR\",\"HANGS_WET\"", "")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.suspects[0].cause").value("ROOT_ROT"))
                .andExpect(jsonPath("$.suspects[0].speaksFor").value(hasItem("sour smell")))
                .andExpect(jsonPath("$.suspects[0].help[0]").value("RESCUE"))
                .andExpect(jsonPath("$.suspects", hasSize(22)))
                .andExpect(jsonPath("$.next.signs.length()").value(greaterThan(1)))
                .andExpect(jsonPath("$.known[*].sign").value(hasItem("RECKONED_WET")))
                .andExpect(jsonPath("$.rescue.stage").value("RECOVERING"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final List<Number> shares = JsonPath.read(found, "$.suspects[*].now");

        assertThat(shares.stream().mapToDouble(Number::doubleValue).sum()).isCloseTo(1, within(1e-9));
        final Number now = JsonPath.read(found, "$.kgNow");
        final Number dry = JsonPath.read(found, "$.kgDry");
        assertThat(now.doubleValue()).isGreaterThan(dry.doubleValue());
    }

    @Test
    void asksAnotherQuestionWhereNobodyCanTell() throws Exception {
        final String first =
                diagnose("\"YELLOW_OLD\"", "").andReturn().getResponse().getContentAsString();
        final String asked = JsonPath.read(first, "$.next.finding");
        final String second = diagnose("\"YELLOW_OLD\"", "\"" + asked + "\"")
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat((String) JsonPath.read(second, "$.next.finding")).isNotEqualTo(asked);
        assertThat((List<?>) JsonPath.read(second, "$.suspects[*].now"))
                .isEqualTo(JsonPath.read(first, "$.suspects[*].now"));
    }

    @Test
    void refusesTwoAnswersToOneQuestionAndSignsThatDoNotExist() throws Exception {
        diagnose("\"HEAVY\",\"LIGHT\"", "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value(containsString("one answer to each question")));
        diagnose("\"PURPLE_SMOKE\"", "").andExpect(status().is4xxClientError());
    }

    @Test
    void isKeptOnceLookedAtAgainAndTakenBack() throws Exception {
        final UUID id = UUID.randomUUID();
        keep(id, "2026-03-15")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.share").value(greaterThan(0.4)));
        keep(id, "2026-03-15").andExpect(status().isOk());
        http.perform(ask("/api/pottings/{id}/troubles", pot)).andExpect(jsonPath("$", hasSize(1)));
        http.perform(ask("/api/troubles/to-see")).andExpect(jsonPath("$[?(@.id=='%s')]".formatted(id), hasSize(0)));

        later(Duration.ofDays(20));
        http.perform(ask("/api/troubles/to-see"))
                .andExpect(jsonPath("$[?(@.id=='%s')].label".formatted(id)).value(hasItem("Lily")));
        http.perform(change("/api/troubles/{id}/outcome", "{\"revision\":0,\"outcome\":\"BETTER\"}", id))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.outcome").value("BETTER"));
        http.perform(change("/api/troubles/{id}/outcome", "{\"revision\":0,\"outcome\":\"WORSE\"}", id))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.outcome").value("BETTER"));
        http.perform(change("/api/troubles/{id}/outcome", "{\"revision\":1}", id))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.outcome").doesNotExist());
        http.perform(delete("/api/troubles/{id}", id)).andExpect(status().isOk());
        http.perform(ask("/api/pottings/{id}/troubles", pot)).andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void looksAgainOnADayThatComes() throws Exception {
        keep(UUID.randomUUID(), "2025-01-01")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value(containsString("a day from today")));
    }
}
