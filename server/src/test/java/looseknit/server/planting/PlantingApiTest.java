package looseknit.server.planting;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.UUID;
import looseknit.core.planting.SetUpKind;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.json.JsonMapper;

/** Set-ups, vessels, placing, roots and newcomers over HTTP. */
@ApiTest
class PlantingApiTest {

    private static final String POT = """
            {"shape":"ROUND","topCm":24,"bottomCm":20,"heightCm":22,"wall":"PLASTIC","base":"ON_FEET","baseCm":0,"layerCm":0}""";

    private static final String PLAIN = """
            {"form":"POT","saucer":false,"holes":4,"holeMm":8,"cover":"MESH","beds":[],"channelCm":0,
             "dressing":"NONE","dressingCm":0,"feed":"NONE","feedGrams":0%s}""";

    @Autowired
    private MockMvc http;

    @Autowired
    private JsonMapper json;

    private static String asked() {
        return "{\"recipe\":%s,\"brief\":%s}".formatted(recipe("peat", 3), brief());
    }

    private static String section(final String more) {
        return "{\"asked\":%s,\"setUp\":%s}".formatted(asked(), PLAIN.formatted(more));
    }

    /** A template is answered as it can be sent back: its section is read, and its work is told. */
    @ParameterizedTest
    @EnumSource(SetUpKind.class)
    void aTemplateCanBeReadAndDone(final SetUpKind kind) throws Exception {
        final String template = http.perform(
                        send("/api/planting/template", "{\"kind\":\"%s\",\"pot\":%s}".formatted(kind, POT)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.choices.length()", greaterThan(2)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final String setUp = json.writeValueAsString(JsonPath.read(template, "$.setUp"));
        final String pot = json.writeValueAsString(JsonPath.read(template, "$.pot"));
        final String asked = asked().replaceFirst("\"pot\":\\{[^}]*}", "\"pot\":" + pot);
        http.perform(send("/api/planting/section", "{\"asked\":%s,\"setUp\":%s}".formatted(asked, setUp)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.days", greaterThan(0.2)))
                .andExpect(jsonPath("$.effects.length()", greaterThan(0)));
        http.perform(send(
                        "/api/planting/plan",
                        "{\"kind\":\"%s\",\"asked\":%s,\"setUp\":%s,\"several\":false}".formatted(kind, asked, setUp)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.length()", greaterThan(7)))
                .andExpect(jsonPath("$[*].step", hasItem("SET")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'\"pole\":{\"kind\":\"FILLED\",\"widthCm\":20,\"heightCm\":60}' | pole is 20 cm thick | at most 7 cm",
                "'\"ball\":{\"widthCm\":8,\"heightCm\":30,\"aboveCm\":0}' | root ball is 30 cm high | at most 12 cm",
            })
    void whatDoesNotGoInIsRefused(final String part, final String what, final String allowed) throws Exception {
        http.perform(send("/api/planting/section", section("," + part)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString(allowed)));
    }

    @Test
    void aPotThatDrainsHasAHole() throws Exception {
        http.perform(send("/api/planting/section", section("").replace("\"holes\":4", "\"holes\":0")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("bog tub or the closed glass")));
    }

    @Test
    void vesselsByWidthVolumeAndWater() throws Exception {
        http.perform(send("/api/planting/vessel", "{\"form\":\"LONG_BOX\",\"litres\":12}"))
                .andExpect(jsonPath("$.pot.lengthOverWidth").value(4.0))
                .andExpect(jsonPath("$.litresToRim", greaterThan(11.99)));
        http.perform(send("/api/planting/vessel/measured", "{\"pot\":%s,\"litres\":6.5}".formatted(POT)))
                .andExpect(jsonPath("$.pot.topCm").value(24.0))
                .andExpect(jsonPath("$.litresToRim", greaterThan(6.49)));
        http.perform(send("/api/planting/vessel/measured", "{\"pot\":%s,\"litres\":650}".formatted(POT)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("to the rim, for this mouth and height")));
        http.perform(send("/api/planting/vessel", "{\"form\":\"TUB\"}")).andExpect(status().isUnprocessableContent());
    }

    @Test
    void placesAreFoundAndMovedOnesMeasured() throws Exception {
        http.perform(send(
                        "/api/planting/placing",
                        "{\"pot\":%s,\"spacing\":\"BULBS_TOUCHING\",\"count\":7,\"ownCm\":5,\"wallCm\":1,\"pattern\":\"RINGS\",\"facing\":\"INWARD\"}"
                                .formatted(POT)))
                .andExpect(jsonPath("$.spots", hasSize(7)))
                .andExpect(jsonPath("$.most", greaterThan(8)));
        http.perform(send("/api/planting/placing/placed", """
                        {"pot":%s,"places":{"spacing":"BULBS_APART","ownCm":3,"wallCm":1,"pattern":"RINGS","facing":"INWARD","byHand":true,
                        "spots":[{"x":0,"y":0,"facingDeg":0},{"x":3,"y":4,"facingDeg":0}]}}""".formatted(POT)))
                .andExpect(jsonPath("$.apartCm").value(5.0))
                .andExpect(jsonPath("$.roomCm").value(6.0))
                .andExpect(jsonPath("$.crowded").value(true))
                .andExpect(jsonPath("$.mouth.round").value(true))
                .andExpect(jsonPath("$.depth", containsString("under the surface")));
        http.perform(send(
                        "/api/planting/placing",
                        "{\"pot\":%s,\"spacing\":\"BULBS_TOUCHING\",\"count\":90,\"ownCm\":5,\"wallCm\":1,\"pattern\":\"RINGS\",\"facing\":\"INWARD\"}"
                                .formatted(POT)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("at most")));
    }

    @Test
    void rootsAndNewcomersAreAnswered() throws Exception {
        http.perform(send("/api/planting/roots", """
                        {"plantId":"pothos","stage":"ESTABLISHED","roots":{"colour":"BLACK","smell":"SOUR","firmness":"SOFT",
                        "growth":"SPARSE","ball":"FALLS_APART","oldMix":"SLUDGE"}}"""))
                .andExpect(jsonPath("$.state").value("MUCH_ROT"))
                .andExpect(jsonPath("$.stage").value("RECOVERING"))
                .andExpect(jsonPath("$.actions.length()", greaterThan(3)));
        http.perform(
                        send(
                                "/api/planting/newcomer",
                                "{\"plantId\":\"pothos\",\"arrivedOn\":\"2099-01-01\",\"suffered\":false,\"flowering\":false,\"southern\":false}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("today or a day before")));
        http.perform(send(
                        "/api/planting/newcomer",
                        "{\"plantId\":\"pothos\",\"suffered\":false,\"flowering\":true,\"southern\":false}"))
                .andExpect(jsonPath("$.shouldWait").value(false))
                .andExpect(jsonPath("$.words[0]", containsString("flowers")));
    }

    @Test
    void potsAreRankedForABall() throws Exception {
        final String small = POT.replace(
                "\"topCm\":24,\"bottomCm\":20,\"heightCm\":22", "\"topCm\":14,\"bottomCm\":11,\"heightCm\":13");
        http.perform(send(
                        "/api/planting/choice",
                        "{\"asked\":%s,\"ball\":{\"widthCm\":10,\"heightCm\":9,\"aboveCm\":0},\"left\":1,\"pots\":[%s,%s]}"
                                .formatted(asked(), POT, small)))
                .andExpect(jsonPath("$[0].fit").value("RIGHT"))
                .andExpect(jsonPath("$[0].pot.topCm").value(14.0))
                .andExpect(jsonPath("$[1].fit").value("TOO_BIG"));
    }

    /** What is usual can be sent back as it came, and a section says how far its seams may go. */
    @Test
    void whatIsUsualCanBeTaken() throws Exception {
        final String usual = http.perform(send("/api/planting/usual", POT))
                .andExpect(jsonPath("$.start.cover").value("MESH"))
                .andExpect(jsonPath("$.poles", hasSize(3)))
                .andExpect(
                        jsonPath("$.dressings[?(@.dressing == 'BARK')].depthCm").value(3.0))
                .andExpect(jsonPath("$.fill").value(0.92))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final String start = json.writeValueAsString(JsonPath.read(usual, "$.start"));
        http.perform(send("/api/planting/section", "{\"asked\":%s,\"setUp\":%s}".formatted(asked(), start)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.seams[0].part").value("SURFACE"))
                .andExpect(jsonPath("$.seams[0].highCm").value(13.0));
    }

    @Test
    void kindsOfPotsAreKeptAndChangedWithCare() throws Exception {
        final UUID id = UUID.randomUUID();
        final String kind = "{\"name\":\"24 cm nursery pots\",\"form\":\"POT\",\"pot\":%s,\"owned\":22%s}";
        http.perform(change("/api/pot-kinds/{id}", kind.formatted(POT, ""), id))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.owned").value(22));
        http.perform(change("/api/pot-kinds/{id}", kind.formatted(POT, ",\"revision\":7"), id))
                .andExpect(status().isOk());
        http.perform(change("/api/pot-kinds/{id}", kind.formatted(POT, "").replace("22", "23"), id))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.owned").value(22));
        http.perform(ask("/api/pot-kinds")).andExpect(jsonPath("$[?(@.id == '%s')]".formatted(id), hasSize(1)));
        http.perform(change("/api/pot-kinds/{id}", kind.formatted(POT, "").replace("24 cm nursery pots", " "), id))
                .andExpect(status().isUnprocessableContent());
        http.perform(delete("/api/pot-kinds/{id}", id)).andExpect(status().isNoContent());
    }
}
