package looseknit.server.frame;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.fill;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** One row that cannot be worked out any more keeps nobody from the rest, says what is wrong, and can be mended. */
@ApiTest
class OneBadRowTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate store;

    @Autowired
    private ApplicationEventPublisher events;

    @Test
    void isShownWithWhatIsWrongWithIt() throws Exception {
        final String facts =
                "{\"name\":\"Harbour slag\",\"plain\":{\"matter\":\"DENSE_STONE\",\"fromMm\":2,\"toMm\":5,\"gPerL\":%s}}";
        http.perform(send("/api/own-materials", "{\"id\":\"own_slag\",\"facts\":%s}".formatted(facts.formatted(1400))))
                .andExpect(status().isOk());
        http.perform(send("/api/own-materials", """
                        {"id":"own_over_it","facts":{"name":"Slag and peat","mix":{"parts":[{"materialId":"own_slag","amount":1},
                        {"materialId":"peat","amount":1}],"certainty":"KNOWN","fed":false}}}""")).andExpect(status().isOk());
        final UUID lot = UUID.randomUUID();
        http.perform(send("/api/shelf/lots", """
                        {"id":"%s","facts":{"materialId":"own_slag","sold":"LOOSE_LITRES","amount":20,"swell":0,"leftLitres":20,"price":3,"fed":false,"rinsed":false,"quarantined":false}}""".formatted(lot))).andExpect(status().isOk());
        final UUID blend = UUID.randomUUID();
        http.perform(send(
                        "/api/blends",
                        "{\"id\":\"%s\",\"name\":\"On slag\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(blend, brief(), recipe("own_slag", 2))))
                .andExpect(status().isOk());
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend))
                .andExpect(status().isOk());
        http.perform(send("/api/batches", """
                        {"id":"%s","blendId":"%s","versionNumber":1,"fills":%s,"reserve":0.05,"scoopLitres":0.5}""".formatted(UUID.randomUUID(), blend, fill(3, 14))))
                .andExpect(status().isOk());

        store.update("UPDATE own_material SET facts = REPLACE(facts, '1400', '90000') WHERE id = 'own_slag'");
        events.publishEvent(new MaterialsChanged());

        for (final String list : new String[] {
            "/api/materials",
            "/api/blends",
            "/api/blends/names",
            "/api/shelf/lots",
            "/api/shelf/offers",
            "/api/batches",
            "/api/today",
            "/api/pottings",
            "/api/calendar",
            "/api/house/taken-away",
            "/api/plants"
        }) {
            http.perform(ask(list)).andExpect(status().isOk());
        }
        // a card that has not heard of it yet
        store.update("UPDATE blend_card SET ingredients = 'own_slag' WHERE blend_id = ?", blend);
        http.perform(ask("/api/blends")).andExpect(status().isOk());
        http.perform(ask("/api/own-materials"))
                .andExpect(jsonPath(
                        "$[?(@.id == 'own_slag')].problem",
                        contains(containsString("is 90000. Allowed: 5 to 2500 g/L"))))
                .andExpect(jsonPath("$[?(@.id == 'own_over_it')].problem", contains(containsString("own_slag"))));
        http.perform(ask("/api/shelf/lots"))
                .andExpect(jsonPath("$[?(@.id == '%s')].problem".formatted(lot), contains(containsString("own_slag"))));
        http.perform(change(
                        "/api/own-materials/own_slag",
                        "{\"revision\":0,\"facts\":%s}".formatted(facts.formatted(1400))))
                .andExpect(status().isOk());
        http.perform(ask("/api/own-materials")).andExpect(jsonPath("$[?(@.problem)]", hasSize(0)));
        http.perform(ask("/api/shelf/lots")).andExpect(jsonPath("$[?(@.problem)]", hasSize(0)));
    }
}
