package looseknit.server.care;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.server.ApiTest;
import looseknit.server.batch.MixedBatch;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.ResultActions;

/** Weather that was logged moves the looks; a pot on a scale says how much is left; the hand is known by its waterings. */
@ApiTest
@Import(MixedBatch.Time.class)
class WeatherApiTest extends MixedBatch {

    private static final LocalDate START = LocalDate.of(2026, 3, 1);

    private String place;
    private UUID pot;

    @BeforeEach
    void potUp() throws Exception {
        place = "yard " + UUID.randomUUID().toString().substring(0, 8);
        pot = potted("Lily", place);
    }

    private ResultActions file(final String text, final boolean keep) throws Exception {
        return http.perform(send(
                "/api/climate/file",
                "{\"place\":\"%s\",\"text\":\"%s\",\"keep\":%s}".formatted(place, text.replace("\n", "\\n"), keep)));
    }

    private static String days(final int count, final String cells) {
        return IntStream.range(0, count)
                .mapToObj(day -> START.plusDays(day) + "," + cells)
                .collect(Collectors.joining("\n", "time,temperature_c,humidity_percent,rain_mm\n", ""));
    }

    private String nextLook() throws Exception {
        return JsonPath.read(json("/api/pottings/{id}", pot), "$.nextLookOn");
    }

    private void look(final String answer, final String rest) throws Exception {
        http.perform(send(
                        "/api/looks",
                        "{\"id\":\"%s\",\"pottingId\":\"%s\",\"answer\":\"%s\"%s}"
                                .formatted(UUID.randomUUID(), pot, answer, rest)))
                .andExpect(status().isOk());
    }

    @Test
    void aFileIsLookedThroughFirstAndKeptOnce() throws Exception {
        later(Duration.ofDays(3));
        file(days(3, "33,25,0"), false)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.days", hasSize(3)))
                .andExpect(jsonPath("$.known").value(0))
                .andExpect(jsonPath("$.moved").value(0));
        http.perform(ask("/api/climate?place={place}", place)).andExpect(jsonPath("$", hasSize(0)));

        file(days(3, "33,25,0"), true).andExpect(jsonPath("$.moved").value(1));
        file(days(3, "33,25,0"), true)
                .andExpect(jsonPath("$.known").value(3))
                .andExpect(jsonPath("$.moved").value(0));
        http.perform(ask("/api/climate?place={place}", place)).andExpect(jsonPath("$", hasSize(3)));
    }

    @Test
    void aWarmSpellBringsTheLookForwardAndACoolOnePutsItOff() throws Exception {
        final String usual = nextLook();
        later(Duration.ofDays(3));
        file(days(3, "33,25,0"), true);
        final String warm = nextLook();
        file(days(3, "4,95,0"), true);

        assertThat(warm).isLessThan(usual);
        assertThat(nextLook()).isGreaterThan(usual);
        http.perform(ask("/api/pottings/{id}", pot))
                .andExpect(jsonPath("$.nextLookBecause", containsString("cooler and damper")));
    }

    /** What was seen after a warm spell says less of the pot than of the weather. */
    @Test
    void aWarmSpellIsNotHeldAgainstThePot() throws Exception {
        later(Duration.ofDays(3));
        file(days(3, "33,25,0"), true);
        look("WATERED", "");
        final UUID warm = pot;
        place = "elsewhere " + place;
        pot = potted("Other lily", place);
        look("WATERED", "");

        // so many usual days its three warm ones were; elsewhere nothing is known of the weather
        assertThat(Double.parseDouble(dryAfterDays(warm))).isBetween(4.0, 9.0);
        assertThat(dryAfterDays(pot)).isEmpty();
    }

    /** What the table of looks says of the only look at a pot. */
    private String dryAfterDays(final UUID pot) throws Exception {
        final List<String> lines = http.perform(ask("/api/house/tables/looks"))
                .andReturn()
                .getResponse()
                .getContentAsString()
                .lines()
                .toList();
        final int column = List.of(lines.get(0).split(",")).indexOf("dry_after_days");
        return lines.stream()
                .filter(line -> line.contains(pot.toString()))
                .map(line -> line.split(",", -1)[column])
                .reduce((one, other) -> fail("more than one look"))
                .orElseThrow();
    }

    @Test
    void theLoggerIsReadFromWhereItWasReadLast() throws Exception {
        later(Duration.ofDays(10));
        final String body = "{\"place\":\"%s\"}".formatted(place);
        http.perform(send("/api/climate/logger", body))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.days", hasSize(60)))
                .andExpect(jsonPath("$.bad", hasSize(0)));
        http.perform(send("/api/climate/logger", body)).andExpect(jsonPath("$.days", hasSize(0)));
        later(Duration.ofDays(2));
        http.perform(send("/api/climate/logger", body)).andExpect(jsonPath("$.days", hasSize(2)));
        http.perform(ask("/api/climate/places"))
                .andExpect(jsonPath("$[?(@.place=='%s')].days".formatted(place)).value(62));
    }

    @Test
    void saysWhatIsWrongWithAFile() throws Exception {
        file("time,colour\n2026-03-01,red", true)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("temperature_c")));
        file(days(3, "33,25,0"), true)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("clock of the logger")));
        http.perform(send("/api/climate/logger", "{\"place\":\"nowhere\"}"))
                .andExpect(status().isUnprocessableContent());
        later(Duration.ofDays(3));
        file("time,temperature_c,humidity_percent\n2026-03-01,warm,40\n2026-03-02,14,40", false)
                .andExpect(jsonPath("$.days", hasSize(1)))
                .andExpect(jsonPath("$.bad[0]", containsString("warm")));
    }

    @Test
    void aPotOnAScaleSaysWhatIsLeftAndTeaches() throws Exception {
        later(Duration.ofDays(4));
        final String scale = http.perform(send("/api/pottings/{id}/scale", "{}", pot))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.says", containsString("of its water")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final double grams = number(scale, "$.grams");
        http.perform(send("/api/pottings/{id}/weight", "{\"grams\":%s}".formatted(grams), pot))
                .andExpect(jsonPath("$.left").value(number(scale, "$.left")));
        http.perform(send("/api/pottings/{id}/weight", "{\"grams\":-2}", pot))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("The weight is -2")));
        http.perform(send("/api/pottings/{id}/weight", "{\"grams\":90000}", pot))
                .andExpect(jsonPath("$.says", containsString("not what this pot can weigh")));

        look("STILL_MOIST", ",\"grams\":%s".formatted(grams));
        http.perform(ask("/api/pottings/{id}/looks", pot))
                .andExpect(jsonPath("$[0].grams").value(grams));
    }

    @Test
    void potsOfOnePlaceTeachEachOther() throws Exception {
        final UUID untouched = potted("Untouched lily", place);
        for (int round = 0; round < 4; round++) {
            later(Duration.ofDays(4));
            look("BONE_DRY", "");
        }
        later(Duration.ofDays(1));
        final UUID fresh = potted("Fresh lily", place);
        final String pot = json("/api/pottings/{id}", fresh);

        assertThat(number(pot, "$.expectedDays")).isLessThan(0.97 * number(pot, "$.predictedDays"));
        assertThat(number(json("/api/pottings/{id}", untouched), "$.expectedDays"))
                .isGreaterThan(number(pot, "$.expectedDays"));
    }

    @Test
    void theHandIsKnownByItsWateringsAndMisfitsAreNamed() throws Exception {
        for (int round = 0; round < 6; round++) {
            later(Duration.ofDays(6));
            look("BONE_DRY", "");
        }
        final String hand = json("/api/hand");

        assertThat(JsonPath.<List<Double>>read(hand, "$.places[?(@.place=='%s')].everyDays".formatted(place)))
                .hasSize(1)
                .allSatisfy(days -> assertThat(days).isBetween(5.9, 6.1));
        assertThat(JsonPath.<List<String>>read(hand, "$.misfits[?(@.id=='%s')].says".formatted(pot)))
                .singleElement()
                .asString()
                .contains("too seldom");
        http.perform(
                        change(
                                "/api/places",
                                "{\"name\":\"cool damp cellar\",\"temperatureC\":12,\"humidityPercent\":85,\"light\":\"MEDIUM\",\"draught\":\"STILL\"}"))
                .andExpect(status().isOk());
        assertThat(JsonPath.<List<String>>read(json("/api/hand/{id}/ways", pot), "$.ways"))
                .anySatisfy(way -> assertThat(way).contains("cool damp cellar"));
        http.perform(ask("/api/hand/{id}/ways", UUID.randomUUID())).andExpect(status().isNotFound());
        final UUID unwatched = potted("Unwatched lily", place);
        assertThat(JsonPath.<List<String>>read(json("/api/hand/{id}/ways", unwatched), "$.ways"))
                .isEmpty();
    }
}
