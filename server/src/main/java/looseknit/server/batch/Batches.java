package looseknit.server.batch;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import looseknit.core.batch.BatchOrder;
import looseknit.core.batch.BatchPlan;
import looseknit.core.batch.Pack;
import looseknit.core.batch.Preparation;
import looseknit.core.blend.Recipe;
import looseknit.core.caution.Caution;
import looseknit.core.material.Material;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.shelf.Depletion;
import looseknit.server.blend.BlendVersion;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.Seen;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.UnknownName;
import looseknit.server.frame.Workable;
import looseknit.server.message.Speech;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Batches and packs. */
@Service
@Transactional
public class Batches {

    /** Scoops that differ by less than this are the same [L]. */
    private static final double SAME_SCOOP = 1e-6;

    private final Books books;
    private final Shelf shelf;
    private final BatchRepository batches;
    private final PackRepository packs;
    private final Blends blends;
    private final Clock clock;
    private final NumberingRepository numbering;
    private final Speech speech;
    private final TransactionTemplate transaction;
    private final BatchTapRepository taps;
    private final BatchLotRepository lots;
    private final Bins bins;

    Batches(
            final Books books,
            final Shelf shelf,
            final BatchRepository batches,
            final PackRepository packs,
            final Blends blends,
            final Clock clock,
            final NumberingRepository numbering,
            final Speech speech,
            final TransactionTemplate transaction,
            final BatchTapRepository taps,
            final BatchLotRepository lots,
            final Bins bins) {
        this.books = books;
        this.shelf = shelf;
        this.batches = batches;
        this.packs = packs;
        this.blends = blends;
        this.clock = clock;
        this.numbering = numbering;
        this.speech = speech;
        this.transaction = transaction;
        this.taps = taps;
        this.lots = lots;
        this.bins = bins;
    }

    /** A page of all batches: those to mix first, the newest first of each. */
    @Transactional(readOnly = true)
    public Page<BatchOfVersion> page(final int page, final int size) {
        return batches.page(PageRequest.of(page, size));
    }

    /** The batches that are planned but not mixed, the newest first. */
    @Transactional(readOnly = true)
    public List<BatchOfVersion> toMix(final int most) {
        return batches.toMix(Limit.of(most));
    }

    /** Batches by their lot, for whoever looks something up. */
    @Transactional(readOnly = true)
    public List<BatchNameBody> names() {
        return batches.names();
    }

    /** Of some batches those of which anything was told at the tub. */
    @Transactional(readOnly = true)
    public Set<UUID> begun(final List<UUID> ids) {
        return taps.begun(ids);
    }

    /** Litres that a batch comes to. */
    @Transactional(readOnly = true)
    public double litresToMake(final Batch batch) {
        final Double kept = batch.litresToMake();
        return kept == null ? plan(batch).litresToMake() : kept;
    }

    /** What was stored before lists showed what it comes to is planned once. */
    @EventListener
    void ready(final ApplicationReadyEvent event) {
        batches.findByLitresToMakeIsNull()
                .forEach(batch -> Workable.found(() -> transaction.execute(any -> {
                    batches.planned(batch.id(), plan(batch).litresToMake(), batch.pots());
                    return batch.id();
                })));
    }

    @Transactional(readOnly = true)
    public Batch get(final UUID id) {
        return batches.findById(id).orElseThrow(() -> new NotThere("batch"));
    }

    /** Stores a new batch of a kept version; a second call with the same id changes nothing. */
    public Batch create(final UUID id, final UUID blendId, final int versionNumber, final BatchAmounts amounts) {
        return create(id, blendId, versionNumber, amounts, clock.instant());
    }

    /** Finished litres of a heap that was counted out already. */
    @Transactional(readOnly = true)
    public double counted(final UUID blendId, final int versionNumber, final double looseLitres) {
        return BatchOrder.Store.counted(
                        blends.version(blendId, versionNumber).recipe().toCore(books), looseLitres)
                .litres();
    }

    /** Stores a new batch as of a moment. */
    public Batch create(
            final UUID id, final UUID blendId, final int versionNumber, final BatchAmounts amounts, final Instant at) {
        return batches.findById(id).orElseGet(() -> {
            final BlendVersion version = blends.version(blendId, versionNumber);
            final List<Caution> stops = blends.stops(blendId, versionNumber);
            if (!stops.isEmpty()) {
                throw new Refused(
                        "A stop stands against this blend",
                        "%s %s If you know better, set the stop aside on the blend first."
                                .formatted(
                                        speech.wording().of(stops.get(0).why()),
                                        speech.wording().of(stops.get(0).instead())));
            }
            final Batch batch = new Batch(id, nextLot(at), blendId, version.number(), at);
            batch.become(amounts);
            batch.planned(plan(batch).litresToMake());
            return batches.saveAndFlush(batch);
        });
    }

    /**
     * Changes the amounts of a batch.
     *
     * @throws StaleRevision if it has changed since the given revision
     * @throws Refused if it would change the scoop by which it is being counted
     */
    public Batch change(final UUID id, final long revision, final BatchAmounts amounts) {
        final Batch batch = batches.lock(id).orElseThrow(() -> new NotThere("batch"));
        if (batch.revision() != revision) {
            throw new StaleRevision("batch", body(batch));
        }
        if (Math.abs(amounts.scoopLitres() - batch.scoopLitres()) > SAME_SCOOP
                && taps.existsByBatchIdAndKind(id, BatchTap.Kind.SCOOPED)) {
            throw new Refused(
                    "Scoops are counted already",
                    "This batch is being mixed, and its scoops are counted with the scoop that was told. "
                            + "Leave that scoop as it is, or plan another batch.");
        }
        if (batch.mixedOn() != null) {
            throw new Refused(
                    "This batch is mixed",
                    "What was mixed is what it is. Say that it is not mixed to change its amounts, or plan another batch.");
        }
        batch.become(amounts);
        batch.planned(plan(batch).litresToMake());
        return batches.saveAndFlush(batch);
    }

    /** A batch as it travels. */
    @Transactional(readOnly = true)
    public BatchBody body(final Batch batch) {
        return BatchBody.of(
                batch,
                blends.version(batch.blendId(), batch.versionNumber()),
                recipe(batch),
                plan(batch),
                lots.findByBatchId(batch.id()).stream()
                        .map(each -> new BatchBody.FromLotBody(
                                each.materialId(),
                                books.materials()
                                        .material(each.materialId())
                                        .map(Material::name)
                                        .orElse(each.materialId()),
                                each.lotId(),
                                each.litres()))
                        .toList(),
                packs.findAll().stream().collect(Collectors.toMap(StoredPack::materialId, StoredPack::revision)));
    }

    /**
     * Marks a batch as mixed on a day, or as not yet mixed. What went into it comes off the lots, and is given back with it.
     *
     * @param seen the revision that was seen
     * @throws Refused if it shall not be mixed after all although something was done with it
     * @throws StaleRevision if its amounts have changed since
     */
    Batch mixed(final UUID id, final @Nullable LocalDate day, final @Nullable Long seen) {
        final Batch batch = batches.lock(id).orElseThrow(() -> new NotThere("batch"));
        if (Objects.equals(batch.mixedOn(), day)) {
            return batch;
        }
        Seen.check("batch", seen, batch.revision(), () -> body(batch));
        return mixed(id, day, true);
    }

    /** The same; with {@code offTheShelf} false the lots stay as they are, for what was counted there already. */
    public Batch mixed(final UUID id, final @Nullable LocalDate day, final boolean offTheShelf) {
        final Batch batch = batches.lock(id).orElseThrow(() -> new NotThere("batch"));
        if (day == null) {
            if (bins.any(batch) || batch.splitFrom().isPresent()) {
                throw new Refused(
                        "Something was done with this batch",
                        "Pots were filled from it, or something was added or taken out. Take that back first, step by step, on its last page.");
            }
            giveBack(id);
            batch.left(null);
        } else if (day.isAfter(LocalDate.now(clock))) {
            throw new OutOfRangeException("mixedOn", String.valueOf(day), TableText.said("a day up to today"));
        } else if (batch.mixedOn() == null && offTheShelf) {
            keep(batch, id, shelf.take(taken(batch)));
        }
        batch.mixed(day);
        if (day != null) {
            batch.left(bins.bin(batch).litres());
        }
        return batches.saveAndFlush(batch);
    }

    /** Makes a batch of its own of a part of another. */
    Batch splitOff(
            final UUID id, final Batch from, final BinContent content, final double litres, final LocalDate day) {
        final Batch batch = new Batch(
                id,
                nextLot(day.atStartOfDay(clock.getZone()).toInstant()),
                from.blendId(),
                from.versionNumber(),
                clock.instant());
        batch.become(new BatchAmounts(List.of(), litres, 0, 0, from.scoopLitres(), from.tubLitres()));
        batch.planned(litres);
        batch.splitOff(from.id(), content);
        batch.mixed(day);
        batch.testNext(from.testOn());
        batch.left(litres);
        return batches.saveAndFlush(batch);
    }

    /** Puts a batch that was split off back to where it came from. */
    void joinAgain(final UUID id) {
        final Batch batch = batches.lock(id).orElseThrow(() -> new NotThere("batch"));
        if (bins.any(batch)) {
            throw new Refused(
                    "The batch that was split off has gone on",
                    "Something was done with it since. Mix what is left of it into this one instead.");
        }
        batches.delete(batch);
        batches.flush();
    }

    /** When to test a batch next; null for no more. */
    public Batch testNext(final UUID id, final @Nullable LocalDate day) {
        final Batch batch = batches.lock(id).orElseThrow(() -> new NotThere("batch"));
        batch.testNext(day);
        return batches.saveAndFlush(batch);
    }

    /** A batch was tested on a day: if it was due by then, it is no more. */
    public void tested(final UUID id, final LocalDate day) {
        final Batch batch = batches.lock(id).orElseThrow(() -> new NotThere("batch"));
        final LocalDate due = batch.testOn();
        if (due != null && !day.isBefore(due)) {
            batch.testNext(null);
            batches.saveAndFlush(batch);
        }
    }

    /** Batches to test up to a day, the longest due first. */
    @Transactional(readOnly = true)
    public List<BatchOfVersion> toTest(final LocalDate upTo, final int most) {
        return batches.toTest(upTo, Limit.of(most));
    }

    /** Keeps what came off the lots for a batch, or for something that was added to it. */
    void keep(final Batch batch, final UUID forId, final List<Shelf.FromLot> from) {
        lots.saveAll(from.stream()
                .map(each -> new BatchLot(batch.id(), forId, each.materialId(), each.lotId(), each.litres()))
                .toList());
    }

    /** Gives back to the lots what came off them for a batch, or for something that was added to it. */
    void giveBack(final UUID forId) {
        final List<BatchLot> from = lots.findByForId(forId);
        shelf.giveBack(from.stream()
                .map(each -> new Shelf.FromLot(each.materialId(), each.lotId(), each.litres()))
                .toList());
        lots.deleteAll(from);
    }

    /** What comes out of the bags for a batch: what was counted into the tub, else what was planned, and what was sieved out of it. */
    private List<Depletion.Taken> taken(final Batch batch) {
        final BatchPlan plan = plan(batch);
        final Map<String, Double> scooped = bins.heap(batch, plan).litres();
        final Set<String> done = bins.prepared(batch);
        final Stream<Depletion.Taken> materials = scooped.isEmpty()
                ? plan.materials().stream().map(line -> taken(line.material(), line.litres(), done))
                : scooped.entrySet().stream()
                        .flatMap(each -> books.materials().material(each.getKey()).stream()
                                .map(material -> taken(material, each.getValue(), done)));
        return Stream.concat(
                        materials, plan.layers().stream().map(line -> taken(line.material(), line.litres(), Set.of())))
                .toList();
    }

    private static Depletion.Taken taken(final Material material, final double litres, final Set<String> done) {
        return new Depletion.Taken(material.id(), Preparation.fromBag(material, litres, done));
    }

    /** What the batch comes to. */
    @Transactional(readOnly = true)
    public BatchPlan plan(final Batch batch) {
        return bins.plan(batch, packs());
    }

    /** What would be left of each lot that loses something once the batch is mixed; what is left of them if it is [L]. */
    @Transactional(readOnly = true)
    public Map<UUID, Double> left(final UUID id) {
        final Batch batch = get(id);
        final Set<UUID> from = lots.findByBatchId(id).stream()
                .flatMap(each -> Optional.ofNullable(each.lotId()).stream())
                .collect(Collectors.toSet());
        if (batch.mixedOn() == null || from.isEmpty()) {
            return Depletion.after(shelf.inOrderOfUse(), taken(batch));
        }
        return shelf.leftOf(from);
    }

    /** The recipe of a batch: that of its version, or what it really is if that is another. */
    @Transactional(readOnly = true)
    public RecipeBody recipe(final Batch batch) {
        return recipe(batch, bins.another(batch));
    }

    /** The recipe of a batch as it was when a pot was filled from it. */
    @Transactional(readOnly = true)
    public RecipeBody recipeOf(final Batch batch, final UUID potId) {
        return recipe(batch, bins.another(batch, potId));
    }

    private RecipeBody recipe(final Batch batch, final Optional<Recipe> another) {
        final RecipeBody planned =
                blends.version(batch.blendId(), batch.versionNumber()).recipe();
        return another.map(made -> RecipeBody.of(made, planned.scoop())).orElse(planned);
    }

    /**
     * Remembers the pack in which a material is bought.
     *
     * @param seen the revision that was seen; null where no pack was known
     * @throws StaleRevision if it has changed since
     */
    StoredPack remember(
            final String materialId, final double litres, final @Nullable Double price, final @Nullable Long seen) {
        if (books.materials().material(materialId).isEmpty()) {
            throw new UnknownName("materialId", "material", materialId, "Pick one from the list.");
        }
        new StoredPack(materialId, litres, price).toCore();
        final Optional<StoredPack> stored = packs.findById(materialId);
        final StoredPack pack = stored.orElseGet(() -> new StoredPack(materialId, litres, price));
        if (!pack.is(litres, price)) {
            Seen.check("pack", seen, pack.revision(), () -> BatchesController.PackBody.of(pack));
            pack.become(litres, price);
        }
        return packs.saveAndFlush(pack);
    }

    Map<String, Pack> packs() {
        final Map<String, Pack> known = new HashMap<>(shelf.packs());
        packs.findAll().forEach(pack -> known.put(pack.materialId(), pack.toCore()));
        return known;
    }

    /** The next number of a day; two batches that are made at once do not get the same. */
    private String nextLot(final Instant at) {
        if (numbering.hold(Numbering.LOT).isEmpty()) {
            throw new IllegalStateException("lots have no numbering");
        }
        final String day = LocalDate.ofInstant(at, clock.getZone()).toString();
        final int last = batches.lotsOf(day).stream()
                .map(lot -> lot.substring(day.length() + 1))
                .filter(number -> number.matches("\\d{1,6}"))
                .mapToInt(Integer::parseInt)
                .max()
                .orElse(0);
        return "%s-%d".formatted(day, last + 1);
    }
}
