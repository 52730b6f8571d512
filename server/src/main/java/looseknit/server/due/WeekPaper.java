package looseknit.server.due;

import static looseknit.server.paper.Paper.plain;
import static looseknit.server.paper.Paper.said;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.message.Wording;
import looseknit.server.message.PaperWords;
import looseknit.server.message.Speech;
import looseknit.server.paper.Paper;
import org.springframework.stereotype.Component;

/** The list of a week, to carry along and tick off: which pots want a look on which day, by place, and what else is due. */
@Component
class WeekPaper {

    private static final int DAYS = 7;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter COLUMN = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);

    private static final String STYLE = """
            @page { size: %s; margin: 14mm }
            h1 { font-size: 20pt; margin: 0 0 1mm }
            h2 { font-size: 13pt; margin: 5mm 0 1mm; page-break-after: avoid }
            tr { page-break-inside: avoid }
            td, th { border-bottom: 0.4pt solid #9aa79f; vertical-align: middle }
            .pot { font-size: 12pt }
            .day { width: 13mm; text-align: center; padding: 1mm 0; font-size: 8.5pt }
            .tick { width: 4.5mm; height: 4.5mm; margin: 0 auto; border: 0.5pt solid #b9c3bd }
            .due { border: 1.4pt solid #1a211d }
            .box { width: 7mm }
            .when { width: 24mm }
            .small { font-size: 8.5pt }
            """;

    private final Speech speech;
    private final Paper paper;

    WeekPaper(final Speech speech, final Paper paper) {
        this.speech = speech;
        this.paper = paper;
    }

    /**
     * The list.
     *
     * @param looks by place
     * @param more how many looks are due beside those
     */
    byte[] of(final DueCalendar.Days days, final List<LookRow> looks, final long more, final Paper.Size size) {
        final LocalDate from = days.today();
        final Wording wording = speech.wording();
        final StringBuilder body = new StringBuilder("<h1>%s</h1>"
                .formatted(said(wording, PaperWords.WEEK, DAY.format(from), DAY.format(from.plusDays(DAYS - 1)))));
        if (looks.isEmpty()) {
            body.append("<p>%s</p>".formatted(said(wording, PaperWords.NO_LOOKS)));
        }
        final Map<String, List<LookRow>> byPlace = looks.stream()
                .collect(Collectors.groupingBy(
                        each -> Objects.requireNonNullElseGet(
                                each.placeName(), () -> wording.of(PaperWords.NO_PLACE.words())),
                        LinkedHashMap::new,
                        Collectors.toList()));
        byPlace.forEach((place, rows) -> body.append(grid(from, place, rows)));
        if (more > 0) {
            body.append("<p>%s</p>".formatted(said(wording, PaperWords.MORE_LOOKS, more)));
        }
        if (!days.entries().isEmpty()) {
            body.append("<h2>%s</h2><table>".formatted(said(wording, PaperWords.ALSO_DUE)));
            days.entries().forEach(entry -> body.append(entry(entry, wording)));
            body.append("</table>");
        }
        return paper.pdf(
                wording.of(PaperWords.WEEK_FROM.with(DAY.format(from))), STYLE.formatted(size.css()), body.toString());
    }

    /** A line for each pot and a box for each day; the box of the day that is meant is drawn thick, what is late is due today. */
    private static String grid(final LocalDate from, final String place, final List<LookRow> rows) {
        final String head = IntStream.range(0, DAYS)
                .mapToObj(i -> "<td class=\"day\">%s</td>".formatted(COLUMN.format(from.plusDays(i))))
                .collect(Collectors.joining());
        return "<h2>%s</h2><table><tr><td></td>%s</tr>%s</table>"
                .formatted(
                        plain(place),
                        head,
                        rows.stream()
                                .map(row -> "<tr><td class=\"pot\">%s</td>%s</tr>"
                                        .formatted(plain(row.label()), boxes(from, row.on())))
                                .collect(Collectors.joining()));
    }

    private static String boxes(final LocalDate from, final LocalDate on) {
        final LocalDate due = on.isBefore(from) ? from : on;
        return IntStream.range(0, DAYS)
                .mapToObj(i -> "<td class=\"day\"><div class=\"tick%s\"></div></td>"
                        .formatted(due.equals(from.plusDays(i)) ? " due" : ""))
                .collect(Collectors.joining());
    }

    private static String entry(final DueCalendar.Entry entry, final Wording wording) {
        return "<tr><td class=\"box\"><div class=\"tick\"></div></td><td class=\"when\">%s</td><td class=\"pot\">%s</td><td>%s<div class=\"small\">%s</div></td></tr>"
                .formatted(
                        DAY.format(entry.on()),
                        plain(entry.label()),
                        plain(wording.of(CalendarFile.what(entry))),
                        Optional.ofNullable(entry.because())
                                .map(wording::of)
                                .map(Paper::plain)
                                .orElse(""));
    }
}
