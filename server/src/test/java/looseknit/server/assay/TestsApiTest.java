package looseknit.server.assay;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThan;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

@ApiTest
class TestsApiTest {

    private static final String AIRY = """
            {"kind":"DRAINAGE","containerL":1,"heightCm":12,"waterInL":0.85,"drainedL":0.45}""";

    @Autowired
    private MockMvc http;

    @Autowired
    private Assays assays;

    private final UUID blend = UUID.randomUUID();

    @BeforeEach
    void startFresh() throws Exception {
        http.perform(send(
                        "/api/blends",
                        "{\"id\":\"%s\",\"name\":\"Porch\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(blend, brief(), recipe("vermiculite", 3))))
                .andExpect(status().isOk());
    }

    @Test
    void aTestMovesTheReadingsOfItsBlendAndOfOthersWithTheMaterial() throws Exception {
        final double air = air("vermiculite", blend.toString());
        final double airOfOther = air("vermiculite", null);
        final double spreadOfOther = spread("vermiculite");
        final UUID test = UUID.randomUUID();

        make(test, AIRY).andExpect(status().isOk()).andExpect(jsonPath("$.findings", hasSize(2)));
        make(test, AIRY).andExpect(status().isOk());

        http.perform(ask("/api/blends/{id}/tests", blend))
                .andExpect(jsonPath("$.tests", hasSize(1)))
                .andExpect(jsonPath("$.tests[0].findings[1].measured", closeTo(45, 1e-9)))
                .andExpect(jsonPath("$.lots[0].air", greaterThan(1.0)))
                .andExpect(jsonPath("$.lots[0].airSd", lessThan(6.0)));
        assertThat(air("vermiculite", blend.toString())).isGreaterThan(air + 5);
        assertThat(air("vermiculite", null)).isGreaterThan(airOfOther + 1);
        assertThat(spread("vermiculite")).isLessThan(spreadOfOther);

        http.perform(delete("/api/tests/{id}", test)).andExpect(status().isNoContent());
        assertThat(air("vermiculite", blend.toString())).isCloseTo(air, org.assertj.core.api.Assertions.within(1e-9));
        http.perform(MockMvcRequestBuilders.post("/api/tests/{id}/restore", test))
                .andExpect(status().isOk());
        assertThat(air("vermiculite", blend.toString())).isGreaterThan(air + 5);
        assays.remove(test);
    }

    @Test
    void aTestThatCannotBeIsRefusedInASentence() throws Exception {
        make(UUID.randomUUID(), AIRY.replace("0.45", "0.95"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(
                        jsonPath("$.detail", containsString("The water that ran out is 0.95. Allowed: 0 to 0.85 L")));
        make(UUID.randomUUID(), "{\"kind\":\"WEIGHING\",\"containerL\":1,\"heightCm\":10,\"wetG\":700}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The dry weight is missing")));
        http.perform(send(
                        "/api/blends/{id}/tests",
                        "{\"id\":\"%s\",\"madeOn\":\"2999-01-01\",\"test\":%s}".formatted(UUID.randomUUID(), AIRY),
                        blend))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The day of the test is 2999-01-01")));
        http.perform(ask("/api/blends/{id}/tests", blend)).andExpect(jsonPath("$.tests", hasSize(0)));
    }

    @Test
    void everyKindOfTestIsKept() throws Exception {
        make(UUID.randomUUID(), "{\"kind\":\"WEIGHING\",\"containerL\":1,\"heightCm\":10,\"wetG\":700,\"dryG\":110}")
                .andExpect(status().isOk());
        make(UUID.randomUUID(), "{\"kind\":\"SQUEEZE\",\"shows\":\"FEW_DROPS\"}")
                .andExpect(status().isOk());
        make(UUID.randomUUID(), "{\"kind\":\"PONDING\",\"depthCm\":2,\"seconds\":6}")
                .andExpect(status().isOk());
        make(UUID.randomUUID(), "{\"kind\":\"PH\",\"reading\":6.1,\"method\":\"PROBE\",\"weeks\":2}")
                .andExpect(status().isOk());

        http.perform(ask("/api/blends/{id}/tests", blend)).andExpect(jsonPath("$.tests", hasSize(4)));
        assays.of(blend).forEach(test -> assays.remove(test.id()));
    }

    private org.springframework.test.web.servlet.ResultActions make(final UUID id, final String test) throws Exception {
        return http.perform(send(
                "/api/blends/{id}/tests",
                "{\"id\":\"%s\",\"madeOn\":\"2026-11-01\",\"test\":%s}".formatted(id, test),
                blend));
    }

    private double air(final String material, final String blendId) throws Exception {
        return JsonPath.read(evaluated(material, blendId), "$.readings[0].value");
    }

    private double spread(final String material) throws Exception {
        final String read = evaluated(material, null);
        return JsonPath.<Double>read(read, "$.readings[0].high80") - JsonPath.<Double>read(read, "$.readings[0].low80");
    }

    private String evaluated(final String material, final String blendId) throws Exception {
        final String id = blendId == null ? "null" : "\"" + blendId + "\"";
        return http.perform(send(
                        "/api/evaluate",
                        "{\"recipe\":%s,\"brief\":%s,\"blendId\":%s}".formatted(recipe(material, 3), brief(), id)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }
}
