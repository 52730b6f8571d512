package looseknit.server.frame;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;

/** Whatever comes in: a sentence that names the field, what came, and what would do; never a failure of the server, and nothing from other pages. */
@ApiTest
class RobustApiTest {

    private static final String PEAT =
            "{\"measure\":\"PARTS\",\"parts\":[{\"materialId\":\"peat\",\"amount\":1}],\"doses\":[]}";

    @Autowired
    private MockMvc http;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"recipe\":{\"measure\":\"PARTS\",\"parts\":[null],\"doses\":[]}} | parts[0] is empty. Allowed: an object with its fields.",
                "{\"recipe\":{\"measure\":\"PARTS\",\"parts\":[],\"doses\":[null]}} | doses[0] is empty.",
                "{\"recipe\":{\"measure\":\"SPOONS\",\"parts\":[],\"doses\":[]}} | is \"SPOONS\". Allowed: one of [PARTS",
                "{\"recipe\":{\"measure\":\"PARTS\",\"parts\":[{\"materialId\":\"peat\",\"amount\":\"lots\"}],\"doses\":[]}} | is \"lots\". Allowed: a number.",
                "{\"recipe\":{\"measure\":\"PARTS\",\"parts\":{},\"doses\":[]}} | Allowed: a list.",
                "{\"recipe\":7} | is missing or of another kind. Allowed: an object with its fields.",
                "{\"recipe\": | not readable JSON",
                "[] | The request is missing or of another kind."
            })
    void saysWhatIsWrongAndWhatWouldDo(final String body, final String sentence) throws Exception {
        http.perform(send("/api/evaluate", body))
                .andExpect(status().is4xxClientError())
                .andExpect(jsonPath("$.detail", containsString(sentence)));
    }

    @Test
    void doesNotSendBackWhatCameIn() throws Exception {
        final String long20k = "x".repeat(20_000);
        for (final String body : new String[] {
            "{\"recipe\":{\"measure\":\"%s\"}}".formatted(long20k),
            "{\"recipe\":{\"measure\":\"PARTS\",\"parts\":[{\"materialId\":\"%s\",\"amount\":1}],\"doses\":[]}}"
                    .formatted(long20k)
        }) {
            final String answer = http.perform(send("/api/evaluate", body))
                    .andExpect(status().is4xxClientError())
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            assertThat(answer).hasSizeLessThan(2500).doesNotContain("x".repeat(100));
        }
        http.perform(ask("/api/pottings/{id}", long20k.substring(0, 400)))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail", containsString("Allowed: an id such as")));
    }

    /** What is left out where something has to be said is asked for, also where it is one of a few. */
    @ParameterizedTest
    @CsvSource({
        "POST, /api/devices/probe/sittings, medium",
        "POST, /api/pottings/00000000-0000-0000-0000-000000000001/events, kind",
        "POST, /api/batches/00000000-0000-0000-0000-000000000001/mixing/taps, kind",
        "POST, /api/batches/00000000-0000-0000-0000-000000000001/bin/steps, kind",
        "POST, /api/recipes/write, style",
        "POST, /api/season, brief"
    })
    void whatIsLeftOutIsAskedFor(final String method, final String path, final String field) throws Exception {
        final String answer = http.perform(request(HttpMethod.valueOf(method), path)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"id\":\"00000000-0000-0000-0000-000000000002\",\"damped\":false}"))
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).containsIgnoringCase(field);
    }

    @Test
    void anAddressWithoutEndIsTurnedAway() throws Exception {
        http.perform(ask("/api/pottings/{id}", "x".repeat(4000)))
                .andExpect(status().is(414))
                .andExpect(jsonPath("$.detail", containsString("up to 600 characters")));
    }

    /** The same write twice at once with one id: both are told that it is there, and it is stored once. */
    @Test
    void theSameToldTwiceAtOnceIsStoredOnce() throws Exception {
        final ExecutorService two = Executors.newFixedThreadPool(4);
        try {
            for (int round = 0; round < 25; round++) {
                final UUID id = UUID.randomUUID();
                final String blend = "{\"id\":\"%s\",\"name\":\"Twice %d\",\"brief\":%s,\"recipe\":%s}"
                        .formatted(id, round, brief(), PEAT);
                final Callable<Integer> tell = () -> http.perform(send("/api/blends", blend))
                        .andReturn()
                        .getResponse()
                        .getStatus();
                final List<Integer> answers = new ArrayList<>();
                for (final Future<Integer> each : two.invokeAll(List.of(tell, tell, tell, tell))) {
                    answers.add(each.get());
                }
                assertThat(answers).as("round %d", round).containsOnly(200);
                http.perform(ask("/api/blends/{id}", id))
                        .andExpect(status().isOk())
                        .andExpect(jsonPath("$.name").value("Twice " + round));
            }
        } finally {
            two.shutdown();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"https://plants.example", "http://127.0.0.1:9999", "null"})
    void anotherPageChangesNothing(final String origin) throws Exception {
        http.perform(post("/api/house/check").header("Host", "127.0.0.1:8080").header("Origin", origin))
                .andExpect(status().isForbidden());
        http.perform(post("/api/house/check").header("Sec-Fetch-Site", "cross-site"))
                .andExpect(status().isForbidden());
        http.perform(ask("/api/units").header("Origin", origin)).andExpect(status().isOk());
        http.perform(post("/api/house/check")
                        .header("Host", "127.0.0.1:8080")
                        .header("Origin", "http://127.0.0.1:8080")
                        .header("Sec-Fetch-Site", "same-origin"))
                .andExpect(status().isOk());
    }

    @Test
    void bodiesAreJsonOnly() throws Exception {
        http.perform(post("/api/evaluate")
                        .contentType(MediaType.parseMediaType("application/yaml"))
                        .content("recipe: {}"))
                .andExpect(status().isUnsupportedMediaType());
        http.perform(post("/api/evaluate").contentType(MediaType.TEXT_PLAIN).content("{}"))
                .andExpect(status().isUnsupportedMediaType());
    }

    @Test
    void nothingOfTheServerIsShown() throws Exception {
        final String answer = http.perform(change("/api/blends/{id}", "{}", UUID.randomUUID()))
                .andExpect(status().is4xxClientError())
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat(answer).doesNotContain("Exception", "java.", "looseknit.server", "Hibernate", "SQL");
        http.perform(send("/api/targets", recipe("peat", 1))).andExpect(status().is4xxClientError());
    }
}
