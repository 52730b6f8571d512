package looseknit.server.table;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.fill;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.hasSize;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.DocumentContext;
import com.jayway.jsonpath.JsonPath;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.RequestBuilder;

/** Looks and tests that were noted elsewhere come in as tables: added, never changed. */
@ApiTest
class NotedElsewhereApiTest {

    private static final LocalDate POTTED = LocalDate.of(2026, 3, 1);
    private static final String LOOKS = "label,looked_on,answer,weighed_g\n";

    @Autowired
    private MockMvc http;

    @MockitoBean
    private Clock clock;

    private String name;
    private String lot;
    private UUID batch;
    private UUID lily;

    @BeforeEach
    void potUp() throws Exception {
        when(clock.getZone()).thenReturn(ZoneOffset.UTC);
        when(clock.instant()).thenReturn(POTTED.plusDays(30).atTime(12, 0).toInstant(ZoneOffset.UTC));
        final UUID blend = UUID.randomUUID();
        batch = UUID.randomUUID();
        name = "Mix of table " + blend;
        expect(send(
                "/api/blends",
                "{\"id\":\"%s\",\"name\":\"%s\",\"brief\":%s,\"recipe\":%s}"
                        .formatted(blend, name, brief(), recipe("peat", 3))));
        expect(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend));
        lot = JsonPath.read(
                expect(send(
                        "/api/batches",
                        "{\"id\":\"%s\",\"blendId\":\"%s\",\"versionNumber\":1,\"fills\":%s,\"reserve\":0.05,\"scoopLitres\":0.5,\"tubLitres\":20}"
                                .formatted(batch, blend, fill(6, 14)))),
                "$.lot");
        expect(change("/api/batches/{id}/mixed", "{\"mixedOn\":\"%s\",\"revision\":0}".formatted(POTTED), batch));
        lily = potted("Lily " + blend);
    }

    @Test
    void looksAreToldInOrderAndTeachAndAreNotToldTwice() throws Exception {
        final String label = "Lily " + name.substring("Mix of table ".length());
        final String file = LOOKS
                + "%s,2026-03-05,BONE_DRY,\n%s,2026-03-09,BONE_DRY,\n%s,2026-03-13,bone_dry,950\n"
                        .formatted(label, label, label);
        final UUID id = begin("looks", file);
        assertThat(settled(id).<Integer>read("$.added")).isEqualTo(3);
        http.perform(ask("/api/pottings/{id}/looks", lily)).andExpect(jsonPath("$", hasSize(0)));

        apply(id);
        http.perform(ask("/api/pottings/{id}/looks", lily)).andExpect(jsonPath("$", hasSize(3)));
        http.perform(ask("/api/pottings/{id}", lily))
                .andExpect(jsonPath("$.lastWateredOn").value("2026-03-13"));
        assertThat(expect(ask("/api/pottings/{id}", lily))).contains("sooner than reckoned (3 looks)");

        assertThat(settled(begin("looks", file)).<Integer>read("$.same")).isEqualTo(3);
        final String out = expect(get("/api/house/tables/looks"));
        final DocumentContext again = settled(begin("looks", out));
        assertThat(again.<Integer>read("$.same"))
                .isEqualTo((int) out.lines().count() - 1)
                .isGreaterThanOrEqualTo(3);
        final DocumentContext other = settled(begin("looks", out.replace("BONE_DRY", "WATERED")));
        assertThat(other.<String>read("$.rows[0].says")).startsWith("another look has this id here; allowed:");
        assertThat(other.<Integer>read("$.changed")).isZero();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    Nobody,2026-03-05,WATERED,          | what stands on the label of a pot that is here
                    LILY,yesterday,WATERED,             | a day as 2026-03-31
                    LILY,2026-03-05,SWAM,               | one of [
                    LILY,2026-02-05,WATERED,            | days from 2026-03-01, when it was looked at or potted last, to 2026-03-31, in their order
                    LILY,2026-04-05,WATERED,            | to 2026-03-31, in their order
                    LILY,2026-03-05,WATERED,heavy       | a number from 1 to 500000
                    """)
    void aLookThatCannotBeIsSaidAndNothingIsTold(final String line, final String says) throws Exception {
        final String label = "Lily " + name.substring("Mix of table ".length());
        final UUID id = begin("looks", LOOKS + line.replace("LILY", label) + "\n");
        final DocumentContext read = settled(id);
        assertThat(read.<Integer>read("$.wrong")).isEqualTo(1);
        assertThat(String.join("\n", read.<List<String>>read("$.rows[?(@.change == 'WRONG')].says")))
                .contains(says);
        http.perform(post("/api/imports/{id}/apply", id)).andExpect(status().isUnprocessableContent());
    }

    @Test
    void aLabelThatTwoPotsHaveDoesNotSayWhich() throws Exception {
        final String label = "Twin " + lily;
        potted(label);
        final UUID second = potted(label);
        assertThat(settled(begin("looks", LOOKS + label + ",2026-03-05,WATERED,\n"))
                        .<String>read("$.rows[0].says"))
                .contains("a label that one pot only has, or the pot's id: 2 have this one");
        final UUID id = begin("looks", "pot,label,looked_on,answer\n%s,,2026-03-05,WATERED\n".formatted(second));
        settled(id);
        apply(id);
        http.perform(ask("/api/pottings/{id}/looks", second)).andExpect(jsonPath("$", hasSize(1)));
    }

    @Test
    void testsOfABatchAndOfABlendComeInAndGoOutAsTheSame() throws Exception {
        final UUID id = begin(
                "tests",
                "blend,lot,made_on,kind,ph,ph_method,weeks,container_l,height_cm,water_in_l,drained_l\n"
                        + "\"%s\",,2026-03-20,DRAINAGE,,,,1,12,0.8,0.2\n,%s,2026-03-21,PH,6.1,SLURRY,2,,,,\n"
                                .formatted(name, lot));
        assertThat(settled(id).<Integer>read("$.added")).isEqualTo(2);
        apply(id);
        assertThat(expect(ask("/api/batches/{id}/tests", batch))).contains("\"reading\":6.1");

        final String out = expect(get("/api/house/tables/tests"));
        final DocumentContext again = settled(begin("tests", out));
        assertThat(again.<Integer>read("$.same"))
                .isEqualTo((int) out.lines().count() - 1)
                .isGreaterThanOrEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    NAME,,2026-03-20,PH,            | column ph
                    NAME,,2026-03-20,PH,19          | allowed: 2 to 11 pH
                    NAME,,2027-03-20,PH,6           | a day up to today
                    NAME,,2026-03-20,TASTED,6       | one of [DRAINAGE
                    Nothing,,2026-03-20,PH,6        | the name of a blend that is here
                    NAME,LOT,2026-02-20,PH,6        | a day from 2026-03-01 on, when it was mixed
                    NAME,2020-01-01-9,2026-03-20,PH,6 | the lot of a batch that is here
                    """)
    void aTestThatCannotBeIsSaid(final String line, final String says) throws Exception {
        final DocumentContext read = settled(begin(
                "tests",
                "blend,lot,made_on,kind,ph,ph_method\n"
                        + line.replace("NAME", name).replace("LOT", lot) + ",SLURRY\n"));
        assertThat(read.<Integer>read("$.wrong")).isEqualTo(1);
        assertThat(read.<String>read("$.rows[0].says")).contains(says);
    }

    private UUID potted(final String label) throws Exception {
        final UUID id = UUID.randomUUID();
        expect(send(
                "/api/pottings",
                "{\"id\":\"%s\",\"label\":\"%s\",\"brief\":%s,\"batchId\":\"%s\",\"pottedOn\":\"%s\"}"
                        .formatted(id, label, brief(), batch, POTTED)));
        return id;
    }

    private String expect(final RequestBuilder request) throws Exception {
        return http.perform(request)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private UUID begin(final String kind, final String text) throws Exception {
        final UUID id = UUID.randomUUID();
        expect(post("/api/imports/{id}?kind={kind}", id, kind)
                .contentType("text/csv")
                .content(text));
        return id;
    }

    private void apply(final UUID id) throws Exception {
        expect(post("/api/imports/{id}/apply", id));
        assertThat(settled(id).<String>read("$.state")).isEqualTo("DONE");
    }

    /** The job once it neither reads nor stores any more. */
    private DocumentContext settled(final UUID id) throws Exception {
        while (true) {
            final DocumentContext job = JsonPath.parse(expect(ask("/api/imports/{id}", id)));
            final String state = job.read("$.state");
            if (!state.equals("READING") && !state.equals("STORING")) {
                return job;
            }
            Thread.sleep(20);
        }
    }
}
