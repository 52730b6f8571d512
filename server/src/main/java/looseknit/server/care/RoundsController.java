package looseknit.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.server.batch.Batch;
import looseknit.server.batch.Batches;
import looseknit.server.blend.Blends;
import looseknit.server.pot.PottingBodies;
import looseknit.server.pot.PottingBody;
import looseknit.server.pot.Pottings;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Today and the looks over HTTP. */
@RestController
@RequestMapping("/api")
class RoundsController {

    private final Rounds rounds;
    private final Pottings pottings;
    private final PottingBodies bodies;
    private final Batches batches;
    private final Blends blends;
    private final Clock clock;

    RoundsController(
            final Rounds rounds,
            final Pottings pottings,
            final PottingBodies bodies,
            final Batches batches,
            final Blends blends,
            final Clock clock) {
        this.rounds = rounds;
        this.pottings = pottings;
        this.bodies = bodies;
        this.batches = batches;
        this.blends = blends;
        this.clock = clock;
    }

    /** What is to be done on a day. */
    record TodayBody(LocalDate date, List<PottingBody> due, List<PottingBody> later, List<WaitingBatchBody> toMix) {}

    /** A batch that is planned but not mixed. */
    record WaitingBatchBody(UUID id, String lot, String blendName, double litresToMake, int pots) {}

    /** A look; the id is made by the caller, so that a repeated call stores nothing twice. */
    record NewLookBody(
            @NotNull UUID id,
            @NotNull UUID pottingId,
            @NotNull Look.Answer answer) {}

    /** A look as it was noted. */
    record LookBody(UUID id, UUID pottingId, LocalDate lookedOn, Look.Answer answer) {}

    @GetMapping("/today")
    TodayBody today() {
        final LocalDate today = LocalDate.now(clock);
        final List<PottingBody> all = bodies.of(pottings.all());
        return new TodayBody(
                today,
                all.stream().filter(each -> !each.nextLookOn().isAfter(today)).toList(),
                all.stream().filter(each -> each.nextLookOn().isAfter(today)).toList(),
                batches.all().stream()
                        .filter(batch -> batch.mixedOn() == null)
                        .map(this::waiting)
                        .toList());
    }

    @PostMapping("/looks")
    PottingBody look(@RequestBody @Valid final NewLookBody body) {
        return bodies.of(rounds.look(body.id(), body.pottingId(), body.answer()));
    }

    @DeleteMapping("/looks/{id}")
    PottingBody takeBack(@PathVariable final UUID id) {
        return bodies.of(rounds.takeBack(id));
    }

    @GetMapping("/pottings/{id}/looks")
    List<LookBody> looks(@PathVariable final UUID id) {
        return rounds.lastLooks(id).stream()
                .map(look -> new LookBody(look.id(), look.pottingId(), look.lookedOn(), look.answer()))
                .toList();
    }

    private WaitingBatchBody waiting(final Batch batch) {
        return new WaitingBatchBody(
                batch.id(),
                batch.lot(),
                blends.version(batch.blendId(), batch.versionNumber()).name(),
                batches.plan(batch).litresToMake(),
                batch.fills().stream().mapToInt(fill -> fill.count()).sum());
    }
}
