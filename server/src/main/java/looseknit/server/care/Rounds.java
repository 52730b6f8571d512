package looseknit.server.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.care.Answer;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.outlook.PotOnScale;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.StaleRevision;
import looseknit.server.pot.LooksTaken;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.PotPaces;
import looseknit.server.pot.PotWork;
import looseknit.server.pot.Potting;
import looseknit.server.pot.PottingBodies;
import looseknit.server.pot.PottingOfBatch;
import looseknit.server.pot.PottingRepository;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at pots, and what follows from them. */
@Service
@Transactional
public class Rounds {

    private static final int MOST_WATERINGS = 6;

    private final LookRepository looks;
    private final LooksKept kept;
    private final PottingRepository pottings;
    private final PlaceOrderRepository order;
    private final PotWork work;
    private final PotDrying drying;
    private final PotPaces paces;
    private final Climate climate;
    private final PottingBodies bodies;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Rounds(
            final LookRepository looks,
            final LooksKept kept,
            final PottingRepository pottings,
            final PlaceOrderRepository order,
            final PotWork work,
            final PotDrying drying,
            final PotPaces paces,
            final Climate climate,
            final PottingBodies bodies,
            final ApplicationEventPublisher events,
            final Clock clock) {
        this.looks = looks;
        this.kept = kept;
        this.pottings = pottings;
        this.order = order;
        this.work = work;
        this.drying = drying;
        this.paces = paces;
        this.climate = climate;
        this.bodies = bodies;
        this.events = events;
        this.clock = clock;
    }

    /** Pots to look at up to a day, the longest due first. */
    @Transactional(readOnly = true)
    public Page<PottingOfBatch> due(final LocalDate day, final int most) {
        return pottings.due(day, PageRequest.of(0, most));
    }

    /** Pots to look at after a day, the next ones first. */
    @Transactional(readOnly = true)
    public Page<PottingOfBatch> later(final LocalDate day, final int most) {
        return pottings.later(day, PageRequest.of(0, most));
    }

    /** Pots to look at up to a day as they are walked by: place by place, the longest due first within each. */
    @Transactional(readOnly = true)
    public Page<PottingOfBatch> walked(final LocalDate day, final int most) {
        return order.walked(day, PageRequest.of(0, most));
    }

    /** All pots that are here, in the order in which they are walked. */
    @Transactional(readOnly = true)
    public Page<PottingOfBatch> here(final int most) {
        return order.walked(LocalDate.of(9999, 1, 1), PageRequest.of(0, most));
    }

    /** All places where something stands, as they are walked. */
    @Transactional(readOnly = true)
    public List<String> places() {
        return order.places();
    }

    /** Puts the places into an order; those that are not named come last. */
    public List<String> walk(final List<String> names) {
        order.deleteAllInBatch();
        final List<String> once = names.stream().distinct().toList();
        order.saveAllAndFlush(IntStream.range(0, once.size())
                .mapToObj(rank -> new PlaceOrder(once.get(rank), rank))
                .toList());
        return order.places();
    }

    /**
     * A look that is told.
     *
     * @param on its day; null for today
     * @param seen the revision of the pot that was seen; null where it does not matter
     * @param grams what it weighed [g]; null where nobody weighed it
     */
    public record Told(
            UUID id,
            UUID pottingId,
            Answer answer,
            @Nullable LocalDate on,
            @Nullable Long seen,
            @Nullable Double grams) {}

    /** Notes a look on a day. */
    public Potting look(final UUID id, final UUID pottingId, final Answer answer, final LocalDate day) {
        return look(new Told(id, pottingId, answer, day, null, null));
    }

    /**
     * Notes a look and works out the next one; a second call with the same id changes nothing.
     *
     * @throws StaleRevision if the pot has changed since it was seen
     */
    public Potting look(final Told told) {
        return look(List.of(told)).get(0);
    }

    private void look(
            final Potting potting, final Told told, final LocalDate standsSoSince, final PotPaces.Others others) {
        if (potting.deleted() || potting.state() != Potting.State.HERE) {
            throw new Refused(
                    "This plant is not here",
                    "%s was removed, lent, given away, lost or repotted meanwhile.".formatted(potting.label()));
        }
        if (told.seen() != null && told.seen() != potting.revision()) {
            throw new StaleRevision("pot", bodies.of(potting));
        }
        final LocalDate today = LocalDate.now(clock);
        final LocalDate day = told.on() == null ? today : told.on();
        final List<Look> all = new ArrayList<>(kept.lastAt(potting.id()));
        final LocalDate first = all.isEmpty() ? potting.pottedOn() : all.get(0).lookedOn();
        if (day.isBefore(first) || day.isAfter(today)) {
            throw new OutOfRangeException(
                    "the day of the look",
                    String.valueOf(day),
                    TableText.said("a day from %s, when it was looked at last, to %s".formatted(first, today)));
        }
        final Look look = looks.save(new Look(
                told.id(),
                potting,
                day,
                told.answer(),
                potting.predictedDays().value() * drying.waits(potting, day),
                climate.dryDays(potting, day),
                told.grams(),
                told.grams() == null ? null : scaled(potting, told.grams())));
        all.add(0, look);
        paces.learn(potting, day, standsSoSince, LooksKept.taken(all), others);
        if (told.answer().waters()) {
            potting.watered(day, !told.answer().watersThrough());
        }
        drying.lookNext(potting, day, told.answer());
        pottings.saveAndFlush(potting);
    }

    private LooksTaken.@Nullable Scaled scaled(final Potting potting, final double grams) {
        final PotOnScale scale = drying.onScale(potting, grams);
        return scale.predictedDays().isPresent()
                ? new LooksTaken.Scaled(scale.predictedDays().getAsDouble(), 1 - scale.left())
                : null;
    }

    /** Notes looks at several pots, all or none; pots are taken in an order that is always the same, so that two rounds at once never wait for one another. */
    public List<Potting> look(final List<Told> all) {
        final Map<UUID, Potting> pots =
                pottings.lockAll(all.stream().map(Told::pottingId).collect(Collectors.toSet())).stream()
                        .collect(Collectors.toMap(Potting::id, Function.identity()));
        final Set<UUID> stored = looks.stored(all.stream().map(Told::id).collect(Collectors.toSet()));
        final Map<UUID, LocalDate> since = paces.standSoSince(List.copyOf(pots.values()));
        final PotPaces.Others others = paces.others();
        final List<Potting> looked = new ArrayList<>();
        for (final Told told : all) {
            final Potting potting =
                    Optional.ofNullable(pots.get(told.pottingId())).orElseThrow(() -> new NotThere("pot"));
            if (stored.add(told.id())) {
                look(potting, told, Objects.requireNonNull(since.get(potting.id())), others);
            }
            looked.add(potting);
        }
        if (!all.isEmpty()) {
            events.publishEvent(new LooksChanged());
        }
        return looked;
    }

    /** Days between each of the last waterings of a pot as it stands and the one before [d]. */
    @Transactional(readOnly = true)
    public List<Long> waterings(final Potting potting) {
        final LocalDate since = work.standsSoSince(potting);
        return looks.findTop500ByPottingIdOrderBySequenceDesc(potting.id()).stream()
                .filter(look -> look.tellsTheHand() && !look.lookedOn().isBefore(since))
                .limit(MOST_WATERINGS)
                .map(Look::daysDry)
                .toList();
    }

    /** Takes the last look at a pot back. */
    public Potting takeBack(final UUID id) {
        final Look look = looks.findById(id).orElseThrow(() -> new NotThere("look"));
        final Potting potting = pottings.lock(look.pottingId()).orElseThrow(() -> new NotThere("pot"));
        final boolean last = looks.findFirstByPottingIdOrderBySequenceDesc(potting.id())
                .filter(each -> each.id().equals(id))
                .isPresent();
        if (!last) {
            throw new OutOfRangeException(
                    "the look", "not the last one", TableText.said("only the last look can be taken back"));
        }
        look.takeBack(potting);
        looks.delete(look);
        looks.flush();
        paces.learn(potting, LocalDate.now(clock));
        events.publishEvent(new LooksChanged());
        return pottings.saveAndFlush(potting);
    }

    /** Takes back looks at several pots that were told together, in the order in which they are told. */
    public List<Potting> takeBack(final List<UUID> ids) {
        final Map<UUID, UUID> pots =
                looks.findAllById(ids).stream().collect(Collectors.toMap(Look::id, Look::pottingId));
        pottings.lockAll(Set.copyOf(pots.values()));
        return ids.stream()
                .distinct()
                .filter(pots::containsKey)
                .map(this::takeBack)
                .toList();
    }

    /** The last looks at a pot, the newest first. */
    @Transactional(readOnly = true)
    public List<Look> lastLooks(final UUID pottingId) {
        return looks.findTop500ByPottingIdOrderBySequenceDesc(pottingId);
    }
}
