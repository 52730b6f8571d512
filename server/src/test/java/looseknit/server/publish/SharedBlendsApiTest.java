package looseknit.server.publish;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsInAnyOrder;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** A blend that is passed on arrives with its materials, notes and tests; shown before it is taken; what is hostile is refused. */
@ApiTest
class SharedBlendsApiTest {

    @Autowired
    private MockMvc http;

    private String shared() throws Exception {
        http.perform(send("/api/own-materials", """
                {"id":"own_tide_sand","facts":{"name":"Tide sand","plain":{"matter":"DENSE_STONE","fromMm":1,"toMm":3}}}"""));
        http.perform(send("/api/own-materials", """
                {"id":"own_pier_mix","facts":{"name":"Pier mix","mix":{"parts":[{"materialId":"own_tide_sand","amount":1},
                {"materialId":"peat","amount":2}],"certainty":"KNOWN","fed":false}}}"""));
        final UUID id = UUID.randomUUID();
        http.perform(send("/api/blends", """
                {"id":"%s","name":"From the pier","brief":%s,"recipe":{"measure":"PARTS","parts":[{"materialId":"own_pier_mix","amount":3},
                {"materialId":"perlite_coarse","amount":1}],"doses":[]}}""".formatted(id, brief()))).andExpect(status().isOk());
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"as we mix it here\"}", id))
                .andExpect(status().isOk());
        return http.perform(ask("/api/shared-blends/{id}", id))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.materials", hasSize(2)))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void comesWithAllThatItNeedsAndIsShownFirst() throws Exception {
        final String mine = shared();
        comesWith(mine);
        // again, with the first that came already there under its new id
        comesWith(mine);
    }

    private void comesWith(final String mine) throws Exception {
        final String theirs = mine.replace("Tide sand", "Other sand")
                .replace("\"toMm\":3.0", "\"toMm\":2.0")
                .replace("\"amount\":2.0", "\"amount\":5.0");
        http.perform(send("/api/shared-blends/look", theirs))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name").value("From the pier"))
                .andExpect(jsonPath("$.renamed", containsInAnyOrder("Other sand", "Pier mix")));

        final UUID taken = UUID.randomUUID();
        final String take = "{\"id\":\"%s\",\"blend\":%s}".formatted(taken, theirs);
        http.perform(send("/api/shared-blends/take", take)).andExpect(status().isOk());
        http.perform(send("/api/shared-blends/take", take)).andExpect(status().isOk());
        http.perform(ask("/api/own-materials"))
                .andExpect(jsonPath("$[?(@.facts.name == 'Other sand')].id", contains("own_tide_sand_2")))
                .andExpect(jsonPath("$[?(@.facts.name == 'Tide sand')].id", contains("own_tide_sand")));
        http.perform(ask("/api/blends/{id}/versions", taken))
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].note").value("as we mix it here"));
    }

    @Test
    void goesOutAsItCameIn() throws Exception {
        final String first = shared();
        final UUID taken = UUID.randomUUID();
        http.perform(send("/api/shared-blends/take", "{\"id\":\"%s\",\"blend\":%s}".formatted(taken, first)))
                .andExpect(status().isOk());
        final String again = http.perform(ask("/api/shared-blends/{id}", taken))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(JsonPath.<Object>read(again, "$")).isEqualTo(JsonPath.<Object>read(first, "$"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"From the pier\" | \"<b>From the pier</b>\" | no < and >",
                "\"as we mix it here\" | \"<script>\" | no < and >",
                "\"loose-knit blend\" | \"bread\" | Allowed: loose-knit blend",
                "\"version\":1 | \"version\":7 | written by a newer Loose Knit",
                "\"perlite_coarse\" | \"moon_dust\" | no material",
                "\"amount\":1.0 | \"amount\":1e300 | Allowed",
                "\"materials\":[ | \"materials\":[null, | is empty"
            })
    void whatIsHostileIsRefused(final String what, final String by, final String why) throws Exception {
        http.perform(send("/api/shared-blends/look", shared().replace(what, by)))
                .andExpect(status().is4xxClientError())
                .andExpect(jsonPath("$.detail", containsString(why)));
    }
}
