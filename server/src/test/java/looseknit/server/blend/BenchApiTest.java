package looseknit.server.blend;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.UUID;
import java.util.stream.Stream;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** What the bench asks of the server beside readings: briefs, text, swaps, pots, versions, the swatch book. */
@ApiTest
class BenchApiTest {

    @Autowired
    private MockMvc http;

    private UUID blend(final String name, final String recipe) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send(
                        "/api/blends",
                        "{\"id\":\"%s\",\"name\":\"%s\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(id, name, brief(), recipe)))
                .andExpect(status().isOk());
        return id;
    }

    private int revision(final UUID id) throws Exception {
        return JsonPath.read(
                http.perform(ask("/api/blends/{id}", id))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.revision");
    }

    private ResultActions card(final ResultActions cards, final UUID id, final String what, final Object value)
            throws Exception {
        return cards.andExpect(jsonPath("$.cards[?(@.blend.id == '%s')].%s".formatted(id, what), hasItem(value)));
    }

    @Test
    void keepsBriefsUnderANameOnce() throws Exception {
        final UUID id = UUID.randomUUID();
        final String body = "{\"name\":\"%s\",\"revision\":0,\"brief\":%s}";

        http.perform(change("/api/briefs/{id}", body.formatted("Landing lilies", brief()), id))
                .andExpect(status().isOk());
        http.perform(change(
                        "/api/briefs/{id}",
                        body.formatted("landing lilies", brief().replace("\"everyDays\":6", "\"everyDays\":9")),
                        UUID.randomUUID()))
                .andExpect(jsonPath("$.id").value(id.toString()));

        http.perform(ask("/api/briefs"))
                .andExpect(jsonPath("$[?(@.id == '%s')].brief.habit.everyDays".formatted(id), hasItem(9.0)));
        http.perform(change("/api/briefs/{id}", body.formatted(" ", brief()), UUID.randomUUID()))
                .andExpect(status().isUnprocessableContent());
        http.perform(delete("/api/briefs/{id}", id)).andExpect(status().isNoContent());
        http.perform(delete("/api/briefs/{id}", id)).andExpect(status().isNotFound());
    }

    @Test
    void writesARecipeInThePersonsUnits() throws Exception {
        final String body =
                "{\"style\":\"SCOOPS\",\"recipe\":{\"measure\":\"PARTS\",\"parts\":[{\"materialId\":\"peat\",\"amount\":3}],"
                        + "\"doses\":[{\"amendmentId\":\"dolomite\",\"gPerL\":2}]}}";

        http.perform(send("/api/recipes/write", body))
                .andExpect(jsonPath("$.lines", contains("3 scoops Sphagnum peat", "2 g per litre Dolomite")));
        http.perform(send("/api/recipes/write?units=us", body))
                .andExpect(jsonPath("$.lines[1]").value("0.267 oz per gallon Dolomite"));
    }

    @Test
    void readsARecipeThatWasWrittenAsText() throws Exception {
        http.perform(send("/api/recipes/read", "{\"text\":\"2 cups coir pith, 1 perlite\",\"scoopLitres\":0.5}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.lines", hasSize(2)))
                .andExpect(jsonPath("$.lines[0].certain").value(true))
                .andExpect(jsonPath("$.lines[1].certain").value(false))
                .andExpect(jsonPath("$.lines[1].choices[*].id", hasItems("perlite_fine", "perlite_coarse")))
                .andExpect(jsonPath("$.notes", not(empty())));
        http.perform(send("/api/recipes/read", "{\"text\":\"  \",\"scoopLitres\":0.5}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("1 to 4000 characters")));
    }

    @Test
    void tellsSwapsAndPotsBesideTheMix() throws Exception {
        final String asked = "{\"recipe\":%s,\"brief\":%s}".formatted(recipe("peat", 3), brief());

        http.perform(send("/api/swaps", "{\"asked\":%s,\"row\":0}".formatted(asked)))
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].materialId").value("perlite_coarse"))
                .andExpect(jsonPath("$[0].changes", not(empty())));
        http.perform(send("/api/swaps", "{\"asked\":%s,\"row\":7}".formatted(asked)))
                .andExpect(status().isUnprocessableContent());
        http.perform(send("/api/pot-and-mix", asked))
                .andExpect(jsonPath("$.rows[*].wall", hasItems("PLASTIC", "GLAZED", "CLAY")))
                .andExpect(jsonPath("$.columns[?(@.asIs)].recipe.parts[0].amount", hasItem(3.0)));
        http.perform(send("/api/pot-and-mix", "{\"recipe\":%s}".formatted(recipe("peat", 3))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("plant, pot and place")));
    }

    @Test
    void versionsSayWhatIsNewAndCanBeBranched() throws Exception {
        final UUID id = blend("First", recipe("peat", 3));
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"start\"}", id))
                .andExpect(status().isOk());
        http.perform(change(
                        "/api/blends/{id}",
                        "{\"revision\":%s,\"name\":\"First\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(revision(id), brief().replace("PLASTIC", "CLAY"), recipe("peat", 4)),
                        id))
                .andExpect(status().isOk());
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"more peat\"}", id))
                .andExpect(jsonPath("$.changes[0]").value("sphagnum peat 3 → 4 parts"))
                .andExpect(jsonPath("$.changes[1]", containsString("unglazed clay")));
        http.perform(ask("/api/blends/{id}/versions", id))
                .andExpect(jsonPath("$", hasSize(2)))
                .andExpect(jsonPath("$[0].changes", hasSize(2)))
                .andExpect(jsonPath("$[1].changes", empty()))
                .andExpect(jsonPath("$[1].headline", not(empty())));

        final UUID branch = UUID.randomUUID();
        http.perform(send(
                        "/api/blends/{id}/branch",
                        "{\"id\":\"%s\",\"name\":\"Second\",\"version\":1}".formatted(branch),
                        id))
                .andExpect(jsonPath("$.recipe.parts[0].amount").value(3.0))
                .andExpect(jsonPath("$.branchedFrom").value(id.toString()))
                .andExpect(jsonPath("$.branchedVersion").value(1));
        http.perform(send(
                        "/api/blends/{id}/branch",
                        "{\"id\":\"%s\",\"name\":\"Third\",\"version\":9}".formatted(UUID.randomUUID()),
                        id))
                .andExpect(status().isNotFound());
    }

    private void comeInOrder(final String order, final UUID... blends) throws Exception {
        http.perform(ask("/api/blends?text=read anew&plantId=my_read_anew&order=" + order))
                .andExpect(jsonPath(
                        "$.cards[*].blend.id",
                        contains(Stream.of(blends).map(UUID::toString).toArray())));
    }

    @Test
    void whatIsReadForAnotherPlantFollowsItsBlendAndThePlant() throws Exception {
        final UUID id = blend("Read anew", recipe("scoria", 6));
        final UUID other = blend("Read anew, wetter", recipe("peat", 6));
        final String ownPlant = """
                {"name":"Read anew for","likeId":"%s","note":""}""";
        final int revision = JsonPath.read(
                http.perform(change("/api/own-plants/my_read_anew", ownPlant.formatted("barrel_cactus")))
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.ownRevision");
        comeInOrder("FIT", id, other);
        comeInOrder("AIR", id, other);
        comeInOrder("NAME", id, other);
        comeInOrder("CHANGED", other, id);

        http.perform(change("/api/own-plants/my_read_anew?revision=" + revision, ownPlant.formatted("cape_sundew")))
                .andExpect(status().isOk());
        comeInOrder("FIT", other, id);

        http.perform(change("/api/blends/{id}", """
                        {"revision":0,"name":"Read anew","brief":%s,"recipe":%s}""".formatted(brief(), recipe("peat", 9)), id))
                .andExpect(status().isOk());
        comeInOrder("AIR", other, id);
    }

    @Test
    void theSwatchBookNoticesTheSameMixAndReadsForAnyPlant() throws Exception {
        final UUID one = blend("Seven of grit", recipe("granite_grit", 7));
        final UUID other = blend(
                "Same in per cent",
                recipe("granite_grit", 77.8).replace("PARTS", "PERCENT").replace(":2}", ":22.2}"));

        card(http.perform(ask("/api/blends")), one, "sameAs[*].name", "Same in per cent");
        card(http.perform(ask("/api/blends")), other, "sameAs[*].name", "Seven of grit");
        card(http.perform(ask("/api/blends")), one, "groupName", "moist-growing foliage plants");
        http.perform(ask("/api/blends?plantId=barrel_cactus"))
                .andExpect(jsonPath("$.cards[?(@.fit > 100)]", empty()))
                .andExpect(jsonPath("$.cards[?(@.fit >= 0)]", not(empty())));
        http.perform(ask("/api/blends?plantId=moonflower_of_nowhere")).andExpect(status().isUnprocessableContent());

        http.perform(send("/api/blends/{id}/archive", "", one))
                .andExpect(jsonPath("$.archived").value(true));
        card(http.perform(ask("/api/blends")), one, "blend.archived", true);
        http.perform(send("/api/blends/{id}/unarchive", "", one))
                .andExpect(jsonPath("$.archived").value(false));
    }
}
