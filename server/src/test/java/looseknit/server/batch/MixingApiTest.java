package looseknit.server.batch;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** A batch at the tub: every tap counts once, whoever sends it and however often. */
@ApiTest
class MixingApiTest {

    @Autowired
    private MockMvc http;

    private UUID batch;

    @BeforeEach
    void planABatch() throws Exception {
        final UUID blend = UUID.randomUUID();
        batch = UUID.randomUUID();
        http.perform(send(
                        "/api/blends",
                        "{\"id\":\"%s\",\"name\":\"Tub mix\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(blend, brief(), recipe("peat", 3))))
                .andExpect(status().isOk());
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend))
                .andExpect(status().isOk());
        http.perform(send(
                        "/api/batches",
                        "{\"id\":\"%s\",\"blendId\":\"%s\",\"versionNumber\":1,\"fills\":[],\"scoopLitres\":0.5,\"tubLitres\":4,\"countedLitres\":8}"
                                .formatted(batch, blend)))
                .andExpect(status().isOk());
    }

    private ResultActions tap(final UUID id, final String rest) throws Exception {
        return http.perform(send("/api/batches/{batch}/mixing/taps", "{\"id\":\"%s\",%s}".formatted(id, rest), batch));
    }

    private static String scooped(final int load, final String material, final double scoops) {
        return "\"kind\":\"SCOOPED\",\"load\":%d,\"thingId\":\"%s\",\"amount\":%s".formatted(load, material, scoops);
    }

    private String state() throws Exception {
        return http.perform(ask("/api/batches/{batch}/mixing", batch))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void theSheetIsThereBeforeAnythingIsDone() throws Exception {
        http.perform(ask("/api/batches/{batch}/mixing", batch))
                .andExpect(jsonPath("$.loads").value(2))
                .andExpect(jsonPath("$.next").value(0))
                .andExpect(jsonPath("$.steps", hasSize(4)))
                .andExpect(jsonPath("$.steps[0].because", containsString("damp base")))
                .andExpect(jsonPath("$.tasks[0].key", startsWith("guard-")))
                .andExpect(jsonPath("$.made").doesNotExist());
    }

    @Test
    void aTapThatIsSentAgainCountsOnceAndIsTakenBackOnce() throws Exception {
        final UUID id = UUID.randomUUID();
        tap(id, scooped(1, "peat", 1)).andExpect(jsonPath("$.steps[0].done").value(1.0));
        tap(id, scooped(1, "peat", 1)).andExpect(jsonPath("$.steps[0].done").value(1.0));
        tap(UUID.randomUUID(), scooped(1, "peat", 0.5))
                .andExpect(jsonPath("$.steps[0].done").value(1.5))
                .andExpect(jsonPath("$.lastTapId", not(id.toString())));
        final UUID undo = UUID.randomUUID();
        tap(undo, "\"kind\":\"UNDONE\",\"undoes\":\"%s\"".formatted(id))
                .andExpect(jsonPath("$.steps[0].done").value(0.5));
        tap(undo, "\"kind\":\"UNDONE\",\"undoes\":\"%s\"".formatted(id))
                .andExpect(jsonPath("$.steps[0].done").value(0.5))
                .andExpect(jsonPath("$.taps").value(3));
    }

    @Test
    void tapsOfTwoDevicesAtOnceAllCountAndEachOnce() throws Exception {
        final List<UUID> ids =
                IntStream.range(0, 12).mapToObj(i -> UUID.randomUUID()).toList();
        final List<CompletableFuture<Integer>> sent = IntStream.range(0, 24)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> {
                    try {
                        return tap(ids.get(i % 12), scooped(1, "peat", 0.25))
                                .andReturn()
                                .getResponse()
                                .getStatus();
                    } catch (final Exception e) {
                        throw new IllegalStateException(e);
                    }
                }))
                .toList();

        assertThat(sent).extracting(CompletableFuture::join).containsOnly(200);
        assertThat(JsonPath.<Double>read(state(), "$.steps[0].done")).isEqualTo(3.0);
        assertThat(JsonPath.<Integer>read(state(), "$.taps")).isEqualTo(12);
    }

    @Test
    void oneTooManyIsSaidAndTheBatchBecomesWhatItIs() throws Exception {
        final List<Map<String, Object>> steps = JsonPath.read(state(), "$.steps");
        for (final Map<String, Object> step : steps) {
            tap(
                    UUID.randomUUID(),
                    scooped(
                            (Integer) step.get("load"),
                            (String) step.get("thingId"),
                            ((Number) step.get("scoops")).doubleValue()));
        }
        http.perform(ask("/api/batches/{batch}/mixing", batch))
                .andExpect(jsonPath("$.next").doesNotExist())
                .andExpect(jsonPath("$.differs").value(false))
                .andExpect(jsonPath("$.madeLitres", greaterThan(6.0)));
        tap(UUID.randomUUID(), scooped(2, "perlite_coarse", 3))
                .andExpect(jsonPath("$.differs").value(true))
                .andExpect(jsonPath("$.back[0].thingId").value("peat"));
        http.perform(ask("/api/batches/{batch}", batch))
                .andExpect(jsonPath("$.recipe.parts", hasSize(2)))
                .andExpect(jsonPath("$.recipe.parts[1].amount", closeTo(9.5, 0.01)));
    }

    @Test
    void preparationsAreTickedAndTimedForEveryDevice() throws Exception {
        final UUID tick = UUID.randomUUID();
        final String ticked = "$.tasks[?(@.key == 'prepare-peat')].tickedBy";
        tap(tick, "\"kind\":\"TICKED\",\"thingId\":\"prepare-peat\"")
                .andExpect(jsonPath(ticked).value(tick.toString()));
        tap(UUID.randomUUID(), "\"kind\":\"UNDONE\",\"undoes\":\"%s\"".formatted(tick))
                .andExpect(jsonPath(ticked).doesNotExist());
        tap(UUID.randomUUID(), "\"kind\":\"BEGUN\",\"thingId\":\"prepare-peat\",\"amount\":30")
                .andExpect(jsonPath("$.tasks[?(@.key == 'prepare-peat')].begunMinutes")
                        .value(30.0));
    }

    @Test
    void theScoopStaysTheOneThatIsCounted() throws Exception {
        final String body = http.perform(ask("/api/batches/{batch}", batch))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final String fills =
                JsonPath.parse(JsonPath.<Object>read(body, "$.fills")).jsonString();
        final String changed = "{\"revision\":%d,\"fills\":%s,\"reserve\":0,\"scoopLitres\":%s,\"tubLitres\":4}";
        final int revision = JsonPath.read(body, "$.revision");
        tap(UUID.randomUUID(), scooped(1, "peat", 1));
        http.perform(change("/api/batches/" + batch, changed.formatted(revision, fills, "0.25")))
                .andExpect(status().is4xxClientError())
                .andExpect(jsonPath("$.detail", containsString("Leave that scoop as it is")));
        http.perform(change("/api/batches/" + batch, changed.formatted(revision, fills, "0.5")))
                .andExpect(status().isOk());
    }

    @Test
    void theStreamBegins() throws Exception {
        http.perform(ask("/api/batches/{batch}/mixing/events", batch))
                .andExpect(status().isOk())
                .andExpect(request().asyncStarted());
        http.perform(ask("/api/batches/{batch}/mixing/events", UUID.randomUUID()))
                .andExpect(status().isNotFound());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SCOOPED | 1 | peat      | 0.3  | whole, half or quarter scoops",
                "SCOOPED | 1 | peat      | 0    | 0.25 to 200",
                "SCOOPED | 9 | peat      | 1    | 1 to 2",
                "SCOOPED | 1 | moon_dust | 1    | moon_dust",
                "WEIGHED | 1 | peat      | 5    | amendment",
                "UNDONE  | 1 | peat      | 1    | a tap of this batch",
                "TICKED  | 1 | ''        | 0    | what was prepared"
            })
    void whatCannotBeIsRefusedInASentence(
            final String kind, final int load, final String thing, final double amount, final String says)
            throws Exception {
        tap(
                        UUID.randomUUID(),
                        "\"kind\":\"%s\",\"load\":%d,\"thingId\":\"%s\",\"amount\":%s"
                                .formatted(kind, load, thing, amount))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString(says)));
        http.perform(ask("/api/batches/{batch}/mixing", batch))
                .andExpect(jsonPath("$.taps").value(0));
    }
}
