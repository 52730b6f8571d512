package looseknit.server.find;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.ResultActions;

/** Searches over HTTP. */
@ApiTest
class FindsApiTest {

    private static final String CHOSEN =
            "\"among\":\"CHOSEN\",\"chosenIds\":[\"coir_pith\",\"orch_med\",\"perlite_coarse\",\"pumice_med\",\"castings\"]";

    @Autowired
    private MockMvc http;

    private static String find(final String form, final String more) {
        return "{\"form\":\"%s\",\"briefs\":[%s],\"mostMaterials\":3,\"mostParts\":6,%s}"
                .formatted(form, brief(), more);
    }

    private UUID start(final String body) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send("/api/finds/{id}", body, id)).andExpect(status().isOk());
        return id;
    }

    private ResultActions ended(final UUID id) throws Exception {
        ResultActions now = http.perform(ask("/api/finds/{id}", id));
        for (int i = 0; i < 600 && unfinished(now); i++) {
            Thread.sleep(50);
            now = http.perform(ask("/api/finds/{id}", id));
        }
        return now;
    }

    private ResultActions whyNot(final UUID id, final String materialId) throws Exception {
        ResultActions now = http.perform(ask("/api/finds/{id}/why-not?materialId={material}", id, materialId));
        for (int i = 0; i < 600 && !bodyOf(now).contains("\"done\":true"); i++) {
            Thread.sleep(20);
            now = http.perform(ask("/api/finds/{id}/why-not?materialId={material}", id, materialId));
        }
        return now.andExpect(status().isOk());
    }

    private static String bodyOf(final ResultActions now) throws Exception {
        return now.andReturn().getResponse().getContentAsString();
    }

    /** Other tests of the same server put things on the shelf. */
    private void noneOnTheShelf(final String materialId) throws Exception {
        final String lots =
                http.perform(ask("/api/shelf/lots")).andReturn().getResponse().getContentAsString();
        final List<String> ids = JsonPath.read(lots, "$[?(@.facts.materialId=='%s')].id".formatted(materialId));
        for (final String id : ids) {
            http.perform(delete("/api/shelf/lots/{id}", id)).andExpect(status().isNoContent());
        }
    }

    private static boolean unfinished(final ResultActions now) throws Exception {
        final String body = bodyOf(now);
        return body.contains("\"state\":\"WAITING\"") || body.contains("\"state\":\"SEARCHING\"");
    }

    @Test
    void theSameQuestionAskedTwiceIsOneSearch() throws Exception {
        final UUID id = start(find("FIND", CHOSEN));
        http.perform(send("/api/finds/{id}", find("FIND", CHOSEN), id)).andExpect(status().isOk());
        final String first = bodyOf(ended(id).andExpect(jsonPath("$.state").value("DONE")));
        http.perform(send("/api/finds/{id}", find("FIND", CHOSEN), id))
                .andExpect(jsonPath("$.state").value("DONE"));
        assertThat(bodyOf(ended(id))).isEqualTo(first);
    }

    @Test
    void whatWasFoundIsToldInTheUnitsThatAreAsked() throws Exception {
        final UUID id = start(find("FIND", CHOSEN));
        ended(id)
                .andExpect(jsonPath(
                        "$.answer.proposals[0].readings[?(@.quality == 'WEIGHT')].figure",
                        hasItem(containsString("kg"))));
        http.perform(ask("/api/finds/{id}?units=us", id))
                .andExpect(jsonPath(
                        "$.answer.proposals[0].readings[?(@.quality == 'WEIGHT')].figure",
                        hasItem(containsString("lb"))));
        http.perform(ask("/api/finds/{id}?units=stone", id))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("metric or us")));
    }

    /** Whatever lies on the shelf, what comes is usual, told in words, and quick enough to be asked while a sentence is typed. */
    @Test
    void mixesToStartFrom() throws Exception {
        final String body = bodyOf(http.perform(send("/api/starts", "{\"brief\":%s}".formatted(brief())))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.source").exists())
                .andExpect(jsonPath("$.proposals[0].recipe.parts", not(empty()))));
        final List<String> makeUp = JsonPath.read(body, "$.proposals[*].readings[?(@.quality=='MAKE_UP')].verdict");
        assertThat(makeUp).hasSizeBetween(1, 3).containsOnly("FITS");
        http.perform(send("/api/starts", "{\"brief\":{\"stage\":\"ESTABLISHED\"}}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("a plant: without one there is nothing to aim at")));
    }

    @Test
    void theCommonestAreToldWithTheirPacks() throws Exception {
        http.perform(ask("/api/shelf/commonest"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(20)))
                .andExpect(jsonPath("$[0].packLitres", greaterThan(1.0)));
    }

    /** A school that is wished for is kept to, and stored with a brief it comes back. */
    @Test
    void aSchoolIsKeptTo() throws Exception {
        final String onBark = brief().replaceFirst(
                        "\\{",
                        "{\"spread\":1.5,\"wishes\":{\"noCompost\":false,\"mineralOnly\":false,"
                                + "\"cheap\":false,\"light\":false,\"school\":\"BARK\"},");
        http.perform(send("/api/starts", "{\"brief\":%s}".formatted(onBark)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.proposals[*].titles[*]", hasItem("BARK")));
    }

    @Test
    void findsAndTellsWhy() throws Exception {
        final UUID id = start(find("FIND", CHOSEN + ",\"limeId\":\"dolomite\",\"feedId\":\"granules\""));

        ended(id)
                .andExpect(jsonPath("$.state").value("DONE"))
                .andExpect(jsonPath("$.candidates").value(5))
                .andExpect(jsonPath("$.answer.proof.proved").value(true))
                .andExpect(jsonPath("$.answer.proposals[0].titleWords", containsString("the closest")))
                .andExpect(jsonPath("$.answer.proposals[0].fit", greaterThan(50.0)))
                .andExpect(jsonPath("$.answer.proposals[0].readings", hasSize(13)))
                .andExpect(jsonPath("$.answer.proposals[0].toBuy", not(empty())));
        whyNot(id, "peat")
                .andExpect(jsonPath("$.words", containsString("sphagnum peat")))
                .andExpect(jsonPath("$.best").isNotEmpty());
        whyNot(id, "beach_sand").andExpect(jsonPath("$.words", containsString("salt")));
        http.perform(ask("/api/finds/{id}/why-not?materialId=moonstone", id))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void theStreamTellsTheEnd() throws Exception {
        final UUID id = start(find("FIND", CHOSEN));
        ended(id);

        final MvcResult stream = http.perform(ask("/api/finds/{id}/events", id).accept(MediaType.TEXT_EVENT_STREAM))
                .andExpect(request().asyncStarted())
                .andReturn();
        stream.getAsyncResult(Duration.ofSeconds(20).toMillis());

        assertThat(stream.getResponse().getContentAsString())
                .startsWith("data:")
                .contains("\"state\":\"DONE\"");
    }

    @Test
    void betterAndStandIn() throws Exception {
        ended(start(find("IMPROVE", CHOSEN + ",\"recipe\":" + recipe("coir_pith", 3))))
                .andExpect(jsonPath("$.state").value("DONE"))
                .andExpect(jsonPath("$.answer.proposals[0].titleWords").value("the fewest extra parts"))
                .andExpect(jsonPath("$.answer.proposals[0].recipe.parts[0].materialId")
                        .value("coir_pith"));
        ended(start(find("REPLACE", CHOSEN + ",\"row\":1,\"recipe\":" + recipe("coir_pith", 3))))
                .andExpect(jsonPath("$.state").value("DONE"))
                .andExpect(jsonPath("$.answer.proposals[0].summary", containsString("in its place")));
        http.perform(send("/api/finds/{id}", find("IMPROVE", CHOSEN), UUID.randomUUID()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("There is no blend yet")));
    }

    @Test
    void leftoversAndNothing() throws Exception {
        ended(start(find("USE_UP", CHOSEN)))
                .andExpect(jsonPath("$.state").value("DONE"))
                .andExpect(jsonPath("$.answer.proposals", not(empty())));
        ended(start(find("USE_UP", "\"among\":\"CHOSEN\",\"chosenIds\":[]")))
                .andExpect(jsonPath("$.state").value("DONE"))
                .andExpect(jsonPath("$.answer.proposals", empty()))
                .andExpect(jsonPath("$.answer.said[0]", containsString("There is nothing to mix")));
    }

    @Test
    void plantsThatShare() throws Exception {
        final String both = "{\"form\":\"SHARED\",\"briefs\":[%s,%s],\"mostMaterials\":3,\"mostParts\":6,%s}"
                .formatted(brief(), brief().replace("peace_lily", "moth_orchid"), CHOSEN);
        ended(start(both))
                .andExpect(jsonPath("$.state").value("DONE"))
                .andExpect(jsonPath("$.answer.splits", hasSize(2)))
                .andExpect(jsonPath("$.answer.splits[0].groups[0].plants", hasSize(2)));
        http.perform(send("/api/finds/{id}", find("SHARED", CHOSEN), UUID.randomUUID()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("2 to 8")));
    }

    @Test
    void wrongInputIsSaid() throws Exception {
        refused(
                find("FIND", CHOSEN).replace("\"mostMaterials\":3", "\"mostMaterials\":9"),
                "The number of materials is 9");
        refused(find("FIND", CHOSEN).replace("\"mostParts\":6", "\"mostParts\":0"), "1 to 16");
        refused(find("FIND", CHOSEN).replace("\"plantId\":\"peace_lily\",", ""), "a plant");
        refused(find("FIND", "\"among\":\"CHOSEN\",\"chosenIds\":[\"moonstone\"]"), "no material \"moonstone\"");
        refused(find("FIND", CHOSEN + ",\"limeId\":\"moonstone\""), "no amendment \"moonstone\"");
        refused(
                find(
                        "FIND",
                        CHOSEN + ",\"shares\":[{\"materialId\":\"orch_med\",\"leastPercent\":60,\"mostPercent\":20}]"),
                "The greatest share is 20");
        http.perform(ask("/api/finds/{id}", UUID.randomUUID())).andExpect(status().isNotFound());
    }

    private void refused(final String body, final String detail) throws Exception {
        http.perform(send("/api/finds/{id}", body, UUID.randomUUID()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString(detail)));
    }

    @Test
    void stopsAtOnceAndTellsWhatItHad() throws Exception {
        final StringBuilder many = new StringBuilder();
        MaterialBook.shipped().materials().stream()
                .filter(Material::forRecipes)
                .limit(50)
                .forEach(each -> many.append(many.isEmpty() ? "" : ",")
                        .append('"')
                        .append(each.id())
                        .append('"'));
        final UUID id = start(find("FIND", "\"among\":\"CHOSEN\",\"chosenIds\":[%s]".formatted(many))
                .replace("\"mostMaterials\":3,\"mostParts\":6", "\"mostMaterials\":5,\"mostParts\":16"));
        // the same id again changes nothing
        http.perform(send("/api/finds/{id}", find("FIND", CHOSEN), id)).andExpect(status().isOk());

        http.perform(delete("/api/finds/{id}", id)).andExpect(status().isNoContent());

        ended(id).andExpect(jsonPath("$.state").value("CANCELLED")).andExpect(jsonPath("$.says", not("")));
    }

    /** What must be in the blend is taken though it is not among the rest, and is marked as to be bought. */
    @Test
    void whatMustBeInItIsBought() throws Exception {
        noneOnTheShelf("exp_slate");
        ended(
                        start(
                                find(
                                        "FIND",
                                        CHOSEN
                                                + ",\"shares\":[{\"materialId\":\"exp_slate\",\"leastPercent\":20,\"mostPercent\":100}]")))
                .andExpect(jsonPath("$.candidates").value(6))
                .andExpect(jsonPath("$.answer.proposals[0].recipe.parts[*].materialId", hasItem("exp_slate")))
                .andExpect(jsonPath("$.answer.proposals[0].toBuy[*].materialId", hasItem("exp_slate")));
    }

    @Test
    void whatMustNotGoInIsLeftOut() throws Exception {
        final String sundew = find(
                        "FIND", "\"among\":\"CHOSEN\",\"chosenIds\":[\"peat\",\"compost\",\"perlite_coarse\"]")
                .replace("peace_lily", "cape_sundew");

        ended(start(sundew))
                .andExpect(jsonPath("$.candidates").value(2))
                .andExpect(jsonPath("$.leftOut[0].materialId").value("compost"))
                .andExpect(jsonPath("$.leftOut[0].why", not("")));
    }
}
