package looseknit.server.frame;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.fill;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Lists show what was kept: no more is asked of the store for many rows than for few. */
@ApiTest
class ListsApiTest {

    @Autowired
    private MockMvc http;

    private UUID blend(final String name, final double amount) throws Exception {
        return blend(name, recipe("peat", amount));
    }

    private UUID blend(final String name, final String recipe) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send("/api/blends", """
                        {"id":"%s","name":"%s","brief":%s,"recipe":%s}""".formatted(id, name, brief(), recipe)))
                .andExpect(status().isOk());
        return id;
    }

    private void potted(final UUID blend, final String label) throws Exception {
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend))
                .andExpect(status().isOk());
        final UUID batch = UUID.randomUUID();
        http.perform(send("/api/batches", """
                        {"id":"%s","blendId":"%s","versionNumber":1,"fills":%s,"reserve":0.05,"scoopLitres":0.5,"tubLitres":20}""".formatted(batch, blend, fill(3, 14))))
                .andExpect(status().isOk());
        http.perform(send("/api/pottings", """
                        {"id":"%s","label":"%s","brief":%s,"batchId":"%s","pottedOn":"2026-01-02"}""".formatted(UUID.randomUUID(), label, brief(), batch)))
                .andExpect(status().isOk());
    }

    /** How many statements the store is asked by a request, without those of what goes on in the background. */
    private long queriesOf(final String path) throws Exception {
        long fewest = Long.MAX_VALUE;
        // what changed lately is read first by the request that comes next: the fewest are those of the list
        for (int time = 0; time < 4; time++) {
            final long before = CountedStatements.ofThisThread();
            http.perform(ask(path)).andExpect(status().isOk());
            fewest = Math.min(fewest, CountedStatements.ofThisThread() - before);
        }
        return fewest;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/blends",
                "/api/blends?plantId=jade&order=FIT",
                "/api/blends/names",
                "/api/batches",
                "/api/pottings",
                "/api/today",
                "/api/year"
            })
    void askForAFixedNumberOfThings(final String path) throws Exception {
        potted(blend("Few", 3), "one");
        potted(blend("Few again", 5), "two");
        final long few = queriesOf(path);
        for (int i = 0; i < 9; i++) {
            potted(blend("Many " + i, 4 + i), "pot " + i);
        }
        assertThat(queriesOf(path)).isEqualTo(few).isPositive();
    }

    @Test
    void blendsToChooseFromAreTheLastChangedAndThoseOfATypedName() throws Exception {
        final UUID wanted = blend("Quay 100%_mix", 3);
        blend("Quay 100 and more", 3);
        http.perform(ask("/api/blends/names"))
                .andExpect(jsonPath("$.further").value(false))
                .andExpect(jsonPath("$.names[0].name").value("Quay 100 and more"))
                .andExpect(jsonPath("$.names[1].id").value(wanted.toString()));
        http.perform(ask("/api/blends/names?text= UAY 100%_"))
                .andExpect(jsonPath("$.names[*].id", contains(wanted.toString())));
        http.perform(ask("/api/blends/names?text=" + "y".repeat(201))).andExpect(status().isUnprocessableContent());
    }

    @Test
    void theSwatchBookIsSiftedSortedAndComesInPages() throws Exception {
        final UUID airy = blend("Loft mix 100%", 0.5);
        final UUID dense = blend("Loft mix dense", 9);
        http.perform(ask("/api/blends?text=LOFT mix&order=NAME"))
                .andExpect(jsonPath("$.total").value(2))
                .andExpect(jsonPath("$.cards[*].blend.id", contains(airy.toString(), dense.toString())));
        http.perform(ask("/api/blends?text=100%&order=NAME"))
                .andExpect(jsonPath("$.total").value(1));
        http.perform(ask("/api/blends?text=loft&page=2147483647&size=200"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cards", hasSize(0)));
        http.perform(ask("/api/blends?text=loft&order=WATER"))
                .andExpect(jsonPath("$.cards[*].blend.id", contains(dense.toString(), airy.toString())));
        http.perform(ask("/api/blends?text=loft&order=AIR&size=1&page=1"))
                .andExpect(jsonPath("$.total").value(2))
                .andExpect(jsonPath("$.cards[*].blend.id", contains(dense.toString())));
        http.perform(ask("/api/blends?text=loft&materialId=peat&materialId=perlite_coarse"))
                .andExpect(jsonPath("$.total").value(2));
        http.perform(send("/api/own-materials", """
                        {"id":"own_of_no_blend","facts":{"name":"Loft dust","plain":{"matter":"DENSE_STONE","fromMm":1,"toMm":3}}}""")).andExpect(status().isOk());
        http.perform(ask("/api/blends?text=loft&materialId=peat&materialId=own_of_no_blend"))
                .andExpect(jsonPath("$.total").value(0))
                .andExpect(jsonPath("$.materialIds", hasItem("peat")))
                .andExpect(jsonPath("$.materialIds", not(hasItem("own_of_no_blend"))));
        http.perform(ask("/api/blends?text=loft&group=nobody")).andExpect(jsonPath("$.cards", hasSize(0)));
        http.perform(ask("/api/blends?size=5000")).andExpect(status().isUnprocessableContent());
    }

    @Test
    void aCardShowsWhatItsBlendReadsAtOnceAndInTheUnitsAsked() throws Exception {
        final UUID id = blend("Quick card", 3);
        final String path = "/api/blends?text=quick card";
        final String weight = "$.cards[0].readings[?(@.quality == 'WEIGHT')].unit";
        http.perform(ask(path)).andExpect(jsonPath(weight, contains("kg")));
        http.perform(ask(path + "&units=us")).andExpect(jsonPath(weight, contains("lb")));
        http.perform(change("/api/blends/{id}", """
                        {"revision":0,"name":"Quick card","brief":%s,"recipe":{"measure":"PARTS","parts":[],"doses":[]}}""".formatted(brief()), id)).andExpect(status().isOk());
        http.perform(ask(path))
                .andExpect(jsonPath("$.cards[0].readings", hasSize(0)))
                .andExpect(jsonPath("$.cards[0].headline").doesNotExist());
    }

    /** The weight of a lot is measured: every card with that material reads it, though nobody touches the blend. */
    @Test
    void cardsAreReadAnewAfterAMaterialHasChanged() throws Exception {
        blend("Weighed card", recipe("akadama", 3));
        final String weight = "$.cards[0].readings[?(@.quality == 'WEIGHT')].value";
        final String path = "/api/blends?text=weighed card";
        final Object before = JsonPath.read(body(path), weight);

        http.perform(send("/api/shelf/lots", """
                        {"id":"%s","facts":{"materialId":"akadama","sold":"LOOSE_LITRES","amount":20,"swell":0,"leftLitres":20,
                         "fed":false,"rinsed":false,"quarantined":false,"measured":{"bulkDensityGPerL":300}}}""".formatted(UUID.randomUUID()))).andExpect(status().isOk());

        for (int i = 0; i < 200 && !body(path).contains("\"toRead\":0,"); i++) {
            Thread.sleep(50);
        }
        assertThat(body(path)).contains("\"toRead\":0,");
        final Object after = JsonPath.read(body(path), weight);
        assertThat(after).isNotEqualTo(before);
    }

    private String body(final String path) throws Exception {
        return http.perform(ask(path)).andReturn().getResponse().getContentAsString();
    }
}
