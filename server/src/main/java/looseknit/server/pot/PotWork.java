package looseknit.server.pot;

import static looseknit.core.measure.Require.within;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.outlook.Given;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.need.PlaceBody;
import looseknit.server.pot.PotEvent.Kind;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happens to a pot once it is filled. Each step is kept, and the last that changed something can be taken back. */
@Service
@Transactional
public class PotWork {

    private static final int LONGEST_WORDS = 1000;
    private static final double MOST_AMOUNT = 100_000;

    private final PottingRepository pottings;
    private final PotEventRepository events;
    private final PhotoRepository photos;
    private final PotDrying drying;
    private final PotPaces paces;
    private final Clock clock;

    PotWork(
            final PottingRepository pottings,
            final PotEventRepository events,
            final PhotoRepository photos,
            final PotDrying drying,
            final PotPaces paces,
            final Clock clock) {
        this.pottings = pottings;
        this.events = events;
        this.photos = photos;
        this.drying = drying;
        this.paces = paces;
        this.clock = clock;
    }

    /**
     * What is told of a pot.
     *
     * @param on the day; null for today
     * @param words what was seen, to whom it went, of what it died; may be empty for most
     * @param amount grams of feed or litres of mix; null where there is none
     * @param place where it goes; only for a move
     */
    record Told(
            UUID id,
            Kind kind,
            @Nullable LocalDate on,
            String words,
            @Nullable Double amount,
            @Nullable PlaceBody place) {}

    /** Notes what happened; a second call with the same id changes nothing. */
    Potting tell(final UUID pottingId, final Told told) {
        final Potting potting = pottings.lock(pottingId).orElseThrow(() -> new NotThere("pot"));
        if (!events.existsById(told.id())) {
            note(potting, told, events.last(pottingId));
        }
        return pottings.saveAndFlush(potting);
    }

    private void note(final Potting potting, final Told told, final long last) {
        final LocalDate day = told.on() == null ? LocalDate.now(clock) : told.on();
        if (day.isAfter(LocalDate.now(clock)) || day.isBefore(potting.pottedOn())) {
            throw new OutOfRangeException(
                    "on", String.valueOf(day), TableText.said("a day from %s to today".formatted(potting.pottedOn())));
        }
        if (told.words().length() > LONGEST_WORDS) {
            throw new OutOfRangeException(
                    "words",
                    told.words().length() + " characters",
                    TableText.said("up to %d characters".formatted(LONGEST_WORDS)));
        }
        if (told.amount() != null) {
            within("amount", told.amount(), 0, MOST_AMOUNT, Limit.NUMBER);
        }
        note(potting, told.id(), last + 1, day, told.kind(), told.words(), told.amount(), null);
        switch (told.kind()) {
            case MOVED -> move(potting, told.place());
            case LENT, GIVEN_AWAY -> leaves(potting, told);
            case LOST -> lost(potting, told);
            case CAME_BACK -> back(potting);
            case LEAVES -> {
                if (told.amount() == null) {
                    throw new OutOfRangeException("amount", "not told", TableText.said("how many leaves it has"));
                }
            }
            case FED, TOPPED_UP, FLUSHED, NOTED, THRIVING, FAIR, POOR, FLOWERED -> {}
            default ->
                throw new OutOfRangeException(
                        "kind",
                        told.kind().name(),
                        TableText.said(
                                "MOVED, LENT, CAME_BACK, GIVEN_AWAY, LOST, FED, TOPPED_UP, FLUSHED, NOTED, THRIVING, FAIR, POOR, FLOWERED or LEAVES"));
        }
    }

    /** Tells the same of several pots at once. */
    List<Potting> together(final List<UUID> pottingIds, final Told told) {
        final Set<UUID> ids = new HashSet<>(pottingIds);
        final List<Potting> pots = pottings.lockAll(ids);
        if (pots.size() < ids.size()) {
            throw new NotThere("pot");
        }
        final Set<UUID> already =
                events.told(ids.stream().map(id -> of(told.id(), id)).toList());
        final Map<UUID, Long> last =
                events.last(ids).stream().collect(Collectors.toMap(LastNumber::pottingId, LastNumber::number));
        for (final Potting potting : pots) {
            final UUID id = of(told.id(), potting.id());
            if (!already.contains(id)) {
                note(
                        potting,
                        new Told(id, told.kind(), told.on(), told.words(), told.amount(), told.place()),
                        last.getOrDefault(potting.id(), 0L));
            }
        }
        return pottings.saveAllAndFlush(pots);
    }

    /** Takes back what was told of several pots at once. */
    void takeBackTogether(final List<UUID> pottingIds, final UUID told) {
        final Set<UUID> ids = new HashSet<>(pottingIds);
        pottings.lockAll(ids);
        events.told(ids.stream().map(id -> of(told, id)).toList()).forEach(this::takeBack);
    }

    /** The id of what is told of one of several: the same whenever it is told again. */
    private static UUID of(final UUID told, final UUID potting) {
        return UUID.nameUUIDFromBytes((told + " " + potting).getBytes(StandardCharsets.UTF_8));
    }

    /** Keeps a step of which nothing else has to be done. */
    void note(
            final Potting potting,
            final UUID id,
            final LocalDate day,
            final Kind kind,
            final String words,
            final @Nullable Double amount,
            final @Nullable UUID other) {
        note(potting, id, events.last(potting.id()) + 1, day, kind, words, amount, other);
    }

    private void note(
            final Potting potting,
            final UUID id,
            final long number,
            final LocalDate day,
            final Kind kind,
            final String words,
            final @Nullable Double amount,
            final @Nullable UUID other) {
        events.save(new PotEvent(id, potting, number, clock.instant(), day, kind, words.strip(), amount, other));
    }

    private void move(final Potting potting, final @Nullable PlaceBody place) {
        if (place == null) {
            throw new OutOfRangeException("place", "not told", TableText.said("a place with its climate"));
        }
        drying.standsNow(potting, potting.brief().at(place));
    }

    private static void leaves(final Potting potting, final Told told) {
        if (potting.state() != Potting.State.HERE) {
            throw gone(potting);
        }
        potting.becomes(told.kind() == Kind.LENT ? Potting.State.LENT : Potting.State.GIVEN_AWAY);
    }

    private static void lost(final Potting potting, final Told told) {
        if (potting.state() == Potting.State.LOST || potting.state() == Potting.State.REPOTTED) {
            throw gone(potting);
        }
        if (told.words().isBlank()) {
            throw new OutOfRangeException("words", "empty", TableText.said("what it died of, or that nobody knows"));
        }
        potting.becomes(Potting.State.LOST);
    }

    private static void back(final Potting potting) {
        if (potting.state() != Potting.State.LENT) {
            throw new Refused("It is not lent", "Only a plant that is lent can come back.");
        }
        potting.becomes(Potting.State.HERE);
    }

    private static Refused gone(final Potting potting) {
        return new Refused(
                "This plant is not here",
                switch (potting.state()) {
                    case LENT -> "It is lent: say first that it came back.";
                    case GIVEN_AWAY -> "It was given away. Take that back first if it is here after all.";
                    case LOST -> "It was noted as lost. Take that back first if it lives after all.";
                    case REPOTTED -> "It stands in another pot now: go on there.";
                    case HERE -> "It is here.";
                });
    }

    /** Takes a step back; of those that changed something only the last. */
    Potting takeBack(final UUID id) {
        final PotEvent event = events.findById(id).orElseThrow(() -> new NotThere("note"));
        final Potting potting = pottings.lock(event.pottingId()).orElseThrow(() -> new NotThere("pot"));
        if (event.kind().stays()) {
            throw new Refused(
                    "This cannot be taken back here",
                    event.kind() == Kind.SET_UP
                            ? "Change the set-up again instead."
                            : "Remove the new pot: it is taken back with it.");
        }
        if (!canBeTakenBack(event, of(potting.id()))) {
            throw new OutOfRangeException(
                    "the step", "not the last one", TableText.said("only the last change can be taken back"));
        }
        if (event.kind().changes()) {
            Optional.ofNullable(event.stateBefore()).ifPresent(potting::becomes);
            Optional.ofNullable(event.briefBefore()).ifPresent(before -> drying.standsNow(potting, before));
        }
        if (event.kind() == Kind.PICTURED) {
            photos.deleteById(event.getId());
        }
        events.delete(event);
        return pottings.saveAndFlush(potting);
    }

    /** Whether a step can be taken back: of those that changed something the last of all, the newest first. */
    static boolean canBeTakenBack(final PotEvent event, final List<PotEvent> all) {
        return !event.kind().stays()
                && (!event.kind().changes()
                        || all.stream()
                                .filter(each -> each.kind().changes())
                                .findFirst()
                                .filter(event::equals)
                                .isPresent());
    }

    /** What happened to a pot, the newest first. */
    @Transactional(readOnly = true)
    List<PotEvent> of(final UUID pottingId) {
        return events.findByPottingIdOrderByNumberDesc(pottingId);
    }

    /** The day from which on a pot stands as it does now: moved or set up last, or filled. */
    @Transactional(readOnly = true)
    public LocalDate standsSoSince(final Potting potting) {
        return paces.standsSoSince(potting);
    }

    /** The days on which it was fed, the last first. */
    @Transactional(readOnly = true)
    public List<LocalDate> fedOn(final UUID pottingId) {
        return of(pottingId).stream()
                .filter(event -> event.kind() == Kind.FED)
                .map(PotEvent::happenedOn)
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    /** The feeds of a pot. */
    List<Given.Fed> feeds(final UUID pottingId) {
        return of(pottingId).stream()
                .filter(event -> event.kind() == Kind.FED)
                .map(event -> new Given.Fed(
                        event.happenedOn(),
                        event.amount() == null ? OptionalDouble.empty() : OptionalDouble.of(event.amount())))
                .toList();
    }

    /** The last day of each of some kinds of steps, of all pots. */
    @Transactional(readOnly = true)
    public List<LastStep> lastOfEach(final Set<Kind> kinds) {
        return events.lastOfEach(kinds);
    }

    /** How often each of some kinds of steps was told of each pot. */
    @Transactional(readOnly = true)
    public List<StepCount> countsOfEach(final Set<Kind> kinds) {
        return events.countsOfEach(kinds);
    }

    /** The last day of some kind of step. */
    @Transactional(readOnly = true)
    Optional<LocalDate> last(final UUID pottingId, final Kind kind) {
        return events.findFirstByPottingIdAndKindOrderByHappenedOnDesc(pottingId, kind)
                .map(PotEvent::happenedOn);
    }

    /** Takes back that a plant went into another pot, since that pot is taken away. */
    void notRepotted(final UUID motherId, final UUID childId) {
        final Potting mother = pottings.lock(motherId).orElseThrow(() -> new NotThere("pot"));
        events.findByPottingIdOrderByNumberDesc(motherId).stream()
                .filter(event -> childId.equals(event.otherId()))
                .forEach(event -> {
                    if (event.kind() == Kind.REPOTTED) {
                        Optional.ofNullable(event.stateBefore()).ifPresent(mother::becomes);
                    }
                    events.delete(event);
                });
        pottings.save(mother);
    }
}
