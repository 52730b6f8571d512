package looseknit.server.reading;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

@ApiTest
class EvaluateApiTest {

    @Autowired
    private MockMvc http;

    @Test
    void readsEverythingUnderAFullBrief() throws Exception {
        http.perform(send("/api/evaluate", "{\"recipe\":%s,\"brief\":%s}".formatted(recipe("peat", 3), brief())))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.readings", hasSize(13)))
                .andExpect(jsonPath("$.readings[0].quality").value("AIR"))
                .andExpect(jsonPath("$.readings[0].unit").value("%"))
                .andExpect(jsonPath("$.readings[0].targetLow").exists())
                .andExpect(jsonPath("$.readings[0].explanation.formula", containsString("pores")))
                .andExpect(jsonPath("$.shares[0]", closeTo(0.6, 1e-9)))
                .andExpect(jsonPath("$.rowLitres", hasSize(2)))
                .andExpect(jsonPath("$.oneMore", hasSize(2)));
    }

    @Test
    void needsOnlyARecipe() throws Exception {
        http.perform(send("/api/evaluate", "{\"recipe\":%s}".formatted(recipe("peat", 3))))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.readings[*].quality", hasItem("PH")))
                .andExpect(jsonPath("$.mixLitres").doesNotExist())
                .andExpect(jsonPath("$.fits").value(false));
    }

    @ParameterizedTest(name = "{0} -> {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "\"topCm\":14 | \"topCm\":-14 | The width of the pot at the rim is -14. Allowed: 2 to 200 cm.",
                "\"everyDays\":6 | \"everyDays\":0 | The days between waterings is 0. Allowed: 0.5 to 120 days.",
                "\"humidityPercent\":50 | \"humidityPercent\":500 | The humidity of the place is 500. Allowed: 5 to 100 %.",
                "\"amount\":3.0 | \"amount\":-3 | Amount of Sphagnum peat is -3. Allowed: 0 to 10000 parts or per cent.",
                "\"peat\" | \"moon_dust\" | The Book has no material \"moon_dust\". Pick one from the list."
            })
    void saysWhatIsWrongWhereAndWhatWouldDo(final String right, final String wrong, final String sentence)
            throws Exception {
        final String body = "{\"recipe\":%s,\"brief\":%s}".formatted(recipe("peat", 3), brief());

        http.perform(send("/api/evaluate", body.replace(right, wrong)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().contentTypeCompatibleWith("application/problem+json"))
                .andExpect(jsonPath("$.detail").value(sentence))
                .andExpect(jsonPath("$.field").exists());
    }

    @Test
    void namesTheNearestForAnUnknownPlant() throws Exception {
        http.perform(send(
                        "/api/evaluate",
                        "{\"recipe\":%s,\"brief\":%s}"
                                .formatted(recipe("peat", 3), brief().replace("peace_lily", "peece lilly"))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("no plant \"peece lilly\". Nearest: Peace lily")));
    }

    @Test
    void namesTheChoicesForAWordItDoesNotKnow() throws Exception {
        http.perform(send(
                        "/api/evaluate",
                        "{\"recipe\":%s,\"brief\":%s}".formatted(recipe("peat", 3), brief().replace("PLASTIC", "TIN"))))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath(
                        "$.detail", containsString("\"TIN\". Allowed: one of [PLASTIC, GLAZED, CLAY, GLASS, SLATS]")));
    }

    @Test
    void refusesNothingAtAllAndWhatIsNotJson() throws Exception {
        http.perform(send(
                        "/api/evaluate",
                        "{\"recipe\":%s}".formatted(recipe("peat", 0).replace(":2}", ":0}"))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(
                        jsonPath("$.detail", containsString("Allowed: at least one material with an amount above 0.")));
        http.perform(send("/api/evaluate", "{\"recipe\":{}}")).andExpect(status().isUnprocessableContent());
        http.perform(send("/api/evaluate", "four of bark"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail").value("The request is not readable JSON."));
        http.perform(send(
                        "/api/evaluate",
                        "{\"recipe\":%s}".formatted(recipe("peat", 3).replace("3.0", "\"NaN\""))))
                .andExpect(status().is4xxClientError());
    }

    @Test
    void givesPotsByVolume() throws Exception {
        http.perform(ask("/api/pots/by-volume?litres=2"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.litresToRim", closeTo(2, 1e-6)))
                .andExpect(jsonPath("$.pot.topCm", greaterThan(14.0)));
        http.perform(ask("/api/pots/by-volume?litres=-2"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The volume of the pot is -2")));
        http.perform(ask("/api/pots/by-volume?litres=big"))
                .andExpect(status().isBadRequest())
                .andExpect(content().contentTypeCompatibleWith("application/problem+json"));
    }
}
