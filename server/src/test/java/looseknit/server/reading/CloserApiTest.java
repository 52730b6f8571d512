package looseknit.server.reading;

import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.both;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThan;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** The closer look at a blend over HTTP: doses, outlook, season, layers, stability, chance. */
@ApiTest
class CloserApiTest {

    private static final String PLAN = """
            {"days":90,"everyDays":6,"scatterDays":1,"way":"THOROUGHLY","rainMmPerWeek":0,"saucerL":0,
             "dressing":"NONE","startDay":80,"seed":4}""";

    @Autowired
    private MockMvc http;

    @Test
    void theDoseForAPh() throws Exception {
        ask("/api/doses/lime", lime("dolomite", 5.8))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.gPerL", both(greaterThan(0.5)).and(lessThan(8.0))))
                .andExpect(jsonPath("$.atDate.value", closeTo(5.8, 1e-6)));
        ask("/api/doses/lime", lime("dolomite", 3.5))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("as far as dolomite can bring this mix")));
        ask("/api/doses/lime", lime("moonstone", 5.8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("no amendment \"moonstone\"")));
    }

    @Test
    void theSieveCounts() throws Exception {
        final String coarse = lime("lime", 5.5)
                .replaceFirst(
                        "}$",
                        ",\"neutralisingPercent\":90,\"sieve\":{\"under025Percent\":10,\"under085Percent\":20,\"under24Percent\":40}}");

        ask("/api/doses/lime", coarse).andExpect(status().isOk()).andExpect(jsonPath("$.gPerL", greaterThan(4.0)));
        ask("/api/doses/lime", coarse.replace("\"under025Percent\":10", "\"under025Percent\":80"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The sum of the sieve shares")));
    }

    @Test
    void theDoseForFood() throws Exception {
        ask(
                        "/api/doses/feed",
                        "{\"asked\":%s,\"amendmentId\":\"granules\",\"goalNMgPerL\":300,\"litres\":10}"
                                .formatted(asked()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.grams", closeTo(19.2, 1.0)));
        ask(
                        "/api/doses/feed",
                        "{\"asked\":%s,\"amendmentId\":\"lime\",\"goalNMgPerL\":300,\"litres\":10}".formatted(asked()))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void whatBecomesOfIt() throws Exception {
        ask(
                        "/api/outlook",
                        "{\"asked\":%s,\"alkalinityMeqPerL\":4,\"litresPerLWeek\":0.6,\"feedAcidMeqPerLWeek\":0}"
                                .formatted(asked()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.weeks", hasSize(14)))
                .andExpect(jsonPath("$.weeks[13].ph", greaterThan(5.5)))
                .andExpect(jsonPath("$.months", hasSize(13)))
                .andExpect(jsonPath("$.years", hasSize(21)))
                .andExpect(jsonPath("$.years[20].heightPercent", lessThan(80.0)));
    }

    @Test
    void aSeasonForTwoMixesAlike() throws Exception {
        ask(
                        "/api/season",
                        "{\"mixes\":[{\"recipe\":%s},{\"recipe\":%s}],\"brief\":%s,\"plan\":%s}"
                                .formatted(recipe("peat", 3), recipe("orch_med", 3), brief(), PLAN))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(2)))
                .andExpect(jsonPath("$[0].gonePercent", hasSize(90)))
                .andExpect(jsonPath("$[0].account.drained", greaterThan(0.0)));
        ask(
                        "/api/season",
                        "{\"mixes\":[{\"recipe\":%s}],\"brief\":{\"stage\":\"ESTABLISHED\"},\"plan\":%s}"
                                .formatted(recipe("peat", 3), PLAN))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The plant is not named")));
        ask(
                        "/api/season",
                        "{\"mixes\":[{\"recipe\":%s}],\"brief\":%s,\"plan\":%s}"
                                .formatted(recipe("peat", 3), brief(), PLAN.replace("\"days\":90", "\"days\":9000")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath(
                        "$.detail", containsString("The length of the season is 9000. Allowed: 1 to 730 days")));
    }

    @Test
    void layersAndHowItStands() throws Exception {
        final String pot =
                "{\"shape\":\"ROUND\",\"topCm\":16,\"bottomCm\":12,\"heightCm\":15,\"wall\":\"PLASTIC\",\"base\":\"ON_FEET\",\"baseCm\":0,\"layerCm\":0}";
        final String layers = "{\"pot\":%s,\"layers\":[{\"recipe\":%s,\"depthCm\":5},{\"recipe\":%s,\"depthCm\":1}]}";
        ask("/api/pots/layers", layers.formatted(pot, recipe("pebbles", 9), recipe("peat", 3)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.levels", hasSize(2)))
                .andExpect(jsonPath("$.levels[1].overBreak").value(true));
        ask(
                        "/api/pots/layers",
                        layers.formatted(pot, recipe("pebbles", 9), recipe("peat", 3))
                                .replace("\"depthCm\":5", "\"depthCm\":50"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("so that the topmost has room")));
        ask(
                        "/api/pots/standing",
                        "{\"asked\":%s,\"plantKg\":1.5,\"plantCentreCm\":60,\"dressing\":\"NONE\"}".formatted(asked()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.dry.tipsAtDeg", lessThan(15.0)));
    }

    @Test
    void chanceAgreesWithTheQuickRanges() throws Exception {
        ask("/api/chance", "{\"asked\":%s,\"draws\":1000,\"seed\":3}".formatted(asked()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(13)))
                .andExpect(jsonPath("$[0].coveragePercent", closeTo(80, 6)));
        ask("/api/chance", "{\"asked\":%s,\"draws\":1,\"seed\":3}".formatted(asked()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The number of draws is 1")));
    }

    private ResultActions ask(final String path, final String body) throws Exception {
        return http.perform(send(path, body));
    }

    private static String asked() {
        return "{\"recipe\":%s,\"brief\":%s}".formatted(recipe("peat", 3), brief());
    }

    private static String lime(final String id, final double target) {
        return "{\"asked\":%s,\"amendmentId\":\"%s\",\"targetPh\":%s,\"weeks\":8,\"highestPh\":7,\"litres\":20}"
                .formatted(asked(), id, target);
    }
}
