package looseknit.server.batch;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.context.annotation.Import;

/** A batch from the day it is mixed: tested with the instruments, adjusted, tested again, put on the shelf with what was measured. */
@ApiTest
@Import(MixedBatch.Time.class)
class TestAndAdjustApiTest extends MixedBatch {

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
}
