package looseknit.server.shelf;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.json.JsonMapper;

/** The price list of the simulated supplier is shown beside the shelf, and only what is ticked is taken over. */
@ApiTest
class PricesApiTest {

    private static final String PACK =
            "{\"id\":\"%s\",\"facts\":{\"materialId\":\"%s\",\"sold\":\"LOOSE_LITRES\",\"amount\":%d,\"swell\":0,\"price\":%s,\"supplier\":\"mainland boat\"}}";

    @Autowired
    private MockMvc http;

    @Autowired
    private JsonMapper json;

    private String prices() throws Exception {
        return http.perform(ask("/api/shelf/price-list"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private String change(final String prices, final UUID id) {
        return json.writeValueAsString(
                JsonPath.<List<Map<String, Object>>>read(prices, "$.changes[?(@.id == '%s')]".formatted(id))
                        .get(0));
    }

    private String take(final String... changes) {
        return "{\"changes\":[%s]}".formatted(String.join(",", changes));
    }

    @Test
    void isShownFirstAndTakenAsTicked() throws Exception {
        final UUID perlite = UUID.randomUUID();
        final UUID odd = UUID.randomUUID();
        http.perform(send("/api/shelf/offers", PACK.formatted(perlite, "perlite_coarse", 100, "1.5")))
                .andExpect(status().isOk());
        http.perform(send("/api/shelf/offers", PACK.formatted(odd, "vermiculite", 33, "9")))
                .andExpect(status().isOk());
        final String prices = prices();
        http.perform(ask("/api/shelf/price-list"))
                .andExpect(jsonPath("$.supplier").value("mainland boat"))
                .andExpect(jsonPath("$.unknown", contains("Ballast shingle")))
                .andExpect(jsonPath("$.changes[?(@.id == '%s')].becomes".formatted(odd), contains("NO_LONGER_SOLD")));
        final String gone = change(prices, odd);
        // a pack that is out of stock this week is dealt with like one that is not sold any more
        final String dearer = change(prices, perlite);
        final List<String> fresh = JsonPath.read(prices, "$.changes[?(@.becomes == 'NEW')].id");
        final String first = change(prices, UUID.fromString(fresh.get(0)));

        for (int twice = 0; twice < 2; twice++) {
            http.perform(send("/api/shelf/price-list/take", take(gone, dearer, first)))
                    .andExpect(status().isOk());
        }
        final String offers = http.perform(ask("/api/shelf/offers"))
                .andExpect(jsonPath("$[*].id", hasItem(fresh.get(0))))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(JsonPath.<List<String>>read(offers, "$[?(@.id == '%s')].id".formatted(fresh.get(0))))
                .hasSize(1);
        assertThat(JsonPath.<List<String>>read(offers, "$[*].id")).doesNotContain(odd.toString());
        final String after = prices();
        assertThat(JsonPath.<List<String>>read(after, "$.changes[*].id"))
                .doesNotContain(perlite.toString(), odd.toString(), fresh.get(0))
                .hasSize(JsonPath.<List<String>>read(prices, "$.changes[*].id").size() - 3);
    }

    @Test
    void whatWasChangedMeanwhileIsNotWrittenOver() throws Exception {
        final UUID bark = UUID.randomUUID();
        http.perform(send("/api/shelf/offers", PACK.formatted(bark, "vermiculite", 44, "3")))
                .andExpect(status().isOk());
        final String shown = change(prices(), bark);
        http.perform(send("/api/shelf/price-list/take", take(shown.replace("\"price\":3.0", "\"price\":2.0"))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("ask again")));
        // a pack that is there is not written over as if it were new, and none goes for want of a price
        http.perform(send(
                        "/api/shelf/price-list/take",
                        take(shown.replace("NO_LONGER_SOLD", "NEW").replace("\"price\":3.0", "\"price\":2.0"))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("ask again")));
        http.perform(send("/api/shelf/price-list/take", take(shown.replace("NO_LONGER_SOLD", "DEARER"))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("no new price")));
        http.perform(send("/api/shelf/price-list/take", "{\"changes\":[{}]}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("is missing")));
        http.perform(ask("/api/shelf/offers")).andExpect(jsonPath("$[*].id", hasItem(bark.toString())));
    }
}
