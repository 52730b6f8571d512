package looseknit.server.exchange;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import looseknit.server.job.LookedThrough;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Everything in one file, out and in. */
@RestController
@RequestMapping("/api/house")
class ExchangeController {

    private final Exchange exchange;
    private final Clock clock;

    ExchangeController(final Exchange exchange, final Clock clock) {
        this.exchange = exchange;
        this.clock = clock;
    }

    /** How many of a kind are new, the same as here, or differ. */
    record IncomingKindBody(String kind, long fresh, long same, long differing) {}

    /** A batch that gets another number, since its own is another batch's here. */
    record NewNumberBody(String before, String now) {}

    /**
     * How far a file is, and what it would change.
     *
     * @param rows that were read or compared
     * @param kinds of which the file holds something
     * @param clashes what keeps the file from winning, in sentences
     * @param possible whether it can be taken in at all
     */
    record IncomingBody(
            UUID id,
            LookedThrough.State state,
            long rows,
            String says,
            List<IncomingKindBody> kinds,
            List<String> clashes,
            boolean possible,
            List<NewNumberBody> numbers) {

        static IncomingBody of(final Incoming job) {
            final Merge.Found found = job.found();
            return new IncomingBody(
                    job.id(),
                    job.state(),
                    job.done(),
                    job.says(),
                    found == null
                            ? List.of()
                            : found.counts().entrySet().stream()
                                    .map(each -> new IncomingKindBody(
                                            each.getKey().words(),
                                            each.getValue().fresh(),
                                            each.getValue().same(),
                                            each.getValue().differing()))
                                    .filter(each -> each.fresh() + each.same() + each.differing() > 0)
                                    .toList(),
                    found == null ? List.of() : found.clashes(),
                    found == null || found.possible(),
                    found == null
                            ? List.of()
                            : found.numbers().entrySet().stream()
                                    .map(each -> new NewNumberBody(each.getKey(), each.getValue()))
                                    .sorted(Comparator.comparing(NewNumberBody::before))
                                    .toList());
        }
    }

    /** Everything, as it stands at one moment. */
    @GetMapping(value = "/everything", produces = "application/zip")
    void everything(final HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("loose-knit-%s.zip".formatted(LocalDate.now(clock)))
                        .build()
                        .toString());
        exchange.write(response.getOutputStream());
    }

    /** Pots, looks, batches or tests as a table for a spreadsheet. */
    @GetMapping(value = "/tables/{kind}", produces = "text/csv")
    void table(@PathVariable final String kind, final HttpServletResponse response) throws IOException {
        final Table table = Table.named(kind);
        response.setContentType("text/csv;charset=UTF-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"%s.csv\"".formatted(table.file()));
        exchange.write(table, response.getOutputStream());
    }

    /** Begins to look a file through; nothing is changed by it. */
    @PostMapping(value = "/incoming/{id}", consumes = "application/zip")
    IncomingBody lookThrough(@PathVariable final UUID id, final HttpServletRequest request) throws IOException {
        return IncomingBody.of(exchange.lookThrough(id, request.getInputStream()));
    }

    @GetMapping("/incoming/{id}")
    IncomingBody incoming(@PathVariable final UUID id) {
        return IncomingBody.of(exchange.get(id));
    }

    /** Takes in what was looked through, all or nothing. */
    @PostMapping("/incoming/{id}/take")
    IncomingBody take(@PathVariable final UUID id, @RequestParam(defaultValue = "HERE") final Merge.Wins wins) {
        return IncomingBody.of(exchange.take(id, wins));
    }

    @DeleteMapping("/incoming/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable final UUID id) {
        exchange.cancel(id);
    }
}
