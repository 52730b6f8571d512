package looseknit.server.batch;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.fill;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import com.jayway.jsonpath.JsonPath;
import java.awt.image.BufferedImage;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicReference;
import looseknit.server.ApiTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** A batch from the day it is mixed: tested, adjusted, tested again, used up; by a clock that the test moves. */
@ApiTest
@Import(BinApiTest.Time.class)
class BinApiTest {

    private static final Instant BEGIN = Instant.parse("2026-03-01T09:00:00Z");
    private static final AtomicReference<Instant> NOW = new AtomicReference<>(BEGIN);

    /** A clock that stands until it is moved. */
    @TestConfiguration
    static class Time {
        @Bean
        @Primary
        Clock movedClock() {
            return new Clock() {
                @Override
                public ZoneOffset getZone() {
                    return ZoneOffset.UTC;
                }

                @Override
                public Clock withZone(final ZoneId zone) {
                    return this;
                }

                @Override
                public Instant instant() {
                    return NOW.get();
                }
            };
        }
    }

    @Autowired
    private MockMvc http;

    private UUID blend;
    private UUID batch;

    private static void later(final Duration by) {
        NOW.updateAndGet(now -> now.plus(by));
    }

    @BeforeEach
    void mixABatch() throws Exception {
        NOW.set(BEGIN);
        blend = UUID.randomUUID();
        http.perform(send("/api/blends", """
                        {"id":"%s","name":"Sill mix","brief":%s,"recipe":{"measure":"PARTS","parts":[{"materialId":"peat","amount":3},
                        {"materialId":"perlite_coarse","amount":2}],"doses":[{"amendmentId":"dolomite","gPerL":2}]}}""".formatted(blend, brief()))).andExpect(status().isOk());
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend))
                .andExpect(status().isOk());
        batch = batch(10);
        mixed(batch);
    }

    private UUID batch(final double litres) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send(
                        "/api/batches",
                        "{\"id\":\"%s\",\"blendId\":\"%s\",\"versionNumber\":1,\"fills\":%s,\"storeLitres\":%s,\"scoopLitres\":0.5,\"tubLitres\":20,\"reserve\":0}"
                                .formatted(id, blend, fill(2, 14), litres)))
                .andExpect(status().isOk());
        return id;
    }

    private void mixed(final UUID id) throws Exception {
        http.perform(change("/api/batches/{id}/mixed", "{\"mixedOn\":\"2026-03-01\"}", id))
                .andExpect(status().isOk());
    }

    private ResultActions step(final UUID of, final String rest) throws Exception {
        return http.perform(
                send("/api/batches/{id}/bin/steps", "{\"id\":\"%s\",%s}".formatted(UUID.randomUUID(), rest), of));
    }

    private String json(final String path, final Object... parts) throws Exception {
        return http.perform(ask(path, parts))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private static double number(final String json, final String path) {
        return JsonPath.<Number>read(json, path).doubleValue();
    }

    private double litres(final UUID of) throws Exception {
        return JsonPath.<Number>read(json("/api/batches/{id}/bin", of), "$.litres")
                .doubleValue();
    }

    @Test
    void potsBagsAndTheirAccount() throws Exception {
        http.perform(ask("/api/batches/{id}", batch))
                .andExpect(jsonPath("$.storeLitres").value(10.0))
                .andExpect(jsonPath("$.plan.account.bins").value(10.0))
                .andExpect(jsonPath("$.plan.pots", hasSize(1)))
                .andExpect(jsonPath("$.plan.doses[0].spoons", containsString("level")))
                .andExpect(jsonPath("$.plan.doses[0].pots[0].most", containsString("is the most")))
                .andExpect(jsonPath("$.leftLitres", greaterThan(11.0)));
    }

    @Test
    void whatIsTakenAddedSplitAndMovedAddsUp() throws Exception {
        final double all = litres(batch);
        final UUID other = UUID.randomUUID();
        step(batch, "\"kind\":\"SPLIT\",\"amount\":4,\"otherBatchId\":\"%s\"".formatted(other))
                .andExpect(jsonPath("$.litres", closeTo(all - 4, 1e-6)))
                .andExpect(jsonPath("$.steps[0].name", startsWith("2026-03-01-")));
        assertThat(litres(other)).isCloseTo(4, within(1e-6));
        step(batch, "\"kind\":\"THROWN\",\"amount\":1,\"reason\":\"gnats\"")
                .andExpect(jsonPath("$.steps[0].reason").value("gnats"));
        step(other, "\"kind\":\"MOVED\",\"amount\":3,\"otherBatchId\":\"%s\"".formatted(batch))
                .andExpect(jsonPath("$.litres", closeTo(1, 1e-6)));
        assertThat(litres(batch)).isCloseTo(all - 2, within(1e-6));
        http.perform(ask("/api/batches/{id}/bin", batch))
                .andExpect(jsonPath("$.steps[0].kind").value("JOINED"))
                .andExpect(jsonPath("$.another").value(true));
        http.perform(ask("/api/batches/{id}/bin/others", batch))
                .andExpect(jsonPath("$[?(@.id=='%s')]".formatted(other), hasSize(1)));
    }

    @Test
    void theLastStepIsTakenBackAndOnlyThat() throws Exception {
        final double all = litres(batch);
        final UUID first = UUID.randomUUID();
        final UUID second = UUID.randomUUID();
        final String thrown = "{\"id\":\"%s\",\"kind\":\"THROWN\",\"amount\":1,\"reason\":\"spilt\"}";
        http.perform(send("/api/batches/{id}/bin/steps", thrown.formatted(first), batch));
        http.perform(send("/api/batches/{id}/bin/steps", thrown.formatted(second), batch));
        http.perform(send("/api/batches/{id}/bin/steps", thrown.formatted(second), batch))
                .andExpect(jsonPath("$.litres", closeTo(all - 2, 1e-6)));
        step(batch, "\"kind\":\"UNDONE\",\"undoes\":\"%s\"".formatted(first))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("the last step that stands")));
        step(batch, "\"kind\":\"UNDONE\",\"undoes\":\"%s\"".formatted(second)).andExpect(status().isOk());
        step(batch, "\"kind\":\"UNDONE\",\"undoes\":\"%s\"".formatted(first))
                .andExpect(jsonPath("$.litres", closeTo(all, 1e-6)))
                .andExpect(jsonPath("$.steps", hasSize(0)));
        http.perform(change("/api/batches/{id}/mixed", "{\"mixedOn\":null}", batch))
                .andExpect(status().isOk());
    }

    @Test
    void whatIsMovedComesBackUntilTheOtherBinHasGoneOn() throws Exception {
        final UUID other = batch(3);
        mixed(other);
        final double all = litres(batch);
        final UUID moved = UUID.randomUUID();
        http.perform(send(
                "/api/batches/{id}/bin/steps",
                "{\"id\":\"%s\",\"kind\":\"MOVED\",\"amount\":2,\"otherBatchId\":\"%s\"}".formatted(moved, other),
                batch));
        final double fuller = litres(other);
        step(batch, "\"kind\":\"UNDONE\",\"undoes\":\"%s\"".formatted(moved))
                .andExpect(jsonPath("$.litres", closeTo(all, 1e-6)));
        assertThat(litres(other)).isCloseTo(fuller - 2, within(1e-6));
        http.perform(change("/api/batches/{id}/mixed", "{\"mixedOn\":null}", batch))
                .andExpect(status().isOk());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            "kind":"THROWN","amount":1 | 422 | a few words on why
            "kind":"THROWN","amount":100,"reason":"x" | 422 | that there is
            "kind":"THROWN","amount":-1,"reason":"x" | 422 | allowed
            "kind":"ADDED","thingId":"moon_dust","amount":1 | 422 | moon_dust
            "kind":"DOSED","thingId":"moon_dust","amount":1 | 422 | moon_dust
            "kind":"SPLIT","amount":1 | 422 | an id for the batch
            "kind":"MOVED","amount":1 | 422 | another batch
            "kind":"POTTED","amount":1 | 422 | ADDED, DOSED
            "kind":"ADDED","thingId":"peat","amount":1,"on":"2030-01-01" | 422 | a day up to today
            "kind":"DOSED","thingId":"lime","amount":5 | 422 | has had no time to work
            """)
    void whatCannotBeIsSaid(final String step, final int code, final String says) throws Exception {
        final double before = litres(batch);
        step(batch, step).andExpect(status().is(code)).andExpect(content().string(containsString(says)));
        assertThat(litres(batch)).isCloseTo(before, within(1e-9));
    }

    @Test
    void nothingIsDoneWithABatchThatIsNotMixed() throws Exception {
        final UUID planned = batch(3);
        step(planned, "\"kind\":\"THROWN\",\"amount\":1,\"reason\":\"x\"")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("not mixed yet")));
        http.perform(ask("/api/batches/{id}/tests", planned)).andExpect(status().isUnprocessableContent());
    }

    @Test
    void whatGoesInComesOffTheLotsAndIsGivenBack() throws Exception {
        final UUID lot = UUID.randomUUID();
        http.perform(send(
                        "/api/shelf/lots",
                        "{\"id\":\"%s\",\"facts\":{\"materialId\":\"orch_med\",\"sold\":\"LOOSE_LITRES\",\"amount\":5,\"swell\":0,\"leftLitres\":5,\"fed\":false,\"rinsed\":false,\"quarantined\":false}}"
                                .formatted(lot)))
                .andExpect(status().isOk());
        final UUID added = UUID.randomUUID();
        http.perform(send(
                        "/api/batches/{id}/bin/steps",
                        "{\"id\":\"%s\",\"kind\":\"ADDED\",\"thingId\":\"orch_med\",\"amount\":6}".formatted(added),
                        batch))
                .andExpect(status().isOk());
        final String lots = "$[?(@.id=='%s')].facts.leftLitres".formatted(lot);
        assertThat(JsonPath.<List<Double>>read(json("/api/shelf/lots"), lots)).containsExactly(0.0);
        http.perform(ask("/api/batches/{id}", batch))
                .andExpect(jsonPath("$.lots[?(@.lotId=='%s')].litres".formatted(lot))
                        .value(5.0))
                .andExpect(jsonPath("$.lots[?(@.materialId=='orch_med' && !@.lotId)].litres")
                        .value(1.0));
        step(batch, "\"kind\":\"UNDONE\",\"undoes\":\"%s\"".formatted(added)).andExpect(status().isOk());
        assertThat(JsonPath.<List<Double>>read(json("/api/shelf/lots"), lots)).containsExactly(5.0);
    }

    private ResultActions potUp(final UUID id) throws Exception {
        return http.perform(send(
                "/api/pottings",
                "{\"id\":\"%s\",\"label\":\"Lily, landing\",\"brief\":%s,\"batchId\":\"%s\",\"pottedOn\":\"2026-03-01\"}"
                        .formatted(id, brief(), batch)));
    }

    /** A pot takes its mix out of the bin once, gives it back with the pot, and can be drawn. */
    @Test
    void potsAreFilledFromTheBin() throws Exception {
        final double before = litres(batch);
        final UUID pot = UUID.randomUUID();
        potUp(pot).andExpect(status().isOk());
        potUp(pot).andExpect(status().isOk());
        final double after = litres(batch);
        assertThat(before - after).isBetween(0.8, 1.6);
        http.perform(ask("/api/batches/{id}/bin", batch))
                .andExpect(jsonPath("$.steps[0].kind").value("POTTED"))
                .andExpect(jsonPath("$.steps[0].name").value("Lily, landing"));
        http.perform(delete("/api/pottings/{id}", pot)).andExpect(status().isNoContent());
        assertThat(litres(batch)).isCloseTo(before, within(1e-6));
        http.perform(send("/api/pottings/{id}/restore", "", pot)).andExpect(status().isOk());
        assertThat(litres(batch)).isCloseTo(after, within(1e-6));
        http.perform(ask("/api/pottings/{id}/portrait", pot))
                .andExpect(jsonPath("$.slices", hasSize(24)))
                .andExpect(jsonPath("$.curves[0].own").value(true))
                .andExpect(jsonPath("$.wateredKg", greaterThan(0.5)));
        http.perform(ask("/api/pottings/{id}/portrait", UUID.randomUUID())).andExpect(status().isNotFound());
    }

    /** A pot that is filled while its batch is being noted as mixed waits for that. */
    @Test
    void aPotWaitsForWhatIsDoneWithItsBatch() throws Exception {
        for (int round = 0; round < 5; round++) {
            final UUID fresh = batch(6);
            final CompletableFuture<Integer> noted = CompletableFuture.supplyAsync(() -> {
                try {
                    return http.perform(change("/api/batches/{id}/mixed", "{\"mixedOn\":\"2026-03-01\"}", fresh))
                            .andReturn()
                            .getResponse()
                            .getStatus();
                } catch (final Exception e) {
                    throw new IllegalStateException(e);
                }
            });
            http.perform(send(
                            "/api/pottings",
                            "{\"id\":\"%s\",\"label\":\"Lily\",\"brief\":%s,\"batchId\":\"%s\",\"pottedOn\":\"2026-03-01\"}"
                                    .formatted(UUID.randomUUID(), brief(), fresh)))
                    .andExpect(status().isOk());
            assertThat(noted.get()).isEqualTo(200);
        }
    }

    private String sitting(final String medium, final boolean damped) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send(
                        "/api/devices/probe/sittings",
                        "{\"id\":\"%s\",\"medium\":\"%s\",\"batchId\":\"%s\",\"damped\":%s}"
                                .formatted(id, medium, batch, damped)))
                .andExpect(status().isOk());
        return id.toString();
    }

    /** Test, adjust, test again: the whole way by the clock. */
    @Test
    void theProbeIsSetReadsDriftsAndTheHeapIsAdjustedAndTestedAgain() throws Exception {
        for (final String buffer : List.of("BUFFER_SEVEN", "BUFFER_FOUR")) {
            final String id = sitting(buffer, true);
            later(Duration.ofSeconds(60));
            if (buffer.equals("BUFFER_FOUR")) {
                http.perform(change("/api/devices/probe/sittings/{id}/kept", "{}", id))
                        .andExpect(status().isUnprocessableContent())
                        .andExpect(jsonPath("$.detail", containsString("has settled")));
            }
            later(Duration.ofMinutes(14));
            http.perform(change("/api/devices/probe/sittings/{id}/kept", "{}", id))
                    .andExpect(jsonPath("$.kept").value(true));
        }
        http.perform(ask("/api/devices/probe/calibration"))
                .andExpect(jsonPath("$.set").value(true))
                .andExpect(jsonPath("$.says", containsString("93 %")));
        final String mix = sitting("MIX", true);
        later(Duration.ofSeconds(60));
        http.perform(ask("/api/devices/probe/sittings/{id}", mix))
                .andExpect(jsonPath("$.settled").value(false))
                .andExpect(jsonPath("$.curve", hasSize(13)))
                .andExpect(jsonPath("$.says", containsString("On its way")));
        later(Duration.ofMinutes(14));
        final String settled = json("/api/devices/probe/sittings/{id}", mix);
        assertThat(JsonPath.<Boolean>read(settled, "$.settled")).isTrue();
        final double reads = number(settled, "$.now");
        http.perform(send(
                        "/api/batches/{id}/tests",
                        "{\"id\":\"%s\",\"madeOn\":\"2026-03-01\",\"test\":{\"kind\":\"PH\",\"reading\":%s,\"method\":\"PROBE\",\"weeks\":0}}"
                                .formatted(UUID.randomUUID(), reads),
                        batch))
                .andExpect(jsonPath("$.results[0].odd").value(false));
        final String shown = json("/api/batches/{id}/tests", batch);
        assertThat(number(shown, "$.tests[0].results[0].found")).isCloseTo(reads, within(1e-6));
        assertThat(number(shown, "$.tests[0].results[0].nowSd"))
                .isLessThan(number(shown, "$.tests[0].results[0].believedSd"));
        http.perform(ask("/api/batches/{id}/adjust", batch))
                .andExpect(jsonPath("$.mayDose").value(false))
                .andExpect(jsonPath("$.stillWorking", containsString("went in today")));
        later(Duration.ofDays(70));
        http.perform(ask("/api/batches/{id}/adjust?ph=6.2&weeks=8", batch))
                .andExpect(jsonPath("$.mayDose").value(true))
                .andExpect(jsonPath("$.corrections[0].reads", hasSize(3)))
                .andExpect(jsonPath("$.history.length()", greaterThan(15)));
        step(batch, "\"kind\":\"DOSED\",\"thingId\":\"lime_flour\",\"amount\":6")
                .andExpect(status().isOk());
        http.perform(ask("/api/batches/{id}/bin", batch))
                .andExpect(jsonPath("$.testOn").value("2026-05-31"));
        step(batch, "\"kind\":\"DOSED\",\"thingId\":\"lime_flour\",\"amount\":6")
                .andExpect(status().isUnprocessableContent());
        later(Duration.ofDays(30));
        http.perform(ask("/api/today"))
                .andExpect(jsonPath("$.toTest[?(@.id=='%s')].testOn".formatted(batch))
                        .value("2026-05-31"));
        http.perform(send("/api/batches/{id}/adjust/test-next", "{\"on\":null}", batch))
                .andExpect(status().isOk());
        http.perform(ask("/api/today")).andExpect(jsonPath("$.toTest[?(@.id=='%s')]".formatted(batch), hasSize(0)));
    }

    @Test
    void aDrySampleIsRefusedAndAWildReadingIsAskedAbout() throws Exception {
        http.perform(ask("/api/batches/{id}/tests", batch))
                .andExpect(jsonPath("$.kinds", hasSize(8)))
                .andExpect(jsonPath("$.kinds[?(@.kind=='DRAINAGE')].narrows[0].sharePercent")
                        .exists());
        http.perform(send(
                        "/api/batches/{id}/tests",
                        "{\"id\":\"%s\",\"madeOn\":\"2026-03-01\",\"test\":{\"kind\":\"PH\",\"reading\":8.9,\"method\":\"SLURRY\"}}"
                                .formatted(UUID.randomUUID()),
                        batch))
                .andExpect(jsonPath("$.results[0].odd").value(true))
                .andExpect(jsonPath("$.results[0].mayBe[0]", containsString("wiped clean")));
        http.perform(send(
                        "/api/batches/{id}/tests",
                        "{\"id\":\"%s\",\"madeOn\":\"2026-03-01\",\"test\":{\"kind\":\"MOISTURE\",\"water\":0.05}}"
                                .formatted(UUID.randomUUID()),
                        batch))
                .andExpect(jsonPath("$.state", startsWith("dry")));
        http.perform(send(
                        "/api/batches/{id}/tests",
                        "{\"id\":\"%s\",\"madeOn\":\"2026-02-01\",\"test\":{\"kind\":\"SALTS\",\"dsPerM\":0.4,\"extract\":\"SLURRY\"}}"
                                .formatted(UUID.randomUUID()),
                        batch))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("when it was mixed")));
        final double dry = JsonPath.<Number>read(
                        http.perform(send(
                                        "/api/devices/scale",
                                        "{\"batchId\":\"%s\",\"containerL\":1,\"heightCm\":12,\"dried\":true}"
                                                .formatted(batch)))
                                .andReturn()
                                .getResponse()
                                .getContentAsString(),
                        "$.grams")
                .doubleValue();
        assertThat(dry).isBetween(60.0, 250.0);
        http.perform(send("/api/devices/salts", "{\"batchId\":\"%s\",\"extract\":\"SLURRY\"}".formatted(batch)))
                .andExpect(jsonPath("$.dsPerM", greaterThan(0.0)));
    }

    @Test
    void onePartMoreBeforeAndAfter() throws Exception {
        http.perform(send(
                        "/api/batches/{id}/adjust/thought-of",
                        "{\"materialId\":\"perlite_coarse\",\"scoops\":4}",
                        batch))
                .andExpect(jsonPath("$.litres").value(2.0))
                .andExpect(jsonPath("$.moved[0].after", greaterThan(1.0)));
        http.perform(send(
                        "/api/batches/{id}/adjust/thought-of",
                        "{\"materialId\":\"perlite_coarse\",\"scoops\":0}",
                        batch))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void howFarTheShelfStretchesAndWhatToBuy() throws Exception {
        http.perform(ask("/api/batches/{id}/stretch?materialId=peat&litres=11", batch))
                .andExpect(jsonPath("$.times", hasSize(4)))
                .andExpect(jsonPath("$.supplies[?(@.materialId=='peat')].haveLitres")
                        .value(11.0))
                .andExpect(jsonPath("$.times[3].needs[0].needLitres", greaterThan(10.0)));
        http.perform(ask("/api/batches/{id}/shopping.csv", batch))
                .andExpect(status().isOk())
                .andExpect(content().string(startsWith("material,missing_l,packs")));
    }

    @Test
    void aBaseMixGoesToTheShelfWithWhatWasMeasured() throws Exception {
        http.perform(send(
                        "/api/batches/{id}/tests",
                        "{\"id\":\"%s\",\"madeOn\":\"2026-03-01\",\"test\":{\"kind\":\"WEIGHING\",\"containerL\":1,\"heightCm\":12,\"wetG\":600,\"dryG\":120}}"
                                .formatted(UUID.randomUUID()),
                        batch))
                .andExpect(status().isOk());
        final UUID lot = UUID.randomUUID();
        final String name = "own_base_" + lot.toString().substring(0, 8);
        final String body =
                "{\"id\":\"%s\",\"materialId\":\"%s\",\"name\":\"Sill base\",\"litres\":5}".formatted(lot, name);
        final double before = litres(batch);
        http.perform(send("/api/batches/{id}/shelved", body, batch)).andExpect(status().isOk());
        http.perform(send("/api/batches/{id}/shelved", body, batch))
                .andExpect(jsonPath("$.lotId").value(lot.toString()));
        assertThat(litres(batch)).isCloseTo(before - 5, within(1e-6));
        assertThat(JsonPath.<List<Double>>read(
                        json("/api/shelf/lots"), "$[?(@.id=='%s')].facts.measured.bulkDensityGPerL".formatted(lot)))
                .containsExactly(120.0);
    }

    /** The documents are read back: their text by extraction, the code by a reader of such codes. */
    @Test
    void whatGoesOnPaperIsReadable() throws Exception {
        final byte[] label = http.perform(ask("/api/batches/{id}/label.pdf", batch))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(label)) {
            final String text = new PDFTextStripper().getText(document);
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(text).contains("Sill mix", "lot 2026-03-01-", "Dolomite 2 g/L", "60", "Sphagnum peat");
            final BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 200);
            assertThat(new QRCodeReader()
                            .decode(new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(page))))
                            .getText())
                    .endsWith("/batches/%s/done".formatted(batch));
        }
        final byte[] order = http.perform(ask("/api/batches/{id}/order.pdf?size=letter&units=us", batch))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(order)) {
            assertThat(new PDFTextStripper().getText(document)).contains("Load 1", "Perlite, coarse", "oz");
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(612, within(1f));
        }
        http.perform(ask("/api/batches/{id}/order.pdf?size=postcard", batch))
                .andExpect(status().isUnprocessableContent());
        final byte[] shopping = http.perform(ask("/api/batches/{id}/shopping.pdf", batch))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(shopping)) {
            assertThat(new PDFTextStripper().getText(document)).contains("To buy", "Sphagnum peat");
        }
    }
}
