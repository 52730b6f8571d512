package looseknit.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.care.Answer;
import looseknit.core.care.WaterLevel;
import looseknit.server.batch.Batch;
import looseknit.server.batch.BatchOfVersion;
import looseknit.server.batch.Batches;
import looseknit.server.frame.OpenedSoon;
import looseknit.server.need.PlaceBody;
import looseknit.server.need.PotBody;
import looseknit.server.pot.PottingBodies;
import looseknit.server.pot.PottingBody;
import looseknit.server.pot.PottingOfBatch;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.data.domain.Page;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Today and the looks over HTTP. */
@RestController
@RequestMapping("/api")
@Order(Ordered.HIGHEST_PRECEDENCE)
class RoundsController implements OpenedSoon {

    private static final int MOST_DUE = 200;
    private static final int MOST_LATER = 12;
    private static final int MOST_TO_MIX = 50;
    private static final int MOST_ON_ROUND = 400;
    private static final int MOST_PLACES = 500;

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

    /** A look; the id is made by the caller, so that a repeated call stores nothing twice. What the pot weighed goes along in grams, if it was weighed. */
    record NewLookBody(
            @NotNull UUID id,
            @NotNull UUID pottingId,
            @NotNull Answer answer,
            @Nullable LocalDate on,
            @Nullable Long revision,
            @Nullable Double grams) {

        Rounds.Told told() {
            return new Rounds.Told(id, pottingId, answer, on, revision, grams);
        }
    }

    /** Looks that are told together, all or none. */
    record NewLooksBody(
            @NotNull @Size(min = 1, max = MOST_DUE) List<@Valid @NotNull NewLookBody> looks) {}

    /** Looks to take back together. */
    record LookIdsBody(
            @NotNull @Size(min = 1, max = MOST_DUE) List<@NotNull UUID> ids) {}

    /**
     * A pot on the round.
     *
     * @param left share of the water that it can spare that is left as reckoned, 0 to 1
     * @param alike the same for pots of one plant in one mix and one kind of pot
     */
    record RoundPotBody(PottingBody potting, double left, String alike) {}

    /** A place on the round with its pots, the longest due first. */
    record RoundPlaceBody(@Nullable String place, List<RoundPotBody> pots) {}

    /**
     * The round of a day.
     *
     * @param dueInAll how many pots are to be looked at
     * @param places the first of them, place by place as they are walked
     * @param order all places where something stands, as they are walked
     */
    record RoundBody(LocalDate date, long dueInAll, List<RoundPlaceBody> places, List<String> order) {}

    /** Places in the order in which they are walked. */
    record PlaceOrderBody(@NotNull @Size(max = MOST_PLACES) List<@NotNull @Size(min = 1, max = 80) String> places) {}

    /** A look as it was noted. */
    record LookBody(
            UUID id,
            UUID pottingId,
            LocalDate lookedOn,
            Answer answer,
            @Nullable Double grams) {}

    @Override
    public Object opened() {
        return List.of(today(), round());
    }

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
        return bodies.of(rounds.look(body.told()));
    }

    /** The round of today. */
    @GetMapping("/round")
    RoundBody round() {
        final LocalDate today = LocalDate.now(clock);
        final Page<PottingOfBatch> due = rounds.walked(today, MOST_ON_ROUND);
        final Map<Optional<String>, List<RoundPotBody>> byPlace = new LinkedHashMap<>();
        for (final PottingBody potting : bodies.of(due.getContent())) {
            byPlace.computeIfAbsent(place(potting), any -> new ArrayList<>()).add(onRound(potting, today));
        }
        return new RoundBody(
                today,
                due.getTotalElements(),
                byPlace.entrySet().stream()
                        .map(each -> new RoundPlaceBody(each.getKey().orElse(null), each.getValue()))
                        .toList(),
                rounds.places());
    }

    private static Optional<String> place(final PottingBody potting) {
        return Optional.ofNullable(potting.brief().place()).map(PlaceBody::name);
    }

    private static RoundPotBody onRound(final PottingBody potting, final LocalDate today) {
        final PotBody pot = Objects.requireNonNull(potting.brief().pot());
        return new RoundPotBody(
                potting,
                WaterLevel.left(
                        (int) ChronoUnit.DAYS.between(potting.lastWateredOn(), today), potting.expectedDryDays()),
                String.join(
                        " ",
                        String.valueOf(potting.brief().plantId()),
                        potting.blendId().toString(),
                        pot.wall().name(),
                        String.valueOf(Math.round(pot.topCm()))));
    }

    /** Puts the places into the order in which they are walked. */
    @PutMapping("/round/places")
    PlaceOrderBody walk(@RequestBody @Valid final PlaceOrderBody body) {
        return new PlaceOrderBody(rounds.walk(body.places()));
    }

    /** Notes looks at several pots, all or none; each is stored once. */
    @PostMapping("/looks/several")
    List<PottingBody> looks(@RequestBody @Valid final NewLooksBody body) {
        return bodies.ofEach(
                rounds.look(body.looks().stream().map(NewLookBody::told).toList()));
    }

    /** Takes back looks that were told together. */
    @PostMapping("/looks/several/taken-back")
    List<PottingBody> takeBack(@RequestBody @Valid final LookIdsBody body) {
        return bodies.ofEach(rounds.takeBack(body.ids()));
    }

    @DeleteMapping("/looks/{id}")
    PottingBody takeBack(@PathVariable final UUID id) {
        return bodies.of(rounds.takeBack(id));
    }

    @GetMapping("/pottings/{id}/looks")
    List<LookBody> looks(@PathVariable final UUID id) {
        return rounds.lastLooks(id).stream()
                .map(look -> new LookBody(look.id(), look.pottingId(), look.lookedOn(), look.answer(), look.grams()))
                .toList();
    }

    private WaitingBatchBody waiting(final BatchOfVersion each) {
        final Batch batch = each.batch();
        return new WaitingBatchBody(
                batch.id(), batch.lot(), each.version().name(), batches.litresToMake(batch), batch.pots());
    }
}
