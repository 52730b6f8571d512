package looseknit.server.frame;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeMap;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.config.ConfigurableBeanFactory;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@ApiTest
class FrameTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JsonMapper json;

    @Autowired
    private ConfigurableBeanFactory beans;

    @Test
    void everyAnswerCarriesTheHeaders() throws Exception {
        http.perform(ask("/api/units"))
                .andExpect(status().isOk())
                .andExpect(header().string("Content-Security-Policy", containsString("script-src 'self';")))
                .andExpect(header().string("Content-Security-Policy", not(containsString("unsafe-eval"))))
                .andExpect(header().string(
                                "Content-Security-Policy",
                                matchesPattern(".*style-src-elem 'self' 'nonce-[\\w-]{24}';.*")))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"))
                .andExpect(header().string("X-Frame-Options", "DENY"))
                .andExpect(jsonPath("$.volume[?(@.id == 'US_QUART')].factor").value(0.946352946));
    }

    @Test
    void answersToItsOwnNameOnly() throws Exception {
        http.perform(ask("/api/units").with(request -> {
                    request.setServerName("plants.example");
                    return request;
                }))
                .andExpect(status().is(421));
    }

    @Test
    void refusesWhatIsTooLargeOrOfUnknownLength() throws Exception {
        http.perform(send("/api/evaluate", " ".repeat((int) Guard.LARGEST_BODY + 1)))
                .andExpect(status().isContentTooLarge())
                .andExpect(content().contentTypeCompatibleWith("application/problem+json"));
        http.perform(send("/api/evaluate", "{}").header("Transfer-Encoding", "chunked"))
                .andExpect(status().isLengthRequired());
    }

    /** A page from a browser's own store would carry a nonce that no answer names. */
    @Test
    void thePageIsSentAnewWithTheNonceOfItsAnswer() throws Exception {
        for (int time = 0; time < 2; time++) {
            final var answer = http.perform(ask("/blends").header("If-Modified-Since", "Fri, 01 Jan 2100 00:00:00 GMT"))
                    .andExpect(status().isOk())
                    .andExpect(header().doesNotExist("Last-Modified"))
                    .andReturn()
                    .getResponse();
            final String nonce =
                    String.valueOf(answer.getHeader("Content-Security-Policy")).replaceAll(".*'nonce-([^']+)'.*", "$1");
            assertThat(answer.getContentAsString()).contains("content=\"" + nonce + "\"");
        }
    }

    @Test
    void theClockworkStopsBeforeTheStoreIsClosed() {
        assertThat(beans.getDependentBeans("entityManagerFactory")).contains("taskScheduler");
    }

    @Test
    void theConsoleOfTheStoreIsOff() throws Exception {
        http.perform(ask("/h2-console.html")).andExpect(status().isNotFound());
    }

    @Test
    void theCommittedOpenApiDocumentIsFresh() throws Exception {
        final String served =
                http.perform(ask("/api/openapi")).andReturn().getResponse().getContentAsString();
        final Path committed = Path.of("..", "web", "api", "openapi.json");

        if (Boolean.getBoolean("looseknit.api.write")) {
            Files.writeString(
                    committed,
                    JsonMapper.builder()
                                    .enable(SerializationFeature.INDENT_OUTPUT)
                                    .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                                    .build()
                                    .writeValueAsString(json.readValue(served, TreeMap.class))
                            + "\n");
        }
        assertThat(json.readTree(served))
                .as("web/api/openapi.json is stale: run ./loose-knit api")
                .isEqualTo(json.readTree(Files.readString(committed)));
    }
}
