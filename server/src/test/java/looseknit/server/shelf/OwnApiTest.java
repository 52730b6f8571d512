package looseknit.server.shelf;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@ApiTest
class OwnApiTest {

    @Autowired
    private MockMvc http;

    @Test
    void aJarTellsTheTextureBeforeAnythingIsStored() throws Exception {
        preview("own_yard", "\"name\":\"Yard\"," + soil(4, 8, 10))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.texture.words").value("loam"))
                .andExpect(jsonPath("$.texture.clayPercent", closeTo(20, 1e-9)))
                .andExpect(jsonPath("$.figures[0].value", greaterThan(900.0)));
        http.perform(ask("/api/own-materials")).andExpect(jsonPath("$[*].id", not(hasItem("own_yard"))));
    }

    @ParameterizedTest
    @CsvSource({
        "8, 4, 10, what has settled only grows",
        "4, 8, 7, what has settled only grows",
        "4, 8, 90, 0.5 to 40 cm"
    })
    void aJarThatCannotBeIsRefusedInASentence(
            final double minute, final double hours, final double clear, final String says) throws Exception {
        preview("own_yard", "\"name\":\"Yard\"," + soil(minute, hours, clear))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString(says)));
    }

    @Test
    void aMixIsOpenedToAnyDepthAndCautionsSeeWhatIsInIt() throws Exception {
        store("own_bag", "\"name\":\"Bagged mix\"," + mix("ESTIMATED", true, "peat:3", "castings:1"));
        store("own_base", "\"name\":\"Base\"," + mix("KNOWN", false, "own_bag:1", "perlite_coarse:1"));

        http.perform(ask("/api/materials/own_base/sheet"))
                .andExpect(jsonPath("$.material.mix").value(true))
                .andExpect(jsonPath("$.constituents", hasSize(3)))
                .andExpect(jsonPath(
                        "$.constituents[*].name", hasItems("Sphagnum peat", "Worm castings", "Perlite, coarse")));
        http.perform(send("/api/evaluate", """
                        {"recipe":%s,"brief":{"plantId":"cape_sundew","stage":"ESTABLISHED"}}
                        """.formatted(recipe("own_base", 2))))
                .andExpect(jsonPath("$.cautions[*].id", hasItem("carnivorous_fed")));
    }

    @Test
    void aMixThatWouldContainItselfIsRefusedWithTheLoopNamed() throws Exception {
        store("own_a", "\"name\":\"First\"," + mix("KNOWN", false, "peat:1"));
        store("own_b", "\"name\":\"Second\"," + mix("KNOWN", false, "own_a:1", "peat:1"));

        http.perform(change("/api/own-materials/own_a", """
                        {"revision":0,"facts":{"name":"First",%s}}""".formatted(mix("KNOWN", false, "own_b:1"))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("First")))
                .andExpect(jsonPath("$.detail", containsString("Second")));
        preview("own_c", "\"name\":\"Third\"," + mix("KNOWN", false, "nowhere:1"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("nowhere")));
        preview("peat", "\"name\":\"Third\"," + mix("KNOWN", false, "peat:1"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("own_")));
    }

    @Test
    void whatIsTakenOffTheListIsStillFoundByBlendsThatNameIt() throws Exception {
        store("own_tile", "\"name\":\"Tile\"," + """
                "plain":{"matter":"POROUS_STONE","fromMm":2,"toMm":7,"gPerL":930}""");
        http.perform(ask("/api/materials")).andExpect(jsonPath("$[?(@.id == 'own_tile')].own", contains(true)));

        http.perform(delete("/api/own-materials/own_tile")).andExpect(status().isNoContent());
        http.perform(ask("/api/materials")).andExpect(jsonPath("$[*].id", not(hasItem("own_tile"))));
        http.perform(send("/api/evaluate", "{\"recipe\":%s}".formatted(recipe("own_tile", 2))))
                .andExpect(status().isOk());
        http.perform(post("/api/own-materials/own_tile/restore")).andExpect(status().isOk());
        http.perform(ask("/api/materials")).andExpect(jsonPath("$[*].id", hasItem("own_tile")));
    }

    @Test
    void aChangeOfAnOldRevisionIsRefused() throws Exception {
        store("own_twice", "\"name\":\"Twice\"," + mix("KNOWN", false, "peat:1"));
        final String body = "{\"revision\":0,\"facts\":{\"name\":\"%s\",%s}}";

        http.perform(change("/api/own-materials/own_twice", body.formatted("New", mix("KNOWN", false, "peat:2"))))
                .andExpect(status().isOk());
        http.perform(change("/api/own-materials/own_twice", body.formatted("Late", mix("KNOWN", false, "peat:3"))))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.facts.name").value("New"));
    }

    @Test
    void aMaterialIsFoundThoughItsNameWasMistyped() throws Exception {
        http.perform(send("/api/named", "{\"typed\":\"vermicullite\",\"kinds\":[\"MATERIAL\"]}"))
                .andExpect(jsonPath("$.hits[0].id").value("vermiculite"))
                .andExpect(jsonPath("$.sure").value(false));
    }

    private ResultActions preview(final String id, final String facts) throws Exception {
        return http.perform(send("/api/own-materials/preview", "{\"id\":\"%s\",\"facts\":{%s}}".formatted(id, facts)));
    }

    private void store(final String id, final String facts) throws Exception {
        http.perform(send("/api/own-materials", "{\"id\":\"%s\",\"facts\":{%s}}".formatted(id, facts)))
                .andExpect(status().isOk());
    }

    private static String soil(final double minute, final double hours, final double clear) {
        return """
                "soil":{"afterMinuteCm":%s,"afterHoursCm":%s,"clearCm":%s,"organicPercent":3,"ph":6.5}""".formatted(minute, hours, clear);
    }

    private static String mix(final String certainty, final boolean fed, final String... parts) {
        final StringBuilder body = new StringBuilder();
        for (final String part : parts) {
            final String[] both = part.split(":");
            body.append(body.isEmpty() ? "" : ",")
                    .append("{\"materialId\":\"%s\",\"amount\":%s}".formatted(both[0], both[1]));
        }
        return "\"mix\":{\"parts\":[%s],\"certainty\":\"%s\",\"fed\":%s}".formatted(body, certainty, fed);
    }
}
