package looseknit.server.due;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.message.Message;
import looseknit.server.frame.OpenedSoon;
import looseknit.server.message.Speech;
import looseknit.server.paper.Paper;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The calendar over HTTP, to be read and to be subscribed to. */
@RestController
@RequestMapping("/api")
class CalendarController implements OpenedSoon {

    private static final int USUAL_DAYS = 60;
    private static final int MOST_DAYS = 400;
    private static final int MOST_ENTRIES = 1000;
    private static final int LAST_DAY_OF_WEEK = 6;
    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final DueCalendar calendar;
    private final DueRepository repository;
    private final CalendarFile file;
    private final WeekPaper week;
    private final Speech speech;

    CalendarController(
            final DueCalendar calendar,
            final DueRepository repository,
            final CalendarFile file,
            final WeekPaper week,
            final Speech speech) {
        this.calendar = calendar;
        this.repository = repository;
        this.file = file;
        this.week = week;
        this.speech = speech;
    }

    /**
     * Something that is due.
     *
     * @param subject the pot, the batch or the lot that it is of
     * @param what what it is; null where its kind says it
     * @param because why; null where there is no more to say
     */
    record DueEntryBody(
            DueCalendar.Kind kind,
            LocalDate on,
            UUID subject,
            String label,
            @Nullable Message what,
            @Nullable Message because) {}

    /**
     * What is due in some days.
     *
     * @param more how many entries come after these
     * @param pots how many pots stand here
     * @param reckoned of how many it is reckoned by now; the rest follows when asked again
     */
    record CalendarBody(LocalDate today, List<DueEntryBody> entries, int more, int pots, int reckoned) {}

    @Override
    public Object opened() {
        return List.of(next(USUAL_DAYS), count());
    }

    @GetMapping("/calendar")
    CalendarBody next(@RequestParam(defaultValue = "" + USUAL_DAYS) @Min(1) @Max(MOST_DAYS) final int days) {
        final DueCalendar.Days next = calendar.next(days);
        return new CalendarBody(
                next.today(),
                next.entries().stream()
                        .limit(MOST_ENTRIES)
                        .map(each -> new DueEntryBody(
                                each.kind(), each.on(), each.subject(), each.label(), each.what(), each.because()))
                        .toList(),
                Math.max(0, next.entries().size() - MOST_ENTRIES),
                next.pots(),
                next.reckoned());
    }

    /** How much is due by today: looks, and whatever else the calendar has. */
    record DueCountBody(long looks, long others) {}

    /** How much is due by today. */
    @GetMapping("/calendar/count")
    DueCountBody count() {
        return new DueCountBody(repository.dueLooks(calendar.today()), calendar.dueByToday());
    }

    /** The list of the coming week as PDF, in the units and on the paper of whoever asks. */
    @GetMapping(value = "/calendar/week.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> week(@RequestParam(defaultValue = "A4") final String size) {
        final LocalDate until = calendar.today().plusDays(LAST_DAY_OF_WEEK);
        final List<LookRow> looks = repository.looks(until, Limit.of(MOST_ENTRIES));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"week.pdf\"")
                .body(week.of(
                        calendar.allOf(LAST_DAY_OF_WEEK),
                        looks,
                        repository.dueLooks(until) - looks.size(),
                        Paper.Size.named(size)));
    }

    /** The same as an iCalendar file (RFC 5545); calendars that subscribe to it follow each change. */
    @GetMapping("/calendar.ics")
    ResponseEntity<String> file(@RequestParam(defaultValue = "180") @Min(1) @Max(MOST_DAYS) final int days) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("loose-knit.ics")
                                .build()
                                .toString())
                .body(file.of(calendar.allOf(days), speech.wording()));
    }
}
