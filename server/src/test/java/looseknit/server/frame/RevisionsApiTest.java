package looseknit.server.frame;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.fill;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.LocalDate;
import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Nothing that another window changed is written over in silence, and nothing that was taken away is lost. */
@ApiTest
class RevisionsApiTest {

    @Autowired
    private MockMvc http;

    private ResultActions refused(final ResultActions told) throws Exception {
        return told.andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("changed in another window")))
                .andExpect(jsonPath("$.current").exists());
    }

    private <T> T read(final ResultActions told, final String path) throws Exception {
        return JsonPath.read(
                told.andExpect(status().isOk()).andReturn().getResponse().getContentAsString(), path);
    }

    private static String place(final double warmth) {
        return """
                {"name":"porch","temperatureC":%s,"humidityPercent":50,"light":"MEDIUM","draught":"STILL"}""".formatted(warmth);
    }

    @Test
    void ofAPlace() throws Exception {
        final int first = read(http.perform(change("/api/places", place(18))), "$.revision");
        read(http.perform(change("/api/places", place(18))), "$.revision");
        refused(http.perform(change("/api/places", place(20))))
                .andExpect(jsonPath("$.current.revision").value(first));
        final int second = read(http.perform(change("/api/places?revision=" + first, place(20))), "$.revision");
        refused(http.perform(change("/api/places?revision=" + first, place(25))));
        assertThat(second).isGreaterThan(first);
        http.perform(ask("/api/places"))
                .andExpect(jsonPath("$[?(@.place.name == 'porch')].place.temperatureC", hasItem(20.0)));
    }

    @Test
    void ofAnOwnPlant() throws Exception {
        final String path = "/api/own-plants/my_attic_fig";
        final String fig = "{\"name\":\"%s\",\"likeId\":\"rubber_plant\"}";
        final int first = read(http.perform(change(path, fig.formatted("Attic fig"))), "$.ownRevision");
        refused(http.perform(change(path, fig.formatted("Other fig"))))
                .andExpect(jsonPath("$.current.name").value("Attic fig"));
        read(http.perform(change(path + "?revision=" + first, fig.formatted("Other fig"))), "$.ownRevision");
        refused(http.perform(change(path + "?revision=" + first, fig.formatted("Third fig"))));
    }

    @Test
    void ofABriefAlsoByItsName() throws Exception {
        final UUID id = UUID.randomUUID();
        final String body = "{\"name\":\"%s\",\"brief\":%s%s}";
        read(http.perform(change("/api/briefs/{id}", body.formatted("Landing lily", brief(), ""), id)), "$.revision");
        final String other = brief().replace("\"everyDays\":6", "\"everyDays\":9");
        refused(http.perform(change("/api/briefs/{id}", body.formatted("landing LILY", other, ""), UUID.randomUUID())));
        final int changed = read(
                http.perform(change("/api/briefs/{id}", body.formatted("Landing lily", other, ",\"revision\":0"), id)),
                "$.revision");
        assertThat(changed).isEqualTo(1);
    }

    @Test
    void ofCountsOnTheShelf() throws Exception {
        final UUID id = UUID.randomUUID();
        read(http.perform(send("/api/shelf/lots", """
                        {"id":"%s","facts":{"materialId":"peat","sold":"LOOSE_LITRES","amount":40,"swell":0,"leftLitres":40,"fed":false,"rinsed":false,"quarantined":false}}""".formatted(id))), "$.revision");
        final String count = "{\"lots\":[{\"id\":\"%s\",\"revision\":%d,\"leftLitres\":%s}]}";
        http.perform(change("/api/shelf/count", count.formatted(id, 0, 30))).andExpect(status().isOk());
        http.perform(change("/api/shelf/count", count.formatted(id, 0, 30))).andExpect(status().isOk());
        refused(http.perform(change("/api/shelf/count", count.formatted(id, 0, 12))))
                .andExpect(jsonPath("$.current[0].facts.leftLitres").value(30.0));
        http.perform(change("/api/shelf/count", count.formatted(id, 1, 12))).andExpect(status().isOk());
    }

    @Test
    void ofABatchThatIsSaidToBeMixedAndOfItsPacks() throws Exception {
        final UUID blend = blend("To be mixed");
        read(http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend)), "$.number");
        final UUID batch = UUID.randomUUID();
        read(http.perform(send("/api/batches", """
                        {"id":"%s","blendId":"%s","versionNumber":1,"fills":%s,"reserve":0.05,"scoopLitres":0.5}""".formatted(batch, blend, fill(3, 14)))), "$.revision");
        final String amounts = "{\"revision\":0,\"fills\":%s,\"reserve\":0.05,\"scoopLitres\":0.5,\"tubLitres\":20}";
        read(http.perform(change("/api/batches/{id}", amounts.formatted(fill(9, 14)), batch)), "$.revision");
        final String today = "{\"mixedOn\":\"%s\",\"revision\":%d}";
        refused(http.perform(change("/api/batches/{id}/mixed", today.formatted(LocalDate.now(), 0), batch)))
                .andExpect(jsonPath("$.current.fills[0].count").value(9));
        http.perform(change("/api/batches/{id}/mixed", today.formatted(LocalDate.now(), 1), batch))
                .andExpect(status().isOk());
        http.perform(change("/api/batches/{id}/mixed", today.formatted(LocalDate.now(), 0), batch))
                .andExpect(status().isOk());

        final String pack = "{\"litres\":%d%s}";
        read(http.perform(change("/api/packs/perlite_coarse", pack.formatted(10, ""))), "$.revision");
        refused(http.perform(change("/api/packs/perlite_coarse", pack.formatted(25, ""))))
                .andExpect(jsonPath("$.current.litres").value(10.0));
        http.perform(change("/api/packs/perlite_coarse", pack.formatted(25, ",\"revision\":0")))
                .andExpect(status().isOk());
    }

    @Test
    void ofStopsThatAreSetAside() throws Exception {
        final UUID blend = blend("With a stop");
        http.perform(change("/api/blends/{id}/accepted", "{\"ruleIds\":[],\"revision\":0}", blend))
                .andExpect(status().isOk());
        read(
                http.perform(change(
                        "/api/blends/{id}",
                        "{\"revision\":0,\"name\":\"With a stop\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(brief(), recipe("peat", 7)),
                        blend)),
                "$.revision");
        refused(http.perform(
                        change("/api/blends/{id}/accepted", "{\"ruleIds\":[\"beach_sand\"],\"revision\":0}", blend)))
                .andExpect(jsonPath("$.current.recipe.parts[0].amount").value(7.0));
    }

    @Test
    void aBlendThatWasTakenAwayTakesNoChangesAndComesBackWithItsVersions() throws Exception {
        final UUID blend = blend("Taken away");
        read(http.perform(send("/api/blends/{id}/versions", "{\"note\":\"as it was\"}", blend)), "$.number");
        http.perform(delete("/api/blends/{id}", blend)).andExpect(status().isNoContent());
        final int revision = read(http.perform(ask("/api/blends/{id}", blend)), "$.revision");
        http.perform(change(
                        "/api/blends/{id}",
                        "{\"revision\":%d,\"name\":\"Still here\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(revision, brief(), recipe("peat", 7)),
                        blend))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("“Taken away” was taken away meanwhile")));
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend))
                .andExpect(status().isUnprocessableContent());
        back("blends", blend.toString());
        http.perform(ask("/api/blends/{id}/versions", blend)).andExpect(jsonPath("$", hasSize(1)));
        http.perform(ask("/api/blends/{id}", blend))
                .andExpect(jsonPath("$.deleted").value(false));
    }

    @Test
    void whatIsTakenAwayIsListedAndComesBack() throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(change("/api/briefs/{id}", "{\"name\":\"Gone brief\",\"brief\":%s}".formatted(brief()), id))
                .andExpect(status().isOk());
        http.perform(delete("/api/briefs/{id}", id)).andExpect(status().isNoContent());
        http.perform(ask("/api/briefs")).andExpect(jsonPath("$[*].name", not(hasItem("Gone brief"))));
        back("briefs", id.toString());
        http.perform(ask("/api/briefs")).andExpect(jsonPath("$[*].name", hasItem("Gone brief")));

        final UUID offer = UUID.randomUUID();
        http.perform(send("/api/shelf/offers", """
                        {"id":"%s","facts":{"materialId":"peat","sold":"LOOSE_LITRES","amount":70,"swell":0,"price":9}}""".formatted(offer))).andExpect(status().isOk());
        http.perform(delete("/api/shelf/offers/{id}", offer)).andExpect(status().isNoContent());
        http.perform(ask("/api/shelf/offers")).andExpect(jsonPath("$[*].id", not(hasItem(offer.toString()))));
        back("offers", offer.toString());
        http.perform(ask("/api/shelf/offers")).andExpect(jsonPath("$[*].id", hasItem(offer.toString())));
    }

    private void back(final String kind, final String id) throws Exception {
        http.perform(ask("/api/house/taken-away"))
                .andExpect(jsonPath("$[?(@.kind == '%s')].id".formatted(kind), hasItem(id)));
        http.perform(post("/api/house/taken-away/{kind}/{id}/restore", kind, id))
                .andExpect(status().isNoContent());
        http.perform(ask("/api/house/taken-away"))
                .andExpect(jsonPath("$[?(@.kind == '%s')].id".formatted(kind), not(hasItem(id))));
    }

    @ParameterizedTest
    @ValueSource(strings = {"blends/00000000-0000-0000-0000-000000000000", "blends/nonsense", "mice/1"})
    void whatIsNotThereIsSaidSo(final String which) throws Exception {
        http.perform(post("/api/house/taken-away/" + which + "/restore")).andExpect(status().isNotFound());
    }

    private UUID blend(final String name) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send(
                        "/api/blends",
                        "{\"id\":\"%s\",\"name\":\"%s\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(id, name, brief(), recipe("peat", 4))))
                .andExpect(status().isOk());
        return id;
    }
}
