package looseknit.server.due;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.io.StringReader;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.server.ApiTest;
import looseknit.server.batch.MixedBatch;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;

/** The calendar: what is due with its reason, following what was done, and as a file that a calendar reads. */
@ApiTest
@Import(MixedBatch.Time.class)
class CalendarApiTest extends MixedBatch {

    @Autowired
    private DueCalendar dues;

    private UUID pot;

    @BeforeEach
    void potUp() throws Exception {
        pot = potted("Lily", "landing");
    }

    /** As a page asks: again until the calendar of all pots is reckoned. */
    private String calendar(final int days) throws Exception {
        while (true) {
            final String calendar = http.perform(ask("/api/calendar?days=" + days))
                    .andExpect(status().isOk())
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            if (JsonPath.read(calendar, "$.pots").equals(JsonPath.read(calendar, "$.reckoned"))) {
                return calendar;
            }
        }
    }

    private List<String> on(final String calendar, final String kind) {
        return JsonPath.read(calendar, "$.entries[?(@.subject=='%s' && @.kind=='%s')].on".formatted(pot, kind));
    }

    @Test
    void saysWhatIsDueWithItsReasonSoonestFirst() throws Exception {
        final String year = calendar(365);
        final List<String> days = JsonPath.read(year, "$.entries[*].on");
        final List<String> because = JsonPath.read(year, "$.entries[?(@.subject=='%s')].because".formatted(pot));

        assertThat(days).isSorted();
        assertThat(on(year, "FEED")).containsExactly("2026-08-01");
        assertThat(because).isNotEmpty().noneMatch(String::isBlank);
        assertThat(on(calendar(30), "FEED")).isEmpty();
    }

    @Test
    void followsWhatWasDone() throws Exception {
        assertThat(on(calendar(365), "FEED")).containsExactly("2026-08-01");
        later(Duration.ofDays(92));
        http.perform(send(
                        "/api/pottings/{id}/events",
                        "{\"id\":\"%s\",\"kind\":\"FED\",\"words\":\"granules\"}".formatted(UUID.randomUUID()),
                        pot))
                .andExpect(status().isOk());

        assertThat(on(calendar(365), "FEED"))
                .as("it takes little in the dark months")
                .containsExactly("2027-03-01");
    }

    @Test
    void isReckonedAnewWhenATestHasShownSomethingElseOfTheBlend() throws Exception {
        calendar(60);
        final int before = dues.changesOfTheBook();
        http.perform(send("/api/blends/{id}/tests", """
                        {"id":"%s","madeOn":"2026-03-01","test":{"kind":"DRAINAGE","containerL":1,"heightCm":12,"waterInL":0.6,"drainedL":0.02}}""".formatted(UUID.randomUUID()), blend))
                .andExpect(status().isOk());

        assertThat(dues.changesOfTheBook()).isGreaterThan(before);
        calendar(60);
        dues.goOn(() -> true);
        assertThat(dues.isBehind()).isFalse();
    }

    @Test
    void newcomersSettleAndSaltsAreRinsed() throws Exception {
        assertThat(on(calendar(60), "SETTLE")).containsExactly("2026-03-22");
        final String pot = json("/api/pottings/{id}/portrait", this.pot);
        final List<String> given = JsonPath.read(pot, "$.given[*].what");

        assertThat(given).singleElement().asString().contains("in the mix");
        assertThat(number(pot, "$.given[0].left")).isEqualTo(1);
    }

    @Test
    void bagsThatRunOutAreThereToo() throws Exception {
        final UUID lot = UUID.randomUUID();
        http.perform(send("/api/shelf/lots", """
                        {"id":"%s","facts":{"materialId":"peat_coarse","sold":"LOOSE_LITRES","amount":40,"swell":0,"leftLitres":2,
                        "openedOn":"2025-03-10","supplier":"the boat","fed":false,"rinsed":false,"quarantined":false}}""".formatted(lot))).andExpect(status().isOk());
        final String calendar = calendar(30);

        assertThat(JsonPath.<List<String>>read(calendar, "$.entries[?(@.subject=='%s')].kind".formatted(lot)))
                .containsExactly("SHELF_LOW", "OLD_BAG");
        assertThat(JsonPath.<List<String>>read(
                        calendar, "$.entries[?(@.subject=='%s' && @.kind=='OLD_BAG')].on".formatted(lot)))
                .containsExactly("2026-03-10");
        later(Duration.ofDays(60));
        final String count = json("/api/calendar/count");
        assertThat(number(count, "$.looks")).isPositive();
        assertThat(number(count, "$.others")).isGreaterThanOrEqualTo(2);
        http.perform(ask("/api/recall?bag={lot}", lot))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.of").value("Sphagnum peat, coarse, the boat"))
                .andExpect(jsonPath("$.pots").isEmpty());

        // a full one that waits is enough
        http.perform(send("/api/shelf/lots", """
                        {"id":"%s","facts":{"materialId":"peat_coarse","sold":"LOOSE_LITRES","amount":40,"swell":0,"leftLitres":40,
                        "fed":false,"rinsed":false,"quarantined":false}}""".formatted(UUID.randomUUID()))).andExpect(status().isOk());
        assertThat(JsonPath.<List<String>>read(calendar(30), "$.entries[?(@.subject=='%s')].kind".formatted(lot)))
                .containsExactly("OLD_BAG");
    }

    @Test
    void aBagWithNextToNothingInItHoldsNone() throws Exception {
        final UUID lot = UUID.randomUUID();
        http.perform(send("/api/shelf/lots", """
                        {"id":"%s","facts":{"materialId":"perlite_fine","sold":"LOOSE_LITRES","amount":40,"swell":0,"leftLitres":0.03,"supplier":"the boat","fed":false,"rinsed":false,"quarantined":false}}""".formatted(lot))).andExpect(status().isOk());

        assertThat(JsonPath.<List<String>>read(calendar(30), "$.entries[?(@.subject=='%s')].because".formatted(lot)))
                .containsExactly("none left: time to buy");
    }

    @Test
    void aCalendarReadsTheFile() throws Exception {
        final String text = http.perform(ask("/api/calendar.ics?days=365"))
                .andExpect(status().isOk())
                .andExpect(content().contentTypeCompatibleWith("text/calendar"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final Calendar read = new CalendarBuilder().build(new StringReader(text));
        read.validate();
        final List<VEvent> events = read.getComponents(Component.VEVENT);
        final VEvent feed = events.stream()
                .filter(event -> event.getUid().orElseThrow().getValue().equals("FEED-%s@loose-knit".formatted(pot)))
                .findFirst()
                .orElseThrow();

        assertThat(events).hasSize(((List<?>) JsonPath.read(calendar(365), "$.entries")).size());
        assertThat(feed.getDateTimeStart().getDate()).isEqualTo(LocalDate.of(2026, 8, 1));
        assertThat(feed.getSummary().getValue()).startsWith("Lily: ");
        assertThat(feed.getDescription().getValue()).isNotBlank();
    }

    @Test
    void refusesDaysThatAreNone() throws Exception {
        http.perform(ask("/api/calendar?days=0")).andExpect(status().is4xxClientError());
        http.perform(ask("/api/calendar?days=30")).andExpect(jsonPath("$.today").value("2026-03-01"));
    }
}
