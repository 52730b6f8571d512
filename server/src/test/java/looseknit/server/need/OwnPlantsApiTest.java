package looseknit.server.need;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
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

/** Plants of the person's own, and briefs with all that they can say. */
@ApiTest
class OwnPlantsApiTest {

    @Autowired
    private MockMvc http;

    @Test
    void aPlantIsCopiedAndOnlyWhatDiffersIsTold() throws Exception {
        http.perform(change("/api/own-plants/my_stove_aloe", """
                        {"name":"Stove aloe","likeId":"aloe_vera","airLowPercent":40,"airHighPercent":60,"note":"Bears heat."}"""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.airPercent.low").value(40.0))
                .andExpect(jsonPath("$.groupId").value("desert"))
                .andExpect(jsonPath("$.differs", hasItem("air")))
                .andExpect(jsonPath("$.own.likeId").value("aloe_vera"));
        http.perform(send("/api/named", "{\"typed\":\"stove aloo\",\"kinds\":[\"PLANT\"]}"))
                .andExpect(jsonPath("$.hits[0].id").value("my_stove_aloe"));
        http.perform(send("/api/targets", "{\"plantId\":\"my_stove_aloe\",\"stage\":\"ESTABLISHED\"}"))
                .andExpect(jsonPath("$.targets[0].words").value("40–60 %"));

        http.perform(delete("/api/own-plants/my_stove_aloe")).andExpect(status().isNoContent());
        http.perform(ask("/api/plants")).andExpect(jsonPath("$[*].id", not(hasItem("my_stove_aloe"))));
        http.perform(send("/api/targets", "{\"plantId\":\"my_stove_aloe\",\"stage\":\"ESTABLISHED\"}"))
                .andExpect(status().isOk());
        http.perform(post("/api/own-plants/my_stove_aloe/restore")).andExpect(status().isNoContent());
        http.perform(ask("/api/plants")).andExpect(jsonPath("$[*].id", hasItem("my_stove_aloe")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "my_x | {\"name\":\"X\",\"likeId\":\"nothing\"} | a plant of the Book to copy",
                "my_x | {\"name\":\"X\",\"likeId\":\"jade\",\"airLowPercent\":60,\"airHighPercent\":40} | Allowed: 60 to 95 %",
                "my_x | {\"name\":\"X\",\"likeId\":\"jade\",\"phLow\":-1} | 0 to 12",
                "my_x | {\"name\":\"X\",\"likeId\":\"jade\",\"rootDepthCm\":900} | 2 to 80 cm",
                "jade | {\"name\":\"X\",\"likeId\":\"jade\"} | my_ and then small letters"
            })
    void whatCannotBeIsRefusedInASentence(final String id, final String body, final String says) throws Exception {
        http.perform(change("/api/own-plants/{id}", body, id))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString(says)));
    }

    @Test
    void contradictionsOfABriefAreToldWithWaysOutBeforeAnythingIsComposed() throws Exception {
        http.perform(send("/api/targets", """
                        {"plantId":"cheese_plant","companionIds":["living_stones"],"stage":"ESTABLISHED",
                         "pot":{"shape":"ROUND","topCm":17,"bottomCm":12,"heightCm":15,"wall":"PLASTIC","base":"NO_HOLES","baseCm":3,"layerCm":0},
                         "place":{"name":"cellar","temperatureC":18,"humidityPercent":75,"light":"BRIGHT","draught":"STILL","dailyLightMol":1.2},
                         "habit":{"everyDays":3,"amount":"THOROUGHLY","hand":"STEADY","water":"HARD_TAP","alkalinityMgPerL":300,"waterEcDsPerM":2},
                         "wishes":{"mineralOnly":true,"noCompost":false,"cheap":false,"light":false}}"""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.targets", hasSize(greaterThan(6))))
                .andExpect(jsonPath("$.contradictions[*].id", hasItem("company")))
                .andExpect(jsonPath("$.contradictions[*].id", hasItem("dark")))
                .andExpect(jsonPath("$.contradictions[*].id", hasItem("drowned")))
                .andExpect(jsonPath(
                        "$.contradictions[?(@.id == 'water')].waysOut[0].after.brief.habit.water", contains("RAIN")))
                .andExpect(jsonPath(
                        "$.contradictions[?(@.id == 'slow')].waysOut[?(@.after.brief.habit.everyDays > 3)]",
                        not(empty())));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"companionIds\":[\"fernn\"] | Nearest: ",
                "\"wishes\":{\"lifeYears\":90,\"noCompost\":false,\"mineralOnly\":false,\"cheap\":false,\"light\":false} | 0.5 to 20 years",
                "\"wishes\":{\"mostMaterials\":0,\"noCompost\":false,\"mineralOnly\":false,\"cheap\":false,\"light\":false} | 1 to 12 materials"
            })
    void aBriefThatCannotBeIsRefusedInASentence(final String part, final String says) throws Exception {
        http.perform(send("/api/targets", "{\"plantId\":\"jade\",\"stage\":\"ESTABLISHED\",%s}".formatted(part)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString(says)));
    }
}
