package looseknit.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import looseknit.server.batch.Batch;
import looseknit.server.batch.BatchOfVersion;
import looseknit.server.batch.Batches;
import looseknit.server.pot.PottingBodies;
import looseknit.server.pot.PottingBody;
import looseknit.server.pot.PottingOfBatch;
import org.springframework.data.domain.Page;
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

    private static final int MOST_DUE = 200;
    private static final int MOST_LATER = 12;
    private static final int MOST_TO_MIX = 50;

    private final Rounds rounds;
    private final PottingBodies bodies;
    private final Batches batches;
    private final Clock clock;

    RoundsController(final Rounds rounds, final PottingBodies bodies, final Batches batches, final Clock clock) {
        this.rounds = rounds;
        this.bodies = bodies;
        this.batches = batches;
        this.clock = clock;
    }

    /**
     * What is to be done on a day.
     *
     * @param dueInAll how many pots are to be looked at
     * @param due the first of them
     * @param laterInAll how many come later
     * @param later the next of them
     */
    record TodayBody(
            LocalDate date,
            long dueInAll,
            List<PottingBody> due,
            long laterInAll,
            List<PottingBody> later,
            List<WaitingBatchBody> toMix,
            List<BatchToTestBody> toTest) {}

    /** A batch that is to be tested, and since when. */
    record BatchToTestBody(UUID id, String lot, String blendName, LocalDate testOn) {}

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
        final Page<PottingOfBatch> due = rounds.due(today, MOST_DUE);
        final Page<PottingOfBatch> later = rounds.later(today, MOST_LATER);
        return new TodayBody(
                today,
                due.getTotalElements(),
                bodies.of(due.getContent()),
                later.getTotalElements(),
                bodies.of(later.getContent()),
                batches.toMix(MOST_TO_MIX).stream().map(this::waiting).toList(),
                batches.toTest(today, MOST_TO_MIX).stream()
                        .map(each -> new BatchToTestBody(
                                each.batch().id(),
                                each.batch().lot(),
                                each.version().name(),
                                Objects.requireNonNull(each.batch().testOn())))
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

    private WaitingBatchBody waiting(final BatchOfVersion each) {
        final Batch batch = each.batch();
        return new WaitingBatchBody(
                batch.id(), batch.lot(), each.version().name(), batches.litresToMake(batch), batch.pots());
    }
}
