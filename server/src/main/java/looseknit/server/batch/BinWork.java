package looseknit.server.batch;

import static looseknit.core.measure.Require.within;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.batch.Bin;
import looseknit.core.batch.Correction;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.outlook.InThePot;
import looseknit.core.reading.Knowledge;
import looseknit.core.shelf.Depletion;
import looseknit.server.batch.BinEvent.Kind;
import looseknit.server.blend.BlendVersion;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.UnknownName;
import looseknit.server.message.Speech;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done with a batch once it is mixed. Every step is kept as it was told, and can be taken back from the last on. */
@Service
@Transactional
public class BinWork {

    private static final int LONGEST_REASON = 200;

    private final Books books;
    private final Blends blends;
    private final Batches batches;
    private final BatchRepository stored;
    private final Bins bins;
    private final BinEventRepository events;
    private final Shelf shelf;
    private final Speech speech;
    private final Clock clock;

    BinWork(
            final Books books,
            final Blends blends,
            final Batches batches,
            final BatchRepository stored,
            final Bins bins,
            final BinEventRepository events,
            final Shelf shelf,
            final Speech speech,
            final Clock clock) {
        this.books = books;
        this.blends = blends;
        this.batches = batches;
        this.stored = stored;
        this.bins = bins;
        this.events = events;
        this.shelf = shelf;
        this.speech = speech;
        this.clock = clock;
    }

    /**
     * Does what is told; a second call with the same id changes nothing.
     *
     * @throws OutOfRangeException if there is not so much, or an amount cannot be
     * @throws Refused if it cannot be done now
     */
    Batch tell(final UUID batchId, final BinEventBody told) {
        final Batch batch = locked(batchId);
        if (events.existsById(told.id())) {
            return batch;
        }
        final LocalDate day = told.on() == null ? LocalDate.now(clock) : told.on();
        if (day.isAfter(LocalDate.now(clock))) {
            throw new OutOfRangeException("on", String.valueOf(day), TableText.said("a day up to today"));
        }
        if (told.kind() == Kind.UNDONE) {
            undo(batch, told);
            return settled(batch);
        }
        if (bins.bin(batch).isEmpty()) {
            throw new Refused(
                    "There is nothing in this bin",
                    batch.mixedOn() == null
                            ? "It is not mixed yet. Mix it, or say that it is mixed, first."
                            : "All of it has been used, given away or thrown away.");
        }
        switch (told.kind()) {
            case ADDED -> added(batch, told, day);
            case DOSED -> dosed(batch, told, day);
            case THROWN -> {
                if (told.reasonOrNone().isBlank()) {
                    throw new OutOfRangeException(
                            "reason", "empty", TableText.said("a few words on why it is thrown away"));
                }
                taken(batch, told, day, null);
            }
            case SPLIT -> split(batch, told, day);
            case MOVED -> moved(batch, told, day);
            default ->
                throw new OutOfRangeException(
                        "kind", told.kind().name(), TableText.said("ADDED, DOSED, THROWN, SPLIT, MOVED or UNDONE"));
        }
        return settled(batch);
    }

    /** Holds a batch until the transaction is over, as it is once nobody else is at it. */
    public Batch hold(final UUID batchId) {
        return locked(batchId);
    }

    /** A pot was filled. More than there is takes all there is. */
    public void potted(
            final UUID potId, final UUID batchId, final double litres, final LocalDate day, final String label) {
        final Batch batch = locked(batchId);
        if (batch.mixedOn() != null) {
            store(
                    batch,
                    new BinEvent.Told(
                            UUID.randomUUID(), Kind.POTTED, day, potId.toString(), litres, label, null, null, null));
            settled(batch);
        }
    }

    /** Some went to the shelf as a material of its own. */
    public void shelved(final UUID eventId, final UUID batchId, final double litres, final String materialId) {
        final Batch batch = locked(batchId);
        within("litres", litres, 0.01, 10_000, Limit.L);
        bins.bin(batch).part(litres);
        store(
                batch,
                new BinEvent.Told(
                        eventId, Kind.SHELVED, LocalDate.now(clock), materialId, litres, "", null, null, null));
        settled(batch);
    }

    /** A pot that was filled is no more: what went into it counts as being in the bin again. */
    public void potTakenBack(final UUID potId, final UUID batchId) {
        final Batch batch = locked(batchId);
        bins.standing(batch).stream()
                .filter(each -> each.kind() == Kind.POTTED && each.thingId().equals(potId.toString()))
                .reduce((earlier, later) -> later)
                .ifPresent(event -> {
                    store(batch, undone(UUID.randomUUID(), event.getId()));
                    settled(batch);
                });
    }

    private BinEvent.Told undone(final UUID id, final UUID event) {
        return new BinEvent.Told(id, Kind.UNDONE, LocalDate.now(clock), "", 0, "", null, null, event);
    }

    private void added(final Batch batch, final BinEventBody told, final LocalDate day) {
        final Material material = books.materials()
                .material(told.thingOrNone())
                .filter(Material::forRecipes)
                .orElseThrow(
                        () -> new UnknownName("thingId", "material", told.thingOrNone(), "Pick one from the list."));
        final double litres = within("amount", told.amountOrNone(), 1e-3, 10_000, Limit.L);
        store(batch, told(told, day, litres, null, null));
        batches.keep(batch, told.id(), shelf.take(List.of(new Depletion.Taken(material.id(), litres))));
    }

    private void dosed(final Batch batch, final BinEventBody told, final LocalDate day) {
        final Amendment amendment = books.materials()
                .amendment(told.thingOrNone())
                .orElseThrow(
                        () -> new UnknownName("thingId", "amendment", told.thingOrNone(), "Pick one from the list."));
        final double grams = within("amount", told.amountOrNone(), 1e-3, 100_000, Limit.NUMBER);
        if (amendment.neutralising() != 0) {
            final Optional<Correction.StillWorking> working =
                    Correction.stillWorking(bins.bin(batch), day, temperatureC(batch));
            if (working.isPresent() && working.get().today()) {
                throw new Refused(
                        "A dose is still working",
                        speech.wording().of(working.get().says()));
            }
            batch.testNext(day.plusDays(Correction.daysToWork(amendment, temperatureC(batch))));
        }
        store(batch, told(told, day, grams, null, null));
    }

    /** Temperature at which a batch works, by the place of its blend [°C]. */
    double temperatureC(final Batch batch) {
        final BlendVersion version = blends.version(batch.blendId(), batch.versionNumber());
        return new InThePot(version.recipe().toCore(books), version.brief().toCore(books), Knowledge.NOTHING)
                .acidity()
                .temperatureC();
    }

    private void taken(
            final Batch batch, final BinEventBody told, final LocalDate day, final @Nullable BinContent content) {
        final double litres = within("amount", told.amountOrNone(), 1e-3, 10_000, Limit.L);
        bins.bin(batch).part(litres);
        store(batch, told(told, day, litres, told.otherBatchId(), content));
    }

    private void split(final Batch batch, final BinEventBody told, final LocalDate day) {
        final UUID newId = told.otherBatchId();
        if (newId == null) {
            throw new OutOfRangeException(
                    "otherBatchId", "missing", TableText.said("an id for the batch that is split off"));
        }
        final double litres = within("amount", told.amountOrNone(), 1e-3, 10_000, Limit.L);
        final Bin part = bins.bin(batch).part(litres);
        batches.splitOff(newId, batch, BinContent.of(part), part.litres(), day);
        taken(batch, told, day, BinContent.of(part));
    }

    private void moved(final Batch batch, final BinEventBody told, final LocalDate day) {
        final UUID otherId = told.otherBatchId();
        if (otherId == null || otherId.equals(batch.id())) {
            throw new OutOfRangeException(
                    "otherBatchId", String.valueOf(otherId), TableText.said("another batch that is mixed"));
        }
        final Batch other = locked(otherId);
        if (bins.bin(other).isEmpty()) {
            throw new Refused(
                    "There is nothing in that bin", "Pick a batch of which something is left, or split this one.");
        }
        final double litres = within("amount", told.amountOrNone(), 1e-3, 10_000, Limit.L);
        final BinContent content = BinContent.of(bins.bin(batch).part(litres));
        taken(batch, told, day, content);
        store(
                other,
                new BinEvent.Told(partner(told.id()), Kind.JOINED, day, "", litres, "", batch.id(), content, null));
        settled(other);
    }

    private static UUID partner(final UUID id) {
        return new UUID(id.getMostSignificantBits(), ~id.getLeastSignificantBits());
    }

    private void undo(final Batch batch, final BinEventBody told) {
        final List<BinEvent> standing = bins.standing(batch);
        final @Nullable UUID last =
                standing.isEmpty() ? null : standing.get(standing.size() - 1).getId();
        if (last == null || !last.equals(told.undoes())) {
            throw new OutOfRangeException(
                    "undoes", String.valueOf(told.undoes()), TableText.said("the last step that stands in this bin"));
        }
        final BinEvent event = standing.get(standing.size() - 1);
        switch (event.kind()) {
            case ADDED -> batches.giveBack(event.getId());
            case MOVED -> takeOutAgain(event);
            case SPLIT -> batches.joinAgain(Objects.requireNonNull(event.otherBatchId()));
            case JOINED, POTTED, SHELVED ->
                throw new Refused(
                        "This step began elsewhere",
                        event.kind() == Kind.JOINED
                                ? "It came from another batch: take it back there."
                                : event.kind() == Kind.POTTED
                                        ? "A pot was filled: remove the pot to have it back."
                                        : "It stands on the shelf now: take it off there.");
            default -> {
                // nothing but the bin knows of it
            }
        }
        store(batch, undone(told.id(), event.getId()));
    }

    private void takeOutAgain(final BinEvent moved) {
        final Batch other = locked(Objects.requireNonNull(moved.otherBatchId()));
        final List<BinEvent> standing = bins.standing(other);
        final UUID joined = partner(moved.getId());
        if (standing.isEmpty() || !standing.get(standing.size() - 1).getId().equals(joined)) {
            throw new Refused(
                    "The other bin has gone on",
                    "Something was done there since this was mixed in, so it cannot be parted again.");
        }
        store(other, undone(UUID.randomUUID(), joined));
        settled(other);
    }

    private static BinEvent.Told told(
            final BinEventBody body,
            final LocalDate day,
            final double amount,
            final @Nullable UUID other,
            final @Nullable BinContent content) {
        final String reason = body.reasonOrNone();
        return new BinEvent.Told(
                body.id(),
                body.kind(),
                day,
                body.thingOrNone(),
                amount,
                reason.length() > LONGEST_REASON ? reason.substring(0, LONGEST_REASON) : reason,
                other,
                content,
                null);
    }

    private void store(final Batch batch, final BinEvent.Told told) {
        final List<BinEvent> before = events.findByBatchIdOrderByNumber(batch.id());
        final long next = before.isEmpty() ? 1 : before.get(before.size() - 1).number() + 1;
        events.saveAndFlush(new BinEvent(batch.id(), next, clock.instant(), told));
    }

    private Batch settled(final Batch batch) {
        batch.left(bins.bin(batch).litres());
        return stored.saveAndFlush(batch);
    }

    private Batch locked(final UUID id) {
        return stored.lock(id).orElseThrow(() -> new NotThere("batch"));
    }
}
