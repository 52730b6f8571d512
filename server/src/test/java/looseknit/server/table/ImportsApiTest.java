package looseknit.server.table;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.DocumentContext;
import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;

@ApiTest
class ImportsApiTest {

    private static final String LOTS =
            "id,material,sold,amount,swell,left_litres,low_litres,price,opened_on,supplier,fed,rinsed,"
                    + "quarantined,ph,bulk_density_g_per_l,drain_height_cm,drain_air_percent,drain_water_percent,sieve_mm_and_stays,"
                    + "sieve_through\n";

    @Autowired
    private MockMvc http;

    @Test
    void aDryRunSaysLineByLineWhatIsWrongAndChangesNothing() throws Exception {
        final int before = lots();
        final UUID id = begin("shelf", LOTS + """
                ,peat,LOOSE_LITRES,20,0,20,,5,2026-03-01,boat,,,,,,,,,,
                ,pete,LOOSE_LITRES,20,0,20,,5,,,,,,,,,,,,
                ,loam,LOOSE_LITRES,some,0,20,,5,,,,,,,,,,,,
                ,loam,LOOSE_LITRES,20,0,20,,5,yesterday,,,,,,,,,,,
                ,loam,LOOSE_LITRES,20,0,20,,5,,,maybe,,,,,,,,,
                ,loam,LOOSE_LITRES,20
                """);

        final DocumentContext read = settled(id);

        assertThat(read.<String>read("$.state")).isEqualTo("READY");
        assertThat(read.<Integer>read("$.added")).isEqualTo(1);
        assertThat(read.<Integer>read("$.wrong")).isEqualTo(5);
        assertThat(read.<List<Integer>>read("$.rows[?(@.change == 'WRONG')].line"))
                .containsExactly(3, 4, 5, 6, 7);
        assertThat(String.join("\n", read.<List<String>>read("$.rows[?(@.change == 'WRONG')].says")))
                .contains("no material \"pete\"")
                .contains("a number from 0.001 to 10000")
                .contains("a day as 2026-03-31")
                .contains("yes or no")
                .contains("one cell for each of the header's columns");
        http.perform(post("/api/imports/{id}/apply", id))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("5 lines cannot be used")));
        assertThat(lots()).isEqualTo(before);
    }

    @Test
    void aGoodFileIsStoredWholeAndReadAgainIsTheSame() throws Exception {
        final int before = lots();
        final String file = LOTS
                + IntStream.range(0, 500)
                        .mapToObj(i ->
                                "%s,perlite_med,LOOSE_LITRES,%d,0,%d,,4.5,2026-03-01,boat %d,yes,,,6.%d,,10,30,45,2:40;4:50,10"
                                        .formatted(new UUID(7, i), 10 + i % 30, i % 10, i, i % 10))
                        .collect(Collectors.joining("\n"));
        final UUID id = begin("shelf", file);
        assertThat(settled(id).<Integer>read("$.added")).isEqualTo(500);

        http.perform(post("/api/imports/{id}/apply", id)).andExpect(status().isOk());

        assertThat(settled(id).<String>read("$.state")).isEqualTo("DONE");
        assertThat(lots()).isEqualTo(before + 500);
        assertThat(settled(begin("shelf", file)).<Integer>read("$.same")).isEqualTo(500);
        final UUID changed = begin("shelf", file.replace("boat 7,", "cart 7,"));
        assertThat(settled(changed).<Integer>read("$.changed")).isEqualTo(1);
    }

    /** A name that a spreadsheet would run goes out as text, and comes back as it was. */
    @Test
    void aFormulaGoesOutAsText() throws Exception {
        final UUID id = begin(
                "shelf",
                LOTS
                        + "%s,perlite_med,LOOSE_LITRES,10,0,4,,4.5,2026-03-01,\"=HYPERLINK(\"\"x\"\")\",no,,,,,,,,,\n"
                                .formatted(new UUID(8, 8)));
        settled(id);
        http.perform(post("/api/imports/{id}/apply", id)).andExpect(status().isOk());
        settled(id);
        final String out = http.perform(ask("/api/exports/shelf"))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat(out).contains("'=HYPERLINK").doesNotContain(",=", ",\"=");
        assertThat(settled(begin("shelf", out)).<Integer>read("$.changed")).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"shelf", "materials", "plants"})
    void whatIsWrittenOutReadsInAsTheSame(final String kind) throws Exception {
        stock();
        final String out = http.perform(ask("/api/exports/{kind}", kind))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();

        final DocumentContext read = settled(begin(kind, out));

        assertThat(out.lines().count()).isGreaterThan(1);
        assertThat(read.<List<String>>read("$.rows[*].change")).isNotEmpty().containsOnly("SAME");
        assertThat(read.<Integer>read("$.wrong")).isZero();
    }

    @Test
    void materialsThatNameEachOtherAreCheckedTogether() throws Exception {
        final String header = http.perform(ask("/api/exports/materials"))
                .andReturn()
                .getResponse()
                .getContentAsString()
                .lines()
                .findFirst()
                .orElseThrow();
        final String good = header + "\nown_outer,Outer,MIX,,,,,,,,,,,,,,own_inner:2;peat:1,KNOWN,\n"
                + "own_inner,Inner,MIX,,,,,,,,,,,,,,peat:1;perlite_med:1,KNOWN,\n";
        final String loop = good.replace("peat:1;perlite_med:1", "own_outer:1");

        assertThat(settled(begin("materials", good)).<Integer>read("$.wrong")).isZero();
        final DocumentContext read = settled(begin("materials", loop));
        assertThat(read.<Integer>read("$.wrong")).isEqualTo(1);
        assertThat(read.<String>read("$.rows[0].says")).contains("Outer").contains("Inner");
    }

    @Test
    void aFileWithoutTheColumnsFailsAndSaysWhichAreWanted() throws Exception {
        final DocumentContext read = settled(begin("plants", "name,colour\nfern,green\n"));

        assertThat(read.<String>read("$.state")).isEqualTo("FAILED");
        assertThat(read.<String>read("$.says"))
                .startsWith("Nothing was changed.")
                .contains("names no column \"id\"", "a first line with id, name");
    }

    @Test
    void aFileThatWasStoppedStoresNothing() throws Exception {
        final int before = lots();
        final UUID id = begin("shelf", LOTS + ",peat,LOOSE_LITRES,20,0,20,,5,,stopped,,,,,,,,,,\n");
        settled(id);

        http.perform(delete("/api/imports/{id}", id)).andExpect(status().isNoContent());

        http.perform(ask("/api/imports/{id}", id)).andExpect(jsonPath("$.state").value("CANCELLED"));
        http.perform(post("/api/imports/{id}/apply", id)).andExpect(status().isUnprocessableContent());
        assertThat(lots()).isEqualTo(before);
    }

    @Test
    void aTextThatIsTooLongIsFoundWhenItIsLookedThrough() throws Exception {
        final DocumentContext read = settled(
                begin("shelf", LOTS + ",peat,LOOSE_LITRES,20,0,20,,5,,%s,,,,,,,,,,\n".formatted("b".repeat(121))));

        assertThat(read.<Integer>read("$.wrong")).isEqualTo(1);
        assertThat(read.<String>read("$.rows[0].says")).contains("supplier").contains("0 to 120 characters");
    }

    @Test
    void whatWasChangedSinceItWasLookedThroughIsNotWrittenOver() throws Exception {
        final UUID lot = UUID.randomUUID();
        final String line = "%s,peat,LOOSE_LITRES,20,0,%s,,5,,changed boat,,,,,,,,,,\n";
        final UUID first = begin("shelf", LOTS + line.formatted(lot, 20));
        settled(first);
        http.perform(post("/api/imports/{id}/apply", first)).andExpect(status().isOk());
        settled(first);
        final UUID late = begin("shelf", LOTS + line.formatted(lot, 9));
        settled(late);
        http.perform(put("/api/shelf/count")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"lots\":[{\"id\":\"%s\",\"revision\":0,\"leftLitres\":14}]}".formatted(lot)))
                .andExpect(status().isOk());

        http.perform(post("/api/imports/{id}/apply", late)).andExpect(status().isOk());
        final DocumentContext failed = settled(late);

        assertThat(failed.<String>read("$.state")).isEqualTo("FAILED");
        assertThat(failed.<String>read("$.says")).contains("changed elsewhere").contains("changed boat");
        http.perform(ask("/api/shelf/lots"))
                .andExpect(jsonPath("$[?(@.id == '%s')].facts.leftLitres".formatted(lot), hasItem(14.0)));
    }

    @Test
    void aFileThatIsStoredTwiceAtOnceIsStoredOnce() throws Exception {
        final int before = lots();
        final UUID id = begin("shelf", LOTS + ",perlite_coarse,LOOSE_LITRES,7,0,7,,5,,at once,,,,,,,,,,\n");
        settled(id);
        final ExecutorService pool = Executors.newFixedThreadPool(8);
        try {
            final List<Callable<Integer>> eight = IntStream.range(0, 8)
                    .<Callable<Integer>>mapToObj(i -> () -> http.perform(post("/api/imports/{id}/apply", id))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .toList();
            for (final Future<Integer> answer : pool.invokeAll(eight)) {
                assertThat(answer.get()).isEqualTo(200);
            }
        } finally {
            pool.shutdown();
        }
        assertThat(settled(id).<String>read("$.state")).isEqualTo("DONE");
        assertThat(lots()).isEqualTo(before + 1);
    }

    @Test
    void unknownKindsAndJobsAreSaidSo() throws Exception {
        http.perform(ask("/api/exports/pots"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("shelf")));
        http.perform(ask("/api/imports/{id}", UUID.randomUUID())).andExpect(status().isNotFound());
    }

    private void stock() throws Exception {
        http.perform(send("/api/own-materials", """
                {"id":"own_export","facts":{"name":"Export, with a comma","mix":{"parts":[{"materialId":"peat","amount":2.5}],"certainty":"UNKNOWN","fed":true}}}"""));
        http.perform(
                        change(
                                "/api/own-plants/my_export",
                                "{\"name\":\"Export \\\"quoted\\\"\",\"likeId\":\"jade\",\"airLowPercent\":20.5,\"otherNames\":[\"a\",\"b\"]}"))
                .andExpect(status().isOk());
        http.perform(
                        change(
                                "/api/own-plants/my_left_empty",
                                "{\"name\":\"Left empty\",\"botanical\":\" \",\"likeId\":\"jade\",\"otherNames\":[],\"poison\":\"\",\"note\":\"\"}"))
                .andExpect(status().isOk());
        http.perform(send("/api/shelf/lots", """
                {"id":"%s","facts":{"materialId":"peat","sold":"LOOSE_LITRES","amount":10,"swell":0,"leftLitres":3,"supplier":" ",
                 "fed":false,"rinsed":false,"quarantined":false,"measured":{}}}""".formatted(UUID.nameUUIDFromBytes(new byte[] {2}))))
                .andExpect(status().isOk());
        http.perform(send("/api/shelf/lots", """
                {"id":"%s","facts":{"materialId":"own_export","sold":"LOOSE_LITRES","amount":12.25,"swell":0,"leftLitres":3,"price":1.1,
                 "openedOn":"2026-01-31","supplier":"line\\nbreak","fed":false,"rinsed":false,"quarantined":true,
                 "measured":{"ph":5.5,"sieves":{"sieves":[{"openingMm":1,"stays":30},{"openingMm":2.5,"stays":60}],"throughAll":10}}}}""".formatted(UUID.nameUUIDFromBytes(new byte[] {1}))))
                .andExpect(status().isOk());
    }

    private UUID begin(final String kind, final String text) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(post("/api/imports/{id}?kind={kind}", id, kind)
                        .contentType("text/csv")
                        .content(text))
                .andExpect(status().isOk());
        return id;
    }

    /** The job once it neither reads nor stores any more. */
    private DocumentContext settled(final UUID id) throws Exception {
        while (true) {
            final DocumentContext job = JsonPath.parse(http.perform(ask("/api/imports/{id}", id))
                    .andReturn()
                    .getResponse()
                    .getContentAsString());
            final String state = job.read("$.state");
            if (!state.equals("READING") && !state.equals("STORING")) {
                return job;
            }
            Thread.sleep(20);
        }
    }

    private int lots() throws Exception {
        return JsonPath.<List<?>>read(
                        http.perform(ask("/api/shelf/lots"))
                                .andReturn()
                                .getResponse()
                                .getContentAsString(),
                        "$")
                .size();
    }
}
