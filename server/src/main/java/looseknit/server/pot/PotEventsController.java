package looseknit.server.pot;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.server.need.PlaceBody;
import looseknit.server.pot.PotEvent.Kind;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What happens to pots over HTTP, one by one or several at once. */
@RestController
@RequestMapping("/api")
class PotEventsController {

    private final PotWork work;
    private final PottingBodies bodies;

    PotEventsController(final PotWork work, final PottingBodies bodies) {
        this.work = work;
        this.bodies = bodies;
    }

    /**
     * What is told of a pot; the id is made by the caller, so that a repeated call stores nothing twice.
     *
     * @param on the day; null for today
     * @param words what was seen, to whom it went, of what it died
     * @param amount grams of feed or litres of mix
     * @param place where it goes; only for a move
     */
    record PotEventAskedBody(
            @NotNull UUID id,
            @NotNull Kind kind,
            @Nullable LocalDate on,
            @Size(max = 1000) @Nullable String words,
            @Nullable Double amount,
            @Valid @Nullable PlaceBody place) {

        PotWork.Told told() {
            return new PotWork.Told(id, kind, on, words == null ? "" : words, amount, place);
        }
    }

    /** The same told of several pots. */
    record PotEventsAskedBody(
            @NotNull @Size(min = 1, max = PottingsController.MOST_AT_ONCE)
            List<@NotNull UUID> pottingIds,

            @NotNull @Valid PotEventAskedBody event) {}

    /** Something that happened; the other is a pot or a photo. */
    record PotEventBody(
            UUID id,
            LocalDate on,
            PotEvent.Kind kind,
            String words,
            @Nullable Double amount,
            @Nullable UUID otherId,
            boolean canBeTakenBack) {}

    /** What happened to a pot, the newest first. */
    @GetMapping("/pottings/{id}/events")
    List<PotEventBody> all(@PathVariable final UUID id) {
        final List<PotEvent> events = work.of(id);
        return events.stream()
                .map(each -> new PotEventBody(
                        each.getId(),
                        each.happenedOn(),
                        each.kind(),
                        each.words(),
                        each.amount(),
                        each.otherId(),
                        PotWork.canBeTakenBack(each, events)))
                .toList();
    }

    @PostMapping("/pottings/{id}/events")
    PottingBody tell(@PathVariable final UUID id, @RequestBody @Valid final PotEventAskedBody body) {
        return bodies.of(work.tell(id, body.told()));
    }

    /** Takes a step back. */
    @DeleteMapping("/pot-events/{id}")
    PottingBody takeBack(@PathVariable final UUID id) {
        return bodies.of(work.takeBack(id));
    }

    /** Tells the same of several pots, all or none. */
    @PostMapping("/pot-events/together")
    List<PottingBody> together(@RequestBody @Valid final PotEventsAskedBody body) {
        return bodies.ofEach(work.together(body.pottingIds(), body.event().told()));
    }

    /** Which pots, and what was told of them. */
    record PotEventsTakenBackBody(
            @NotNull @Size(min = 1, max = PottingsController.MOST_AT_ONCE)
            List<@NotNull UUID> pottingIds,

            @NotNull UUID eventId) {}

    /** Takes back what was told of several pots. */
    @PostMapping("/pot-events/together/taken-back")
    void takeBackTogether(@RequestBody @Valid final PotEventsTakenBackBody body) {
        work.takeBackTogether(body.pottingIds(), body.eventId());
    }
}
