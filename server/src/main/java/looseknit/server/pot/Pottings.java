package looseknit.server.pot;

import static looseknit.core.measure.Require.text;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import looseknit.core.batch.Fill;
import looseknit.core.care.Answer;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Brief;
import looseknit.core.need.Plant;
import looseknit.core.outlook.PotPortrait;
import looseknit.core.planting.RootCheck;
import looseknit.core.planting.SetUpKind;
import looseknit.core.pot.Pot;
import looseknit.server.batch.Batch;
import looseknit.server.batch.Batches;
import looseknit.server.batch.BinWork;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.TakenAway;
import looseknit.server.message.Speech;
import looseknit.server.need.BriefBody;
import looseknit.server.planting.RootsBody;
import looseknit.server.planting.SetUpBody;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pottings. */
@Service
@Transactional
public class Pottings implements TakenAway {

    private static final int LONGEST_LABEL = 120;

    /** Pots that somebody looks after, or will again. */
    private static final Set<Potting.State> STANDING = EnumSet.of(Potting.State.HERE, Potting.State.LENT);

    private static final Set<Potting.State> GONE = EnumSet.complementOf(EnumSet.copyOf(STANDING));

    /** No plant has such an id. */
    private static final List<String> NO_PLANT = List.of("");

    private final Books books;
    private final PottingRepository pottings;
    private final Batches batches;
    private final BinWork work;
    private final PotDrying drying;
    private final PotPaces paces;
    private final PotWork potWork;
    private final Speech speech;
    private final Clock clock;

    Pottings(
            final Books books,
            final PottingRepository pottings,
            final Batches batches,
            final BinWork work,
            final PotDrying drying,
            final PotPaces paces,
            final PotWork potWork,
            final Speech speech,
            final Clock clock) {
        this.books = books;
        this.pottings = pottings;
        this.batches = batches;
        this.work = work;
        this.drying = drying;
        this.paces = paces;
        this.potWork = potWork;
        this.speech = speech;
        this.clock = clock;
    }

    /**
     * Which pots are asked for; null counts for all.
     *
     * @param gone whether those that were given away, lost or repotted are asked for instead of those that are here or lent
     * @param due whether only those are asked for that want a look by today
     * @param words part of a label or of a plant's name
     */
    public record Asked(
            boolean gone,
            @Nullable String place,
            @Nullable SetUpKind kind,
            @Nullable UUID blendId,
            boolean due,
            @Nullable String words) {}

    /** A page of the pots that are asked for, place by place. */
    @Transactional(readOnly = true)
    public Page<PottingOfBatch> page(final Asked asked, final int page, final int size) {
        final String words = asked.words() == null || asked.words().isBlank()
                ? null
                : asked.words().strip().toLowerCase(Locale.ROOT);
        return pottings.page(
                asked.gone() ? GONE : STANDING,
                asked.place(),
                asked.kind(),
                asked.blendId(),
                asked.due() ? LocalDate.now(clock) : null,
                words == null ? null : "%" + words.replace("%", "").replace("_", "") + "%",
                words == null ? NO_PLANT : plants(words),
                PageRequest.of(page, size));
    }

    private List<String> plants(final String words) {
        final List<String> found = books.plants().plants().stream()
                .filter(plant -> plant.name().toLowerCase(Locale.ROOT).contains(words)
                        || plant.botanical().toLowerCase(Locale.ROOT).contains(words))
                .map(Plant::id)
                .toList();
        return found.isEmpty() ? NO_PLANT : found;
    }

    /** How many pots stand in each place. */
    @Transactional(readOnly = true)
    public List<PlaceCountBody> countsByPlace() {
        return pottings.countsByPlace();
    }

    /** Whatever came from a plant: divisions, cuttings, and the pot it went into. */
    @Transactional(readOnly = true)
    public List<PottingOfBatch> from(final UUID mother) {
        return pottings.from(mother);
    }

    /** Pots by their ids. */
    @Transactional(readOnly = true)
    public List<PottingOfBatch> of(final Collection<UUID> ids) {
        return pottings.ofBatches(ids);
    }

    /** Pots by their label, for whoever looks something up. */
    @Transactional(readOnly = true)
    public List<PottingNameBody> names() {
        return pottings.names();
    }

    /**
     * A plant to pot up.
     *
     * @param setUp what is in the pot besides its mix; null for nothing
     * @param roots what was seen at its roots; null if nobody looked
     * @param motherId the plant that it came from; null for none
     * @param origin how it came from it
     */
    public record ToPot(
            UUID id,
            String label,
            BriefBody brief,
            UUID batchId,
            LocalDate pottedOn,
            SetUpKind kind,
            @Nullable SetUpBody setUp,
            @Nullable RootsBody roots,
            @Nullable UUID motherId,
            Potting.@Nullable Origin origin) {}

    /**
     * Pots a plant up; a second call with the same id changes nothing.
     *
     * @throws OutOfRangeException if plant, pot, place or habit is missing, the day lies ahead, or the set-up does not go into the pot
     */
    public Potting potUp(final ToPot told) {
        return pottings.findById(told.id()).orElseGet(() -> {
            if (told.pottedOn().isAfter(LocalDate.now(clock))) {
                throw new OutOfRangeException(
                        "pottedOn", String.valueOf(told.pottedOn()), TableText.said("today or a day before"));
            }
            final Brief checked = drying.complete(told.brief());
            final Batch batch = work.hold(told.batchId());
            final PotPortrait portrait =
                    PotDrying.portrait(drying.read(batches.recipe(batch), batch, checked, told.setUp()));
            final Potting potting = new Potting(
                    told.id(),
                    text("label", told.label(), LONGEST_LABEL),
                    told.brief(),
                    told.batchId(),
                    told.pottedOn(),
                    portrait);
            potting.isSetUp(told.kind(), told.setUp());
            paces.learn(potting, told.pottedOn());
            drying.lookNext(potting, told.pottedOn(), Answer.WATERED);
            if (told.motherId() != null && told.origin() != null) {
                fromMother(potting, told.motherId(), told.origin());
            }
            work.potted(
                    told.id(), told.batchId(), litres(checked, told.setUp(), batch), told.pottedOn(), potting.label());
            final Potting stored = pottings.saveAndFlush(potting);
            if (told.roots() != null) {
                roots(stored, told.roots().toCore(), checked.plant().orElseThrow());
            }
            return stored;
        });
    }

    /** What was seen at the roots is kept with the pot: one learns from it later. */
    private void roots(final Potting potting, final RootCheck roots, final Plant plant) {
        potWork.note(
                potting,
                stepOf(potting.id(), "roots"),
                potting.pottedOn(),
                PotEvent.Kind.NOTED,
                speech.wording().of(roots.noted(plant)),
                null,
                null);
    }

    /** The id of a step that goes with a potting: the same whenever it is told again. */
    private static UUID stepOf(final UUID potting, final String step) {
        return UUID.nameUUIDFromBytes((step + " " + potting).getBytes(StandardCharsets.UTF_8));
    }

    private void fromMother(final Potting child, final UUID motherId, final Potting.Origin origin) {
        final Potting mother = pottings.lock(motherId).orElseThrow(() -> new NotThere("mother plant"));
        if (origin == Potting.Origin.REPOTTED && mother.state() != Potting.State.HERE) {
            throw new Refused("This plant is not here", "Only a plant that is here can be repotted.");
        }
        child.cameFrom(motherId, origin);
        potWork.note(
                mother,
                stepOf(child.id(), "from"),
                child.pottedOn(),
                switch (origin) {
                    case DIVISION -> PotEvent.Kind.DIVIDED;
                    case CUTTING -> PotEvent.Kind.CUTTINGS;
                    case REPOTTED -> PotEvent.Kind.REPOTTED;
                },
                child.label(),
                null,
                child.id());
        if (origin == Potting.Origin.REPOTTED) {
            mother.becomes(Potting.State.REPOTTED);
        }
    }

    /**
     * Gives a pot another name, another set-up, place or hand; what its mix is stays. The same told again changes nothing.
     *
     * @throws StaleRevision if it has changed since the given revision
     */
    public Potting change(
            final UUID id,
            final long revision,
            final String label,
            final BriefBody brief,
            final SetUpKind kind,
            final @Nullable SetUpBody setUp,
            final Supplier<Object> current) {
        final Potting potting = pottings.lock(id).orElseThrow(() -> new NotThere("pot"));
        final boolean sameSetUp = potting.setUpKind() == kind && Objects.equals(potting.setUp(), setUp);
        final String name = text("label", label, LONGEST_LABEL);
        if (sameSetUp && potting.label().equals(name) && potting.brief().equals(brief)) {
            return potting;
        }
        if (potting.revision() != revision) {
            throw new StaleRevision("pot", current.get());
        }
        if (!Objects.equals(potting.brief().place(), brief.place())) {
            step(potting, PotEvent.Kind.MOVED);
        }
        if (!sameSetUp || !Objects.equals(potting.brief().pot(), brief.pot())) {
            step(potting, PotEvent.Kind.SET_UP);
        }
        potting.isCalled(name);
        potting.isSetUp(kind, setUp);
        drying.standsNow(potting, brief);
        return pottings.saveAndFlush(potting);
    }

    private void step(final Potting potting, final PotEvent.Kind kind) {
        potWork.note(potting, UUID.randomUUID(), LocalDate.now(clock), kind, "", null, null);
    }

    /** Deletes a potting so that it can be restored. */
    public void delete(final UUID id) {
        final Potting potting = get(id);
        if (!potting.deleted()) {
            potting.delete(clock.instant());
            work.potTakenBack(id, potting.batchId());
            if (potting.motherId() != null) {
                potWork.notRepotted(potting.motherId(), id);
            }
        }
    }

    @Override
    public String kind() {
        return "pots";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return pottings.findTop500ByDeletedAtAfterOrderByDeletedAtDesc(moment).stream()
                .map(each -> Gone.of(each.id(), each.label(), each.deletedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        restore(UUID.fromString(id));
    }

    /** Takes a deletion back. */
    public Potting restore(final UUID id) {
        final Potting potting = get(id);
        if (potting.deleted()) {
            potting.delete(null);
            final Brief brief = potting.brief().toCore(books);
            work.potted(
                    id,
                    potting.batchId(),
                    litres(brief, potting.setUp(), work.hold(potting.batchId())),
                    potting.pottedOn(),
                    potting.label());
            if (potting.motherId() != null && potting.origin() != null) {
                fromMother(potting, potting.motherId(), potting.origin());
            }
        }
        return pottings.saveAndFlush(potting);
    }

    /** Settled mix that goes into a pot by its set-up; without one less the root ball that was told for such pots when the batch was planned [L]. */
    private double litres(final Brief brief, final @Nullable SetUpBody setUp, final Batch batch) {
        final Pot pot = brief.pot().orElseThrow();
        if (setUp != null) {
            return setUp.toCore(books).mixLitres(pot);
        }
        return pot.mixLitres()
                - batch.fills().stream()
                        .map(fill -> fill.toCore(books))
                        .filter(fill -> fill.pot().equals(pot))
                        .mapToDouble(Fill::rootBallLitres)
                        .findFirst()
                        .orElse(0);
    }

    /** A pot by its id. */
    @Transactional(readOnly = true)
    public Potting get(final UUID id) {
        return pottings.findById(id).orElseThrow(() -> new NotThere("pot"));
    }
}
