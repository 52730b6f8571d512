package looseknit.server.batch;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.fill;
import static looseknit.server.ApiTest.Requests.send;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** A batch that is mixed, and a clock that the test moves. */
public abstract class MixedBatch {

    private static final Instant BEGIN = Instant.parse("2026-03-01T09:00:00Z");
    private static final AtomicReference<Instant> NOW = new AtomicReference<>(BEGIN);

    /** A clock that stands until it is moved. */
    @TestConfiguration
    public static class Time {
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
    protected MockMvc http;

    protected UUID blend;
    protected UUID batch;

    /** A peace lily that is potted up with the batch. */
    protected UUID potted(final String label, final String place) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send(
                        "/api/pottings",
                        "{\"id\":\"%s\",\"label\":\"%s\",\"brief\":%s,\"batchId\":\"%s\",\"pottedOn\":\"2026-03-01\"}"
                                .formatted(id, label, brief().replace("landing", place), batch)))
                .andExpect(status().isOk());
        return id;
    }

    protected static void later(final Duration by) {
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

    protected UUID batch(final double litres) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send(
                        "/api/batches",
                        "{\"id\":\"%s\",\"blendId\":\"%s\",\"versionNumber\":1,\"fills\":%s,\"storeLitres\":%s,\"scoopLitres\":0.5,\"tubLitres\":20,\"reserve\":0}"
                                .formatted(id, blend, fill(2, 14), litres)))
                .andExpect(status().isOk());
        return id;
    }

    protected void mixed(final UUID id) throws Exception {
        mixedOn(id, "\"2026-03-01\"").andExpect(status().isOk());
    }

    /** Says of a batch, as it stands, on which day it was mixed; {@code null} for that it was not. */
    protected ResultActions mixedOn(final UUID id, final String day) throws Exception {
        final int revision = JsonPath.read(json("/api/batches/{id}", id), "$.revision");
        return http.perform(
                change("/api/batches/{id}/mixed", "{\"mixedOn\":%s,\"revision\":%d}".formatted(day, revision), id));
    }

    protected ResultActions step(final UUID of, final String rest) throws Exception {
        return http.perform(
                send("/api/batches/{id}/bin/steps", "{\"id\":\"%s\",%s}".formatted(UUID.randomUUID(), rest), of));
    }

    protected String json(final String path, final Object... parts) throws Exception {
        return http.perform(ask(path, parts))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    protected static double number(final String json, final String path) {
        return JsonPath.<Number>read(json, path).doubleValue();
    }

    protected double litres(final UUID of) throws Exception {
        return JsonPath.<Number>read(json("/api/batches/{id}/bin", of), "$.litres")
                .doubleValue();
    }
}
