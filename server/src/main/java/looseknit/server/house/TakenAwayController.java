package looseknit.server.house;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.TakenAway;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was taken away of late, and can be put back. */
@RestController
@RequestMapping("/api/house/taken-away")
class TakenAwayController {

    /** For so long it is shown; it is not lost after that either, since other things may name it. */
    static final Duration SHOWN = Duration.ofDays(30);

    private static final int MOST_SHOWN = 500;

    private final List<TakenAway> kinds;
    private final Clock clock;

    TakenAwayController(final List<TakenAway> kinds, final Clock clock) {
        this.kinds = List.copyOf(kinds);
        this.clock = clock;
    }

    /** Something that was taken away. */
    record GoneBody(String kind, String id, String name, Instant at) {}

    @GetMapping
    List<GoneBody> all() {
        final Instant since = clock.instant().minus(SHOWN);
        return kinds.stream()
                .flatMap(kind -> kind.since(since).stream()
                        .map(gone -> new GoneBody(kind.kind(), gone.id(), gone.name(), gone.at())))
                .sorted(Comparator.comparing(GoneBody::at).reversed())
                .limit(MOST_SHOWN)
                .toList();
    }

    /** Puts something back, with all that hangs on it. */
    @PostMapping("/{kind}/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putBack(@PathVariable final String kind, @PathVariable final String id) {
        final TakenAway found = kinds.stream()
                .filter(each -> each.kind().equals(kind))
                .findFirst()
                .orElseThrow(() -> new NotThere("kind of thing"));
        if (found.since(clock.instant().minus(SHOWN)).stream()
                .noneMatch(gone -> gone.id().equals(id))) {
            throw new NotThere("thing that was taken away in the last 30 days");
        }
        found.putBack(id);
    }
}
