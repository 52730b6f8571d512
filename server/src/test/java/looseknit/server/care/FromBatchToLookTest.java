package looseknit.server.care;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.fill;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.UUID;
import looseknit.server.ApiTest;
import looseknit.server.batch.Batches;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** From a kept version over a batch and a potting to the looks, with the calendar in hand. */
@ApiTest
class FromBatchToLookTest {

    private static final LocalDate START = LocalDate.of(2026, 3, 1);

    @Autowired
    private MockMvc http;

    @Autowired
    private Batches batches;

    @MockitoBean
    private Clock clock;

    private UUID blend;
    private UUID batch;

    @BeforeEach
    void mixABatch() throws Exception {
        itIs(START);
        blend = UUID.randomUUID();
        batch = UUID.randomUUID();
        http.perform(send(
                        "/api/blends",
                        "{\"id\":\"%s\",\"name\":\"Cellar mix\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(blend, brief(), recipe("peat", 3))))
                .andExpect(status().isOk());
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", blend))
                .andExpect(status().isOk());
        http.perform(send("/api/batches", batchBody(1, 6, 14))).andExpect(status().isOk());
    }

    @Test
    void aBatchHasAmountsAndASecondSendingChangesNothing() throws Exception {
        http.perform(send("/api/batches", batchBody(1, 6, 14)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.lot", containsString("2026-03-01-")))
                .andExpect(jsonPath("$.plan.materials", hasSize(2)))
                .andExpect(jsonPath("$.plan.litresToMake", greaterThan(5.0)))
                .andExpect(jsonPath("$.plan.cost").doesNotExist());
        http.perform(ask("/api/batches"))
                .andExpect(jsonPath("$.batches[?(@.id == '%s')]".formatted(batch), hasSize(1)));
    }

    @Test
    void pricesMakeACost() throws Exception {
        http.perform(change("/api/packs/peat", "{\"litres\":70,\"price\":14}")).andExpect(status().isOk());
        http.perform(change("/api/packs/perlite_coarse", "{\"litres\":20,\"price\":11}"))
                .andExpect(status().isOk());
        http.perform(ask("/api/batches/{id}", batch))
                .andExpect(jsonPath("$.plan.toPay").value(25.0))
                .andExpect(jsonPath("$.plan.materials[0].packPrice").value(14.0));
        http.perform(change("/api/packs/peat", "{\"litres\":-1}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The content of the pack is -1")));
        http.perform(change("/api/packs/moon_dust", "{\"litres\":1}")).andExpect(status().isUnprocessableContent());
    }

    @Test
    void amountsFollowThePotsAndRefuseImpossibleOnes() throws Exception {
        final long first = batches.get(batch).revision();
        http.perform(change("/api/batches/{id}", changedBatch(first, 12, 14), batch))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.fills[0].count").value(12));
        http.perform(change("/api/batches/{id}", changedBatch(first, 3, 14), batch))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.fills[0].count").value(12));
        http.perform(change("/api/batches/{id}", changedBatch(batches.get(batch).revision(), 0, 14), batch))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value("The number of pots is 0. Allowed: 1 to 10000 pots."));
        http.perform(change("/api/batches/{id}", changedBatch(batches.get(batch).revision(), 2, -14), batch))
                .andExpect(status().isUnprocessableContent());
        http.perform(change("/api/batches/{id}/mixed", "{\"mixedOn\":\"2026-03-01\",\"revision\":1}", batch))
                .andExpect(jsonPath("$.mixedOn").value("2026-03-01"));
    }

    @Test
    void aPottingIsLookedAtWhenItsTimeHasCome() throws Exception {
        final UUID potting = potUp("Lily by the stairs", START);

        http.perform(ask("/api/today"))
                .andExpect(jsonPath("$.due[*].id", not(hasItem(potting.toString()))))
                .andExpect(jsonPath("$.toMix[*].id", hasItem(batch.toString())));
        itIs(START.plusDays(60));
        http.perform(ask("/api/today"))
                .andExpect(jsonPath("$.date").value("2026-04-30"))
                .andExpect(jsonPath("$.due[*].id", hasItem(potting.toString())));

        final UUID look = UUID.randomUUID();
        look(look, potting, "STILL_MOIST").andExpect(jsonPath("$.nextLookBecause", containsString("still moist")));
        look(look, potting, "STILL_MOIST").andExpect(status().isOk());
        http.perform(ask("/api/pottings/{id}/looks", potting)).andExpect(jsonPath("$", hasSize(1)));

        final UUID second = UUID.randomUUID();
        look(second, potting, "WATERED").andExpect(jsonPath("$.lastWateredOn").value("2026-04-30"));
        http.perform(delete("/api/looks/{id}", look)).andExpect(status().isUnprocessableContent());
        http.perform(delete("/api/looks/{id}", second))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.lastWateredOn").value("2026-03-01"))
                .andExpect(jsonPath("$.nextLookBecause", containsString("still moist")));
    }

    @Test
    void pottingUpNeedsToKnowEnoughAndNotTheFuture() throws Exception {
        http.perform(send("/api/pottings", potting(UUID.randomUUID(), "Lily", START.plusDays(1), brief())))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The day of potting is 2026-03-02")));
        http.perform(send(
                        "/api/pottings",
                        potting(UUID.randomUUID(), "Lily", START, brief().replace("\"plantId\":\"peace_lily\",", ""))))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value("The plant is not named. Allowed: a plant from the Book."));
        http.perform(send("/api/pottings", potting(UUID.randomUUID(), " ", START, brief())))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void aPottingCanBeTakenOffAndPutBack() throws Exception {
        final UUID potting = potUp("Lily, lent", START);

        http.perform(delete("/api/pottings/{id}", potting)).andExpect(status().isNoContent());
        http.perform(ask("/api/pottings")).andExpect(jsonPath("$.pottings[*].id", not(hasItem(potting.toString()))));
        http.perform(send("/api/pottings/{id}/restore", "", potting)).andExpect(status().isOk());
        http.perform(ask("/api/pottings")).andExpect(jsonPath("$.pottings[*].id", hasItem(potting.toString())));
    }

    /** Three times bone dry in half the predicted time: the next look comes sooner, and a look taken back unteaches it. */
    @Test
    void looksTeachHowFastAPotDries() throws Exception {
        final UUID potting = potUp("Lily, over the stove", START);
        LocalDate day = START;
        UUID last = UUID.randomUUID();
        for (int i = 0; i < 3; i++) {
            day = day.plusDays(4);
            itIs(day);
            last = UUID.randomUUID();
            look(last, potting, "BONE_DRY").andExpect(status().isOk());
        }
        final String taught = http.perform(ask("/api/pottings/{id}", potting))
                .andExpect(jsonPath("$.pace", containsString("sooner than reckoned (3 looks)")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final double expected = JsonPath.<Double>read(taught, "$.expectedDays");
        assertThat(expected).isLessThan(0.75 * JsonPath.<Double>read(taught, "$.predictedDays"));
        final String untaught = http.perform(delete("/api/looks/{id}", last))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(JsonPath.<Double>read(untaught, "$.expectedDays")).isGreaterThan(expected);
    }

    private void itIs(final LocalDate day) {
        final Instant noon = day.atTime(12, 0).toInstant(ZoneOffset.UTC);
        when(clock.instant()).thenReturn(noon);
        when(clock.getZone()).thenReturn(ZoneOffset.UTC);
    }

    private UUID potUp(final String label, final LocalDate day) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send("/api/pottings", potting(id, label, day, brief())))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.predictedDays", greaterThan(1.0)))
                .andExpect(jsonPath("$.blendName").value("Cellar mix"))
                .andExpect(jsonPath("$.nextLookBecause", containsString("predicted dry by a third after")));
        return id;
    }

    private ResultActions look(final UUID id, final UUID potting, final String answer) throws Exception {
        return http.perform(send(
                "/api/looks", "{\"id\":\"%s\",\"pottingId\":\"%s\",\"answer\":\"%s\"}".formatted(id, potting, answer)));
    }

    private String potting(final UUID id, final String label, final LocalDate day, final String brief) {
        return "{\"id\":\"%s\",\"label\":\"%s\",\"brief\":%s,\"batchId\":\"%s\",\"pottedOn\":\"%s\"}"
                .formatted(id, label, brief, batch, day);
    }

    private String batchBody(final int version, final int count, final double topCm) {
        return "{\"id\":\"%s\",\"blendId\":\"%s\",\"versionNumber\":%d,\"fills\":%s,\"reserve\":0.05,\"scoopLitres\":0.5,\"tubLitres\":20}"
                .formatted(batch, blend, version, fill(count, topCm));
    }

    private static String changedBatch(final long revision, final int count, final double topCm) {
        return "{\"revision\":%d,\"fills\":%s,\"reserve\":0.05,\"scoopLitres\":0.5,\"tubLitres\":20}"
                .formatted(revision, fill(count, topCm));
    }
}
