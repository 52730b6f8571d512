package looseknit.server.outcome;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import looseknit.server.ApiTest;
import looseknit.server.batch.MixedBatch;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.ResultActions;

/** What did well: watched, lost, told of, put side by side. */
@ApiTest
@Import(MixedBatch.Time.class)
class OutcomesApiTest extends MixedBatch {

    private UUID one;
    private UUID other;

    @BeforeEach
    void potUp() throws Exception {
        one = potted("Lily", "landing");
        other = potted("Yard lily", "yard");
    }

    private ResultActions tell(final UUID of, final String kind, final String words) throws Exception {
        return http.perform(send(
                        "/api/pottings/{id}/events",
                        "{\"id\":\"%s\",\"kind\":\"%s\",\"words\":\"%s\"}".formatted(UUID.randomUUID(), kind, words),
                        of))
                .andExpect(status().isOk());
    }

    private String of(final String by, final String key) throws Exception {
        final String all = http.perform(ask("/api/outcomes?by=" + by))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        final List<Object> found = JsonPath.read(all, "$[?(@.key=='%s')]".formatted(key));
        assertThat(found).as("%s in %s", key, all).hasSize(1);
        return JsonPath.parse(found.get(0)).jsonString();
    }

    @Test
    void countsWhoLivedHowTheyDoAndHowFastTheyDried() throws Exception {
        later(Duration.ofDays(100));
        tell(other, "LOST", "nobody knows");
        tell(one, "POOR", "");
        later(Duration.ofDays(1));
        tell(one, "THRIVING", "two flowers");
        later(Duration.ofDays(300));
        final String fared = of("BLEND", blend.toString());

        assertThat((Integer) JsonPath.read(fared, "$.plants")).isEqualTo(2);
        assertThat((Integer) JsonPath.read(fared, "$.lost")).isEqualTo(1);
        assertThat((Integer) JsonPath.read(fared, "$.thriving")).isEqualTo(1);
        assertThat((Integer) JsonPath.read(fared, "$.poor")).isZero();
        assertThat((Boolean) JsonPath.read(fared, "$.few")).isTrue();
        assertThat((Double) JsonPath.read(fared, "$.afterAYear.share")).isEqualTo(0.5);
    }

    @Test
    void blendsAreListedWithWhatTheirPotsDid() throws Exception {
        later(Duration.ofDays(400));
        final String all = json("/api/outcomes/blends?plant=peace_lily");

        assertThat(JsonPath.<List<List<String>>>read(all, "$[?(@.blend=='%s')].words".formatted(blend)))
                .singleElement()
                .asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.list(String.class))
                .containsExactly("2 pots, 100 % live after a year");
        assertThat(json("/api/outcomes/blends?plant=barrel_cactus")).doesNotContain(blend.toString());
    }

    @Test
    void flowersAndFeedsAreCounted() throws Exception {
        tell(one, "FED", "");
        later(Duration.ofDays(200));
        tell(one, "FED", "");
        tell(one, "FLOWERED", "three");
        tell(one, "FLOWERED", "again");
        later(Duration.ofDays(165));
        final String fared = of("BLEND", blend.toString());

        assertThat((Integer) JsonPath.read(fared, "$.flowered")).isEqualTo(1);
        assertThat(number(fared, "$.feedsPerYear")).isEqualTo(1.0);
        http.perform(send(
                        "/api/pottings/{id}/events",
                        "{\"id\":\"%s\",\"kind\":\"LEAVES\",\"words\":\"\"}".formatted(UUID.randomUUID()),
                        one))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("how many leaves it has")));
        http.perform(send(
                        "/api/pottings/{id}/events",
                        "{\"id\":\"%s\",\"kind\":\"LEAVES\",\"words\":\"\",\"amount\":14}".formatted(UUID.randomUUID()),
                        one))
                .andExpect(status().isOk());
    }

    @Test
    void aYearIsToldAndALotIsTraced() throws Exception {
        later(Duration.ofDays(30));
        final String before = json("/api/year?year=2026");
        tell(one, "FED", "");
        http.perform(send(
                        "/api/pottings/{id}/events",
                        "{\"id\":\"%s\",\"kind\":\"FED\",\"words\":\"\",\"amount\":2.5}".formatted(UUID.randomUUID()),
                        one))
                .andExpect(status().isOk());
        tell(other, "LOST", "slugs");
        final String year = json("/api/year?year=2026");

        assertThat(number(year, "$.feeds")).isEqualTo(number(before, "$.feeds") + 2);
        assertThat(number(year, "$.fedGrams")).isEqualTo(number(before, "$.fedGrams") + 2.5);

        assertThat(JsonPath.<List<String>>read(year, "$.lost[?(@.id=='%s')].words".formatted(other)))
                .containsExactly("slugs");
        assertThat(JsonPath.<List<Object>>read(year, "$.mixed[?(@.name=='Sill mix')]"))
                .hasSize(1);
        assertThat(number(year, "$.potted")).isGreaterThanOrEqualTo(2);
        assertThat(number(json("/api/year?year=1999"), "$.potted")).isZero();

        final String recall = json("/api/recall?batch={id}", batch);
        assertThat(JsonPath.<List<String>>read(recall, "$.pots[*].id"))
                .containsExactlyInAnyOrder(one.toString(), other.toString());
        http.perform(ask("/api/recall?batch={id}", UUID.randomUUID())).andExpect(status().isNotFound());
        http.perform(ask("/api/recall")).andExpect(status().isUnprocessableContent());
        http.perform(ask("/api/pot-labels.pdf?ids={id}&note=Look again", one)).andExpect(status().isOk());
        http.perform(ask("/api/pot-labels.pdf?ids={id}&note={note}", one, "x".repeat(61)))
                .andExpect(status().isUnprocessableContent());
    }

    @ParameterizedTest
    @ValueSource(strings = {"BLEND", "LOT", "PLANT", "GROUP", "WALL", "PLACE"})
    void putsThemTogetherByWhatTheyHaveInCommon(final String by) throws Exception {
        http.perform(ask("/api/outcomes?by=" + by))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[*].name").value(not(hasItem("?"))))
                .andExpect(jsonPath("$[*].plants").isNotEmpty());
    }

    @Test
    void comparesTwoPlacesAndSaysThatFewAreFew() throws Exception {
        later(Duration.ofDays(400));
        http.perform(ask("/api/outcomes/comparison?by=PLACE&one=landing&other=yard"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.words").value(hasItem(containsString("different places"))));
        http.perform(ask("/api/outcomes/comparison?by=PLACE&one=landing&other=nowhere"))
                .andExpect(status().isNotFound());
    }

    @Test
    void asksAfterAFewThatWereLongNotToldOf() throws Exception {
        http.perform(ask("/api/outcomes/to-ask"))
                .andExpect(jsonPath("$[?(@.id=='%s')]".formatted(one)).isEmpty());
        later(Duration.ofDays(3000));
        final String asked = http.perform(ask("/api/outcomes/to-ask"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        final List<String> ids = JsonPath.read(asked, "$[*].id");

        assertThat(ids).isNotEmpty().hasSizeLessThanOrEqualTo(3);
        tell(UUID.fromString(ids.get(0)), "FAIR", "");
        http.perform(ask("/api/outcomes/to-ask")).andExpect(jsonPath("$[*].id").value(not(hasItem(ids.get(0)))));
    }
}
