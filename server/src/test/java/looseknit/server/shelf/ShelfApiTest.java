package looseknit.server.shelf;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import looseknit.server.ApiTest;
import looseknit.server.frame.LotsChanged;
import looseknit.server.frame.MaterialsChanged;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.event.ApplicationEvents;
import org.springframework.test.context.event.RecordApplicationEvents;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@ApiTest
@RecordApplicationEvents
class ShelfApiTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private ApplicationEvents events;

    @Test
    void aLotIsStoredOnceWithThePriceOfAUsableLitre() throws Exception {
        final UUID id = UUID.randomUUID();

        add(id, facts("coir_pith", "BRICK_KG", 5, 14, 60, "\"price\":14"));
        add(id, facts("coir_pith", "BRICK_KG", 5, 14, 60, "\"price\":14"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.fullLitres", closeTo(70, 1e-9)))
                .andExpect(jsonPath("$.pricePerLitre", closeTo(0.2, 1e-9)))
                .andExpect(jsonPath("$.low").value(false));

        http.perform(ask("/api/shelf/lots")).andExpect(jsonPath("$[?(@.id == '%s')]".formatted(id), hasSize(1)));
    }

    @Test
    void whatCannotBeIsRefusedInASentence() throws Exception {
        add(UUID.randomUUID(), facts("coir_pith", "BRICK_KG", 5, 0.5, 60, null))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("1 to 30 L/kg")));
        add(UUID.randomUUID(), facts("pete", "LOOSE_LITRES", 5, 0, 5, null))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("no material \"pete\"")));
        add(UUID.randomUUID(), facts("humus", "LOOSE_LITRES", 5, 0, 5, null))
                .andExpect(status().isUnprocessableContent());
        add(UUID.randomUUID(), facts("loam", "LOOSE_LITRES", 5, 0, -1, null))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("lot.leftLitres"));
        add(UUID.randomUUID(), facts("loam", "LOOSE_LITRES", 5, 0, 5, "\"measured\":{\"ph\":15}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("2 to 12 pH")));
    }

    @Test
    void aChangeOfAnOldRevisionIsRefusedAndShowsWhatStands() throws Exception {
        final UUID id = UUID.randomUUID();
        final int revision = revision(add(id, facts("zeolite", "LOOSE_LITRES", 5, 0, 5, null)));

        http.perform(change(
                        "/api/shelf/lots/{id}", changed(revision, facts("zeolite", "LOOSE_LITRES", 5, 0, 4, null)), id))
                .andExpect(status().isOk());
        http.perform(change(
                        "/api/shelf/lots/{id}", changed(revision, facts("zeolite", "LOOSE_LITRES", 5, 0, 3, null)), id))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.facts.leftLitres").value(4.0));
    }

    @Test
    void whatWasMeasuredOfTheLotInUseStandsForTheBook() throws Exception {
        final String before = sheet("scoria");
        final UUID first = UUID.randomUUID();
        add(first, facts("scoria", "LOOSE_LITRES", 20, 0, 6, """
                        "openedOn":"2026-02-01","measured":{"ph":6.4,"drain":{"heightCm":10,"airPercent":38,"waterPercent":20}}"""))
                .andExpect(jsonPath("$.inUse").value(true));
        http.perform(ask("/api/shelf/lots/{id}/findings", first)).andExpect(jsonPath("$[*].name", hasItem("pH")));
        final UUID second = UUID.randomUUID();
        add(second, facts("scoria", "LOOSE_LITRES", 20, 0, 20, "\"measured\":{\"ph\":8.2}"))
                .andExpect(jsonPath("$.inUse").value(false));

        assertThat(line(sheet("scoria"), "pH", "value")).isBetween(6.4, 7.3);
        assertThat(line(sheet("scoria"), "pH", "sd")).isLessThan(line(before, "pH", "sd"));
        assertThat(line(sheet("scoria"), "air, 10 cm drained", "sd"))
                .isLessThan(line(before, "air, 10 cm drained", "sd"));

        http.perform(change(
                        "/api/shelf/count",
                        "{\"lots\":[{\"id\":\"%s\",\"revision\":0,\"leftLitres\":0}]}".formatted(first)))
                .andExpect(status().isOk());
        assertThat(line(sheet("scoria"), "pH", "value")).isGreaterThan(line(before, "pH", "value"));

        http.perform(delete("/api/shelf/lots/{id}", first)).andExpect(status().isNoContent());
        http.perform(delete("/api/shelf/lots/{id}", second)).andExpect(status().isNoContent());
        assertThat(sheet("scoria")).isEqualTo(before);
        http.perform(post("/api/shelf/lots/{id}/restore", second)).andExpect(status().isOk());
        assertThat(line(sheet("scoria"), "pH", "value")).isGreaterThan(line(before, "pH", "value"));
    }

    @Test
    void thePageOfALargeShelfHasTheFirstLotsOfEachSectionAndTheRestOnAsking() throws Exception {
        final String before = answered("/api/shelf");
        final int lots = 45;
        final List<String> added = new ArrayList<>();
        for (int i = 0; i < lots; i++) {
            final UUID id = UUID.randomUUID();
            added.add(id.toString());
            add(id, facts("sand_river", "LOOSE_LITRES", 900 + i, 0, i == 0 ? 0 : 500, null));
        }
        final UUID bark = UUID.randomUUID();
        add(bark, facts("bark_fine", "LOOSE_LITRES", 20, 0, 20, null));

        final String after = answered("/api/shelf");
        assertThat(JsonPath.<Integer>read(after, "$.count"))
                .isEqualTo(JsonPath.<Integer>read(before, "$.count") + lots + 1);
        assertThat(JsonPath.<Integer>read(after, "$.lowCount"))
                .isEqualTo(JsonPath.<Integer>read(before, "$.lowCount") + 1);
        // all that is left of it but one are full
        assertThat(JsonPath.<List<String>>read(after, "$.low[*].materialId")).doesNotContain("sand_river");
        assertThat(JsonPath.<Double>read(after, "$.largestLitres")).isEqualTo(944);
        assertThat(JsonPath.<List<String>>read(after, "$.there"))
                .contains("sand_river")
                .doesNotHaveDuplicates();
        assertThat(JsonPath.<List<String>>read(after, "$.sections[?(@.section == 'WEIGHT')].lots[*].id"))
                .hasSize(40);
        final int heavy = JsonPath.<List<Integer>>read(after, "$.sections[?(@.section == 'WEIGHT')].count")
                .get(0);

        final List<String> further = JsonPath.read(answered("/api/shelf/sections/WEIGHT"), "$[*].id");
        assertThat(further).hasSize(heavy - 40).endsWith(added.get(lots - 1)).doesNotContain(bark.toString());
        final List<String> all = JsonPath.read(answered("/api/shelf/sections/WEIGHT?from=0"), "$[*].id");
        assertThat(all.subList(0, 40))
                .isEqualTo(JsonPath.<List<String>>read(after, "$.sections[?(@.section == 'WEIGHT')].lots[*].id"));
        assertThat(all.subList(40, heavy)).isEqualTo(further);
        assertThat(JsonPath.<List<String>>read(answered("/api/shelf/sections/WEIGHT?from=1&most=2"), "$[*].id"))
                .isEqualTo(all.subList(1, 3));
        http.perform(ask("/api/shelf/lots/{id}", bark))
                .andExpect(jsonPath("$.facts.leftLitres").value(20.0));

        http.perform(delete("/api/shelf/lots/{id}", bark)).andExpect(status().isNoContent());
        http.perform(ask("/api/shelf/lots/{id}", bark)).andExpect(status().isNotFound());
        http.perform(ask("/api/shelf/sections/WEIGHT?from=-1")).andExpect(status().isUnprocessableContent());
        http.perform(ask("/api/shelf/sections/WEIGHT?most=201")).andExpect(status().isUnprocessableContent());
        http.perform(ask("/api/shelf/sections/STONES"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail", containsString("STONES")));
    }

    @Test
    void whatRunsOutIsAMaterialOfWhichLittleIsLeftInAll() throws Exception {
        final String low = "$.low[?(@.materialId == 'granite_grit')].leftLitres";
        final UUID nearlyUsedUp = UUID.randomUUID();
        add(nearlyUsedUp, facts("granite_grit", "LOOSE_LITRES", 20, 0, 1, null));
        add(UUID.randomUUID(), facts("granite_grit", "LOOSE_LITRES", 20, 0, 0.5, null));
        assertThat(JsonPath.<List<Double>>read(answered("/api/shelf"), low)).containsExactly(1.5);

        final UUID waiting = UUID.randomUUID();
        final int revision = revision(add(waiting, facts("granite_grit", "LOOSE_LITRES", 20, 0, 20, null)));
        assertThat(JsonPath.<List<Double>>read(answered("/api/shelf"), low)).isEmpty();

        http.perform(change(
                        "/api/shelf/lots/{id}",
                        changed(
                                revision,
                                facts("granite_grit", "LOOSE_LITRES", 20, 0, 20, null)
                                        .replace("\"quarantined\":false", "\"quarantined\":true")),
                        waiting))
                .andExpect(jsonPath("$.facts.quarantined").value(true));
        assertThat(JsonPath.<List<Double>>read(answered("/api/shelf"), low)).containsExactly(1.5);
    }

    /** What is left of a lot, and what it cost, is nothing that blends and pots are reckoned with; what was measured of the one in use is. */
    @Test
    void theBookIsReadAnewOnlyWhereItSaysSomethingElse() throws Exception {
        final String before = sheet("calc_clay");
        final UUID plain = UUID.randomUUID();
        final int revision = revision(add(plain, facts("calc_clay", "LOOSE_LITRES", 20, 0, 20, null)));
        http.perform(change(
                        "/api/shelf/lots/{id}",
                        changed(revision, facts("calc_clay", "LOOSE_LITRES", 20, 0, 12, "\"price\":3")),
                        plain))
                .andExpect(jsonPath("$.facts.leftLitres").value(12));
        assertThat(events.stream(LotsChanged.class)).hasSize(2);
        assertThat(events.stream(MaterialsChanged.class)).isEmpty();

        final UUID measured = UUID.randomUUID();
        add(
                measured,
                facts(
                        "calc_clay",
                        "LOOSE_LITRES",
                        20,
                        0,
                        20,
                        "\"openedOn\":\"2026-01-02\",\"measured\":{\"bulkDensityGPerL\":444}"));
        assertThat(events.stream(MaterialsChanged.class)).hasSize(1);
        assertThat(sheet("calc_clay")).isNotEqualTo(before);
        count(measured, 0, 3);
        add(
                UUID.randomUUID(),
                facts("calc_clay", "LOOSE_LITRES", 20, 0, 20, "\"measured\":{\"bulkDensityGPerL\":555}"));
        assertThat(events.stream(MaterialsChanged.class)).as("it is not in use").hasSize(1);

        // the one that was stored first is in use from now on
        count(measured, 1, 0);
        assertThat(events.stream(MaterialsChanged.class)).hasSize(2);
        assertThat(sheet("calc_clay")).isEqualTo(before);
        http.perform(delete("/api/shelf/lots/{id}", plain)).andExpect(status().isNoContent());
        assertThat(events.stream(MaterialsChanged.class))
                .as("the last is in use")
                .hasSize(3);
        assertThat(sheet("calc_clay")).isNotEqualTo(before);
        http.perform(post("/api/shelf/lots/{id}/restore", plain)).andExpect(status().isOk());
        assertThat(sheet("calc_clay")).isEqualTo(before);
        assertThat(events.stream(LotsChanged.class)).hasSize(8);
    }

    private void count(final UUID lot, final int revision, final double litres) throws Exception {
        http.perform(change("/api/shelf/count", """
                        {"lots":[{"id":"%s","revision":%d,"leftLitres":%s}]}""".formatted(lot, revision, litres)))
                .andExpect(status().isOk());
    }

    private String answered(final String path) throws Exception {
        return http.perform(ask(path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aCountIsStoredWholeOrNotAtAll() throws Exception {
        final UUID one = UUID.randomUUID();
        final UUID other = UUID.randomUUID();
        add(one, facts("leca", "LOOSE_LITRES", 10, 0, 10, null));
        add(other, facts("leca", "LOOSE_LITRES", 10, 0, 10, null));

        http.perform(change("/api/shelf/count", """
                        {"lots":[{"id":"%s","revision":0,"leftLitres":1},{"id":"%s","revision":0,"leftLitres":-4}]}""".formatted(one, other)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("0 to 100000 L")));
        http.perform(ask("/api/shelf/lots"))
                .andExpect(jsonPath("$[?(@.id == '%s')].facts.leftLitres".formatted(one), contains(10.0)));

        http.perform(change("/api/shelf/count", """
                        {"lots":[{"id":"%s","revision":0,"leftLitres":1},{"id":"%s","revision":0,"leftLitres":10}]}""".formatted(one, other)))
                .andExpect(jsonPath("$[?(@.id == '%s')].low".formatted(one), contains(true)))
                .andExpect(jsonPath("$[?(@.id == '%s')].low".formatted(other), contains(false)));
    }

    @Test
    void aLotInQuarantineAndARinsedOneChangeWhatIsWarnedOf() throws Exception {
        final UUID id = UUID.randomUUID();
        assertThat(cautions("coir_chips")).contains("coir_salt").doesNotContain("quarantined");

        final int revision = revision(add(id, facts("coir_chips", "LOOSE_LITRES", 10, 0, 10, "\"rinsed\":true")));
        assertThat(cautions("coir_chips")).doesNotContain("coir_salt", "quarantined");

        http.perform(change(
                        "/api/shelf/lots/{id}",
                        changed(revision, facts("coir_chips", "LOOSE_LITRES", 10, 0, 10, "\"quarantined\":true")),
                        id))
                .andExpect(status().isOk());
        assertThat(cautions("coir_chips")).contains("coir_salt", "quarantined");
    }

    /** By hand: 12 L are cheapest as one 20 L bag (7.50) although two small ones would do (8.00); 5 L as one small bag. */
    @Test
    void theCheapestWayToCoverANeed() throws Exception {
        final UUID small = UUID.randomUUID();
        final UUID big = UUID.randomUUID();
        http.perform(send("/api/shelf/buy", "{\"materialId\":\"pebbles\",\"litres\":5}"))
                .andExpect(jsonPath("$.single", hasSize(0)))
                .andExpect(jsonPath("$.cheapest").doesNotExist());
        offer(small, 6, 4);
        offer(big, 20, 7.5);

        http.perform(send("/api/shelf/buy", "{\"materialId\":\"pebbles\",\"litres\":12}"))
                .andExpect(jsonPath("$.single", hasSize(2)))
                .andExpect(jsonPath("$.cheapest.cost", closeTo(7.5, 1e-9)))
                .andExpect(jsonPath("$.cheapest.packs[0].offerId").value(big.toString()))
                .andExpect(jsonPath("$.cheapest.leftOver", closeTo(8, 1e-9)));
        http.perform(send("/api/shelf/buy", "{\"materialId\":\"pebbles\",\"litres\":5}"))
                .andExpect(jsonPath("$.cheapest.packs[0].offerId").value(small.toString()));
        http.perform(send("/api/shelf/buy", "{\"materialId\":\"pebbles\",\"litres\":0}"))
                .andExpect(status().isUnprocessableContent());

        http.perform(delete("/api/shelf/offers/{id}", small)).andExpect(status().isNoContent());
        http.perform(send("/api/shelf/buy", "{\"materialId\":\"pebbles\",\"litres\":5}"))
                .andExpect(jsonPath("$.single", hasSize(1)));
        http.perform(delete("/api/shelf/offers/{id}", small)).andExpect(status().isNotFound());
    }

    @Test
    void packsAndTheirUsualSwellAreToldBeforeAnythingIsStored() throws Exception {
        http.perform(ask("/api/shelf/ways-sold"))
                .andExpect(jsonPath("$[?(@.sold == 'BRICK_KG')].usualSwell", contains(14.0)))
                .andExpect(jsonPath("$[?(@.sold == 'LOOSE_LITRES')].usualSwell", contains(0.0)));
        http.perform(send("/api/shelf/worth", """
                        {"materialId":"peat","sold":"PRESSED_LITRES","amount":70,"swell":1.6,"price":14}"""))
                .andExpect(jsonPath("$.litres", closeTo(112, 1e-9)))
                .andExpect(jsonPath("$.pricePerLitre", closeTo(0.125, 1e-9)));
    }

    @Test
    void theShelfTellsTheBatchWhatAPackCosts() throws Exception {
        add(UUID.randomUUID(), facts("exp_slate", "LOOSE_LITRES", 10, 0, 10, "\"price\":5"));
        final UUID blend = UUID.randomUUID();
        final UUID batch = UUID.randomUUID();
        http.perform(send(
                "/api/blends",
                "{\"id\":\"%s\",\"name\":\"Slates\",\"brief\":%s,\"recipe\":%s}"
                        .formatted(blend, brief(), recipe("exp_slate", 3))));
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend));
        http.perform(send("/api/batches", """
                        {"id":"%s","blendId":"%s","versionNumber":1,"fills":%s,"reserve":0.05,"scoopLitres":0.5,"tubLitres":20}
                        """.formatted(batch, blend, ApiTest.Requests.fill(2, 14))))
                .andExpect(jsonPath("$.plan.materials[0].packLitres").value(10.0))
                .andExpect(jsonPath("$.plan.materials[0].packPrice").value(5.0));
    }

    private ResultActions add(final UUID id, final String facts) throws Exception {
        return http.perform(send("/api/shelf/lots", "{\"id\":\"%s\",\"facts\":%s}".formatted(id, facts)));
    }

    private void offer(final UUID id, final double litres, final double price) throws Exception {
        http.perform(send("/api/shelf/offers", """
                        {"id":"%s","facts":{"materialId":"pebbles","sold":"LOOSE_LITRES","amount":%s,"swell":0,"price":%s}}
                        """.formatted(id, litres, price)))
                .andExpect(status().isOk());
    }

    private static String facts(
            final String material,
            final String sold,
            final double amount,
            final double swell,
            final double left,
            final String more) {
        final StringBuilder body = new StringBuilder();
        for (final String sign : List.of("fed", "rinsed", "quarantined")) {
            if (more == null || !more.contains(sign)) {
                body.append(",\"%s\":false".formatted(sign));
            }
        }
        return """
                {"materialId":"%s","sold":"%s","amount":%s,"swell":%s,"leftLitres":%s%s%s}""".formatted(material, sold, amount, swell, left, body, more == null ? "" : "," + more);
    }

    private static String changed(final int revision, final String facts) {
        return "{\"revision\":%d,\"facts\":%s}".formatted(revision, facts);
    }

    private static int revision(final ResultActions answer) throws Exception {
        return JsonPath.read(answer.andReturn().getResponse().getContentAsString(), "$.revision");
    }

    private String sheet(final String material) throws Exception {
        return http.perform(ask("/api/materials/{id}/sheet", material))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private static double line(final String sheet, final String name, final String what) {
        final List<Number> found = JsonPath.read(sheet, "$.lines[?(@.name == '%s')].%s".formatted(name, what));
        return found.get(0).doubleValue();
    }

    private List<String> cautions(final String material) throws Exception {
        return JsonPath.read(
                http.perform(send("/api/evaluate", "{\"recipe\":%s}".formatted(recipe(material, 3))))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.cautions[*].id");
    }
}
