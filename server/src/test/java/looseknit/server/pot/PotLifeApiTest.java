package looseknit.server.pot;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import javax.imageio.ImageIO;
import looseknit.server.ApiTest;
import looseknit.server.batch.MixedBatch;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

/** What becomes of pots: set up, moved, lent, divided, lost, pictured, and taken back. */
@ApiTest
@Import(MixedBatch.Time.class)
class PotLifeApiTest extends MixedBatch {

    private static final String PLACE = """
            {"name":"lantern room","temperatureC":27,"humidityPercent":35,"light":"SUN","draught":"FAN"}""";

    private static final String SET_UP = """
            {"form":"POT","saucer":true,"holes":4,"holeMm":8,"cover":"MESH","beds":[],
             "ball":{"widthCm":8,"heightCm":7,"aboveCm":0},"channelCm":0,"dressing":"NONE","dressingCm":0,"feed":"NONE","feedGrams":0}""";

    private UUID pot;

    @BeforeEach
    void potUp() throws Exception {
        pot = plantedWith("Lily", "");
    }

    private UUID plantedWith(final String label, final String more) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send("/api/pottings", body(id, label, more))).andExpect(status().isOk());
        return id;
    }

    private String body(final UUID id, final String label, final String more) {
        return "{\"id\":\"%s\",\"label\":\"%s\",\"brief\":%s,\"batchId\":\"%s\",\"pottedOn\":\"2026-03-01\"%s}"
                .formatted(id, label, brief(), batch, more);
    }

    private ResultActions tell(final UUID of, final String rest) throws Exception {
        return http.perform(
                send("/api/pottings/{id}/events", "{\"id\":\"%s\",%s}".formatted(UUID.randomUUID(), rest), of));
    }

    private String portrait(final UUID of) throws Exception {
        return json("/api/pottings/{id}/portrait", of);
    }

    @Test
    void aRootBallSavesMix() throws Exception {
        final double before = litres(batch);
        plantedWith("Bare", "");
        final double between = litres(batch);
        plantedWith("With a ball", ",\"setUpKind\":\"PLAIN\",\"setUp\":" + SET_UP);
        final double bare = before - between;

        assertThat(between - litres(batch)).isLessThan(bare - 0.2);
    }

    @Test
    void movedItDriesAsThereAndBackAsBefore() throws Exception {
        final double here = number(portrait(pot), "$.section.days");
        later(Duration.ofDays(2));
        final String moved = tell(pot, "\"kind\":\"MOVED\",\"place\":" + PLACE)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.brief.place.name").value("lantern room"))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat(number(moved, "$.predictedDays")).isLessThan(here);
        final String event = JsonPath.read(json("/api/pottings/{id}/events", pot), "$[0].id");
        http.perform(delete("/api/pot-events/{id}", event))
                .andExpect(jsonPath("$.brief.place.name").value("landing"));
        assertThat(number(portrait(pot), "$.section.days")).isCloseTo(here, within(1e-9));
        tell(pot, "\"kind\":\"MOVED\"")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("place")));
    }

    @Test
    void lentItIsNotDueAndComesBack() throws Exception {
        later(Duration.ofDays(60));
        http.perform(ask("/api/today")).andExpect(jsonPath("$.due[?(@.id == '%s')]".formatted(pot), hasSize(1)));
        tell(pot, "\"kind\":\"LENT\",\"words\":\"to the household at the slip\"")
                .andExpect(jsonPath("$.state").value("LENT"));
        http.perform(ask("/api/today")).andExpect(jsonPath("$.due[?(@.id == '%s')]".formatted(pot), hasSize(0)));
        tell(pot, "\"kind\":\"GIVEN_AWAY\"")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("It is lent")));
        tell(pot, "\"kind\":\"CAME_BACK\"").andExpect(jsonPath("$.state").value("HERE"));
        tell(pot, "\"kind\":\"CAME_BACK\"").andExpect(status().isUnprocessableContent());
    }

    @Test
    void lostHasACauseAndIsKeptAsHistory() throws Exception {
        tell(pot, "\"kind\":\"LOST\"").andExpect(status().isUnprocessableContent());
        tell(pot, "\"kind\":\"LOST\",\"words\":\"rotted at the neck\"")
                .andExpect(jsonPath("$.state").value("LOST"));
        http.perform(ask("/api/pottings"))
                .andExpect(jsonPath("$.pottings[?(@.id == '%s')]".formatted(pot), hasSize(0)));
        http.perform(ask("/api/pottings?gone=true"))
                .andExpect(jsonPath("$.pottings[?(@.id == '%s')]".formatted(pot), hasSize(1)));
        final String event = JsonPath.read(json("/api/pottings/{id}/events", pot), "$[0].id");
        http.perform(delete("/api/pot-events/{id}", event))
                .andExpect(jsonPath("$.state").value("HERE"));
    }

    @Test
    void aFamilyIsKept() throws Exception {
        final UUID division = plantedWith("Lily, half", ",\"motherId\":\"%s\",\"origin\":\"DIVISION\"".formatted(pot));
        final UUID next = plantedWith("Lily", ",\"motherId\":\"%s\",\"origin\":\"REPOTTED\"".formatted(pot));

        assertThat(JsonPath.<java.util.List<String>>read(portrait(pot), "$.family[*].id"))
                .containsExactlyInAnyOrder(division.toString(), next.toString());
        assertThat(JsonPath.<String>read(portrait(pot), "$.potting.state")).isEqualTo("REPOTTED");
        http.perform(ask("/api/pottings/{id}/events", pot))
                .andExpect(jsonPath("$[*].kind", hasItem("DIVIDED")))
                .andExpect(jsonPath("$[*].kind", hasItem("REPOTTED")));
        http.perform(delete("/api/pottings/{id}", next)).andExpect(status().isNoContent());
        assertThat(JsonPath.<String>read(portrait(pot), "$.potting.state")).isEqualTo("HERE");
        http.perform(send("/api/pottings/{id}/restore", "{}", next)).andExpect(status().isOk());
        assertThat(JsonPath.<String>read(portrait(pot), "$.potting.state")).isEqualTo("REPOTTED");
    }

    @Test
    void severalAreToldTheSameOnce() throws Exception {
        final UUID other = plantedWith("Second", "");
        final UUID id = UUID.randomUUID();
        final String both =
                "{\"pottingIds\":[\"%s\",\"%s\"],\"event\":{\"id\":\"%s\",\"kind\":\"FED\",\"amount\":3,\"words\":\"granules\"}}"
                        .formatted(pot, other, id);
        for (int i = 0; i < 2; i++) {
            http.perform(send("/api/pot-events/together", both)).andExpect(jsonPath("$", hasSize(2)));
        }
        http.perform(ask("/api/pottings/{id}/events", other)).andExpect(jsonPath("$", hasSize(1)));
        http.perform(send(
                        "/api/pot-events/together/taken-back",
                        "{\"pottingIds\":[\"%s\",\"%s\"],\"eventId\":\"%s\"}".formatted(pot, other, id)))
                .andExpect(status().isOk());
        http.perform(ask("/api/pottings/{id}/events", other)).andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void twelveOfTheseAreAllOrNone() throws Exception {
        final String each = body(UUID.randomUUID(), "Pup", ",\"setUpKind\":\"CAUDEX\"");
        for (int i = 0; i < 2; i++) {
            http.perform(send("/api/pottings/several", "{\"count\":3,\"each\":%s}".formatted(each)))
                    .andExpect(jsonPath("$[2].label").value("Pup 3"));
        }
        http.perform(ask("/api/pottings?kind=CAUDEX&words=pup 2"))
                .andExpect(jsonPath("$.total").value(1));
        http.perform(send(
                        "/api/pottings/several",
                        "{\"count\":2,\"each\":%s}"
                                .formatted(body(UUID.randomUUID(), "Pup", "").replace("\"topCm\":14", "\"topCm\":1"))))
                .andExpect(status().isUnprocessableContent());
        http.perform(ask("/api/pottings?words=peace lily&place=landing"))
                .andExpect(jsonPath("$.total", greaterThan(3)));
    }

    @Test
    void aChangedSetUpIsReadAnewAndAnOldRevisionIsToldOf() throws Exception {
        final String change =
                "{\"revision\":%d,\"label\":\"Lily two\",\"brief\":%s,\"setUpKind\":\"PLAIN\",\"setUp\":%s}";
        final int revision = JsonPath.read(portrait(pot), "$.potting.revision");
        http.perform(change("/api/pottings/{id}", change.formatted(revision, brief(), SET_UP), pot))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.label").value("Lily two"));
        http.perform(change("/api/pottings/{id}", change.formatted(revision, brief(), SET_UP), pot))
                .andExpect(status().isOk());
        http.perform(change(
                        "/api/pottings/{id}",
                        change.formatted(revision, brief(), SET_UP).replace("Lily two", "Lily three"),
                        pot))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.label").value("Lily two"));
        http.perform(ask("/api/pottings/{id}/events", pot))
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].kind").value("SET_UP"))
                .andExpect(jsonPath("$[0].canBeTakenBack").value(false));
        assertThat(JsonPath.<Double>read(portrait(pot), "$.setUp.ball.widthCm")).isEqualTo(8);
    }

    /** Places from above and what the roots came to stay with the pot. */
    @Test
    void whatWasToldWhenPottingUpIsKept() throws Exception {
        final String places = """
                ,"places":{"spacing":"BULBS_APART","ownCm":3,"wallCm":1,"pattern":"RINGS","facing":"INWARD","byHand":false,
                "spots":[{"x":1.5,"y":-2,"facingDeg":90}]}}""";
        final UUID bulbs = plantedWith("Bulbs", """
                ,"setUp":%s,"roots":{"colour":"BROWN","smell":"SOUR","firmness":"SOFT","growth":"SPARSE","ball":"FALLS_APART",
                "oldMix":"LOOSE"}""".formatted(SET_UP.strip().replaceAll("}$", places)));

        assertThat(JsonPath.<Double>read(portrait(bulbs), "$.setUp.places.spots[0].y"))
                .isEqualTo(-2);
        http.perform(ask("/api/pottings/{id}/events", bulbs))
                .andExpect(jsonPath("$[0].kind").value("NOTED"))
                .andExpect(jsonPath("$[0].words").value("roots at potting: some rot; the ball fell apart"));
    }

    @Test
    void whatIsNotHereIsNotLookedAt() throws Exception {
        tell(pot, "\"kind\":\"LENT\"").andExpect(status().isOk());
        http.perform(send(
                        "/api/looks",
                        "{\"id\":\"%s\",\"pottingId\":\"%s\",\"answer\":\"WATERED\"}"
                                .formatted(UUID.randomUUID(), pot)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("lent")));
    }

    private static byte[] picture(final int width, final int height, final String format) throws IOException {
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }

    /** A JPEG with an Exif block after its head that says: turned by a quarter, and where it was taken. */
    private static byte[] turnedWithPlace() throws IOException {
        final byte[] plain = picture(60, 40, "jpg");
        final byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            52,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            2,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            (byte) 0x88,
            0x25,
            0,
            4,
            0,
            0,
            0,
            1,
            0,
            0,
            0,
            38,
            0,
            0,
            0,
            0,
            'G',
            'P',
            'S',
            '!',
            0,
            0
        };
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(exif);
        out.write(plain, 2, plain.length - 2);
        return out.toByteArray();
    }

    @Test
    void aPictureIsTurnedUprightAndStripped() throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(put("/api/photos/{id}?potting={pot}", id, pot)
                        .contentType(MediaType.IMAGE_JPEG)
                        .content(turnedWithPlace()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.width").value(40))
                .andExpect(jsonPath("$.height").value(60));
        final byte[] kept = http.perform(ask("/api/photos/{id}", id))
                .andExpect(content().contentType(MediaType.IMAGE_JPEG))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(new String(kept, java.nio.charset.StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif", "GPS!");
        assertThat(ImageIO.read(new ByteArrayInputStream(http.perform(ask("/api/photos/{id}/thumbnail", id))
                                .andReturn()
                                .getResponse()
                                .getContentAsByteArray()))
                        .getHeight())
                .isLessThanOrEqualTo(240);
        http.perform(ask("/api/pottings/{id}/events", pot))
                .andExpect(jsonPath("$[0].kind").value("PICTURED"));
        http.perform(delete("/api/pot-events/{id}", id)).andExpect(status().isOk());
        http.perform(ask("/api/photos/{id}", id)).andExpect(status().isNotFound());
        http.perform(ask("/api/pottings/{id}/events", pot)).andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void whatIsNoPictureIsRefused() throws Exception {
        http.perform(put("/api/photos/{id}?potting={pot}", UUID.randomUUID(), pot)
                        .contentType(MediaType.IMAGE_PNG)
                        .content("<svg onload='x'/>".getBytes(java.nio.charset.StandardCharsets.UTF_8)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("JPEG and PNG")));
        http.perform(put("/api/photos/{id}?potting={pot}", UUID.randomUUID(), pot)
                        .contentType(MediaType.IMAGE_PNG)
                        .content(picture(8, 8, "gif")))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void labelsAreAPageToCutUp() throws Exception {
        final byte[] pdf = http.perform(ask("/api/pot-labels.pdf?ids={a}&size=LETTER", pot))
                .andExpect(status().isOk())
                .andExpect(content().contentType(MediaType.APPLICATION_PDF))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document)).contains("Lily", "Sill mix", "potted 1 Mar 2026");
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(612, within(1f));
        }
        http.perform(ask("/api/pot-labels.pdf?ids={a}&label=huge", pot))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("CUT_SMALL")));
    }

    @Test
    void thePortraitSaysWhatIsAheadAndWhatTheMixHasBecome() throws Exception {
        final String fresh = portrait(pot);
        later(Duration.ofDays(500));
        final String older = portrait(pot);

        assertThat(JsonPath.<java.util.List<String>>read(fresh, "$.ahead[*].kind"))
                .contains("FEED", "REPOT", "TEST");
        assertThat(number(older, "$.now.sunkCm")).isGreaterThan(number(fresh, "$.now.sunkCm"));
        assertThat(number(older, "$.now.airPercent")).isLessThan(number(fresh, "$.now.airPercent"));
    }
}
