package looseknit.server.batch;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
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
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import looseknit.server.ApiTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.ResultActions;

/** What lies in the bin of a mixed batch: taken out, added to, split, mixed in, potted, and put on paper. */
@ApiTest
@Import(MixedBatch.Time.class)
class BinApiTest extends MixedBatch {

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
                .andExpect(jsonPath("$.bins[?(@.id=='%s')].litres".formatted(other), contains(closeTo(1, 1e-6))))
                .andExpect(jsonPath("$.bins[?(@.id=='%s')]".formatted(batch), empty()))
                .andExpect(jsonPath("$.further").value(false));
        final String lot = JsonPath.read(
                http.perform(ask("/api/batches/{id}", other))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.lot");
        http.perform(ask("/api/batches/{id}/bin/others?text={lot}", batch, lot.substring(2)))
                .andExpect(jsonPath("$.bins[*].lot", hasItem(lot)))
                .andExpect(jsonPath("$.bins[?(@.id=='%s')]".formatted(batch), empty()));
        http.perform(ask("/api/batches/{id}/bin/others?text=_%", batch)).andExpect(jsonPath("$.bins", empty()));
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
        mixedOn(batch, "null").andExpect(status().isOk());
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
        mixedOn(batch, "null").andExpect(status().isOk());
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
                .andExpect(jsonPath("$.section.slices", hasSize(24)))
                .andExpect(jsonPath("$.section.curves[0].own").value(true))
                .andExpect(jsonPath("$.section.wateredKg", greaterThan(0.5)));
        http.perform(ask("/api/pottings/{id}/portrait", UUID.randomUUID())).andExpect(status().isNotFound());
    }

    /** What goes in after half was taken out weighs twice: the recipe is what lies in the bin, and earlier pots keep theirs. */
    @Test
    void theRecipeIsWhatLiesInTheBin() throws Exception {
        final UUID pot = UUID.randomUUID();
        potUp(pot).andExpect(status().isOk());
        final double before = litres(batch);
        step(batch, "\"kind\":\"THROWN\",\"amount\":%s,\"reason\":\"half of it\"".formatted(before / 2));
        step(batch, "\"kind\":\"ADDED\",\"thingId\":\"orch_med\",\"amount\":1").andExpect(status().isOk());
        final String bin = json("/api/batches/{id}/bin", batch);
        final double sum = JsonPath.<List<Number>>read(bin, "$.recipe.parts[*].amount").stream()
                .mapToDouble(Number::doubleValue)
                .sum();
        final double bark = JsonPath.<List<Number>>read(bin, "$.recipe.parts[?(@.materialId=='orch_med')].amount")
                .get(0)
                .doubleValue();
        assertThat(bark / sum).isBetween(0.13, 0.18);
        http.perform(ask("/api/pottings/{id}/portrait", pot))
                .andExpect(jsonPath("$.recipe.parts[?(@.materialId=='orch_med')]", hasSize(0)));
        step(batch, "\"kind\":\"THROWN\",\"amount\":%s,\"reason\":\"the rest\"".formatted(litres(batch)))
                .andExpect(jsonPath("$.litres", closeTo(0, 1e-6)))
                .andExpect(jsonPath("$.recipe.parts", hasSize(3)));
    }

    /** A pot that is filled while its batch is being noted as mixed waits for that. */
    @Test
    void aPotWaitsForWhatIsDoneWithItsBatch() throws Exception {
        for (int round = 0; round < 5; round++) {
            final UUID fresh = batch(6);
            final CompletableFuture<Integer> noted = CompletableFuture.supplyAsync(() -> {
                try {
                    return mixedOn(fresh, "\"2026-03-01\"")
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
                    .startsWith("Sill mix, lot 2026-03-01-");
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
