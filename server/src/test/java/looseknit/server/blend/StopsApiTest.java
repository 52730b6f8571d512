package looseknit.server.blend;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.fill;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** A stop holds up a batch until somebody sets it aside knowingly; the blend stays marked. */
@ApiTest
class StopsApiTest {

    @Autowired
    private MockMvc http;

    private final UUID blend = UUID.randomUUID();

    @BeforeEach
    void aBlendWithBeachSand() throws Exception {
        http.perform(send("/api/blends", """
                        {"id":"%s","name":"Shore","brief":{"stage":"ESTABLISHED"},"recipe":%s}
                        """.formatted(blend, recipe("beach_sand", 1))))
                .andExpect(status().isOk());
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend))
                .andExpect(status().isOk());
    }

    @Test
    void theBatchWaitsUntilTheStopIsSetAside() throws Exception {
        batch().andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("Beach sand brings sea salt")))
                .andExpect(jsonPath("$.detail", containsString("set the stop aside")));

        accept("\"beach_sand\"").andExpect(status().isOk()).andExpect(jsonPath("$.accepted", contains("beach_sand")));
        batch().andExpect(status().isOk());
        http.perform(ask("/api/blends"))
                .andExpect(
                        jsonPath("$.cards[?(@.blend.id == '%s')].stops[0].accepted".formatted(blend), contains(true)));

        accept("").andExpect(jsonPath("$.accepted", hasSize(0)));
        batch().andExpect(status().isUnprocessableContent());
    }

    @Test
    void onlyStopsCanBeSetAside() throws Exception {
        accept("\"dust\"").andExpect(status().isUnprocessableContent());
        accept("\"no_such_rule\"")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("Only a stop can be set aside")));
    }

    @Test
    void everyRuleCanBeReadWithoutAPlant() throws Exception {
        http.perform(ask("/api/cautions"))
                .andExpect(jsonPath("$[?(@.why =~ /.*[{].*/)]", hasSize(0)))
                .andExpect(jsonPath("$[?(@.id == 'poison')].defers", contains(containsString("doctor"))));
    }

    private ResultActions accept(final String ids) throws Exception {
        final int revision = JsonPath.read(
                http.perform(ask("/api/blends/{id}", blend))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.revision");
        return http.perform(change(
                "/api/blends/{id}/accepted", "{\"ruleIds\":[%s],\"revision\":%d}".formatted(ids, revision), blend));
    }

    private ResultActions batch() throws Exception {
        return http.perform(send("/api/batches", """
                {"id":"%s","blendId":"%s","versionNumber":1,"fills":%s,"reserve":0.05,"scoopLitres":0.5,"tubLitres":20}
                """.formatted(UUID.randomUUID(), blend, fill(2, 14))));
    }
}
