package looseknit.server.name;

import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@ApiTest
class NamesApiTest {

    @Autowired
    private MockMvc http;

    private ResultActions named(final String typed, final String more) throws Exception {
        return http.perform(send("/api/named", "{\"typed\":\"%s\"%s}".formatted(typed, more)))
                .andExpect(status().isOk());
    }

    @Test
    void plantsMaterialsBlendsAndWhatThePageOffersAreFoundByOneSearch() throws Exception {
        http.perform(send("/api/blends", """
                        {"id":"%s","name":"Vermicelli bed","brief":{"stage":"ESTABLISHED","plantId":"peace_lily"},
                         "recipe":{"measure":"PARTS","parts":[],"doses":[]}}""".formatted(UUID.randomUUID()))).andExpect(status().isOk());
        named("verm", ",\"also\":[{\"id\":\"go-verm\",\"name\":\"Vermin page\"}]")
                .andExpect(jsonPath("$.hits[*].kind", hasItem("ALSO")))
                .andExpect(jsonPath("$.hits[*].kind", hasItem("BLEND")))
                .andExpect(jsonPath("$.hits[*].id", hasItem("castings")))
                .andExpect(jsonPath("$.hits[*].id", hasItem("vermiculite")));
        named("vermicompost", "")
                .andExpect(jsonPath("$.hits[0].id").value("castings"))
                .andExpect(jsonPath("$.hits[0].matched").value("vermicompost"))
                .andExpect(jsonPath("$.sure").value(true));
    }

    @Test
    void aVarietyIsSetAside() throws Exception {
        named("Manjula pothos", ",\"kinds\":[\"PLANT\"]")
                .andExpect(jsonPath("$.hits[0].id").value("pothos"))
                .andExpect(jsonPath("$.aside", contains("manjula")));
    }

    @Test
    void whatIsNotAlikeIsNotFound() throws Exception {
        named("xylophone", "").andExpect(jsonPath("$.hits", empty()));
        named("  ", "").andExpect(jsonPath("$.hits", empty()));
        named("anthurium", ",\"kinds\":[\"MATERIAL\",\"BLEND\"]")
                .andExpect(jsonPath("$.hits[*].kind", not(hasItem("PLANT"))));
    }

    @Test
    void aWrongQuestionIsRefusedInWords() throws Exception {
        http.perform(send("/api/named", "{\"typed\":\"fern\",\"most\":0}"))
                .andExpect(status().isUnprocessableContent());
        http.perform(send("/api/named", "{\"typed\":\"%s\"}".formatted("a".repeat(201))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("between 0 and 200")));
    }

    @Test
    void fourAnswersLeadToAKindOfPlant() throws Exception {
        http.perform(send(
                        "/api/plants-by-looks",
                        "{\"grows\":\"TRAILS\",\"leaf\":\"FLESHY\",\"roots\":\"FINE\",\"from\":\"TREES\"}"))
                .andExpect(jsonPath("$[0].plantId").value("any_epiphytic_vine"))
                .andExpect(jsonPath("$[0].agrees", hasSize(4)))
                .andExpect(jsonPath("$[0].such", hasItem("Wax flower")));
        http.perform(send("/api/plants-by-looks", "{}")).andExpect(jsonPath("$", empty()));
    }
}
