package looseknit.server.batch;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import looseknit.core.batch.BatchOrder;
import looseknit.core.batch.BatchPlan;
import looseknit.core.batch.Fill;
import looseknit.core.batch.Heap;
import looseknit.core.batch.MixSheet;
import looseknit.core.batch.Pack;
import looseknit.core.caution.Caution;
import looseknit.core.shelf.Depletion;
import looseknit.server.blend.BlendVersion;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.UnknownName;
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
            final BatchTapRepository taps) {
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

    /** Litres that a batch comes to. */
    @Transactional(readOnly = true)
    public double litresToMake(final Batch batch) {
        final Double kept = batch.litresToMake();
        return kept == null ? plan(batch).litresToMake() : kept;
    }

    /** What was stored before lists showed what it comes to is planned once. */
    @EventListener
    void ready(final ApplicationReadyEvent event) {
        transaction.executeWithoutResult(any -> batches.findByLitresToMakeIsNull()
                .forEach(batch -> batches.planned(batch.id(), plan(batch).litresToMake(), batch.pots())));
    }

    @Transactional(readOnly = true)
    public Batch get(final UUID id) {
        return batches.findById(id).orElseThrow(() -> new NotThere("batch"));
    }

    /** Stores a new batch of a kept version; a second call with the same id changes nothing. */
    public Batch create(
            final UUID id,
            final UUID blendId,
            final int versionNumber,
            final List<FillBody> fills,
            final double reserve,
            final double scoopLitres,
            final double tubLitres) {
        return create(id, blendId, versionNumber, fills, reserve, scoopLitres, tubLitres, clock.instant());
    }

    /** The pots to fill that stand for a heap that was counted out already. */
    @Transactional(readOnly = true)
    public List<FillBody> heap(final UUID blendId, final int versionNumber, final double looseLitres) {
        return List.of(FillBody.of(
                Fill.heap(blends.version(blendId, versionNumber).recipe().toCore(books), looseLitres)));
    }

    /** Stores a new batch as of a moment. */
    public Batch create(
            final UUID id,
            final UUID blendId,
            final int versionNumber,
            final List<FillBody> fills,
            final double reserve,
            final double scoopLitres,
            final double tubLitres,
            final Instant at) {
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
            batch.become(fills, reserve, scoopLitres, tubLitres);
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
    public Batch change(
            final UUID id,
            final long revision,
            final List<FillBody> fills,
            final double reserve,
            final double scoopLitres,
            final double tubLitres) {
        final Batch batch = batches.lock(id).orElseThrow(() -> new NotThere("batch"));
        if (batch.revision() != revision) {
            throw new StaleRevision(
                    "batch",
                    BatchBody.of(
                            batch, blends.version(batch.blendId(), batch.versionNumber()), recipe(batch), plan(batch)));
        }
        if (Math.abs(scoopLitres - batch.scoopLitres()) > SAME_SCOOP
                && taps.existsByBatchIdAndKind(id, BatchTap.Kind.SCOOPED)) {
            throw new Refused(
                    "Scoops are counted already",
                    "This batch is being mixed, and its scoops are counted with the scoop that was told. "
                            + "Leave that scoop as it is, or plan another batch.");
        }
        batch.become(fills, reserve, scoopLitres, tubLitres);
        batch.planned(plan(batch).litresToMake());
        return batches.saveAndFlush(batch);
    }

    /** Marks a batch as mixed on a day, or as not yet mixed. */
    public Batch mixed(final UUID id, final @Nullable LocalDate day) {
        final Batch batch = get(id);
        batch.mixed(day);
        return batches.saveAndFlush(batch);
    }

    /** What the batch comes to. */
    @Transactional(readOnly = true)
    public BatchPlan plan(final Batch batch) {
        return BatchPlan.of(new BatchOrder(
                blends.version(batch.blendId(), batch.versionNumber()).recipe().toCore(books),
                batch.fills().stream().map(fill -> fill.toCore(books)).toList(),
                batch.reserve(),
                batch.scoopLitres(),
                batch.tubLitres(),
                packs()));
    }

    /** What would be left of each lot that loses something once the batch is mixed [L]. */
    @Transactional(readOnly = true)
    public Map<UUID, Double> left(final UUID id) {
        final Batch batch = get(id);
        final BatchPlan plan = plan(batch);
        final Map<String, Double> scooped = heap(batch, plan).litres();
        final Stream<Depletion.Taken> materials = scooped.isEmpty()
                ? plan.materials().stream().map(Batches::taken)
                : scooped.entrySet().stream().map(each -> new Depletion.Taken(each.getKey(), each.getValue()));
        return Depletion.after(
                shelf.inOrderOfUse(),
                Stream.concat(materials, plan.layers().stream().map(Batches::taken))
                        .toList());
    }

    private static Depletion.Taken taken(final BatchPlan.Line line) {
        return new Depletion.Taken(line.material().id(), line.litres());
    }

    /** What was really put in, by what was told at the tub. */
    private Heap heap(final Batch batch, final BatchPlan plan) {
        return new Heap(
                MixSheet.of(plan, batch.scoopLitres()),
                taps.findByBatchIdOrderByNumber(batch.id()).stream()
                        .flatMap(BatchTap::toCore)
                        .toList());
    }

    /** The recipe of a batch: that of its version, or what was really put in once it was counted at the tub and all is in. */
    @Transactional(readOnly = true)
    public RecipeBody recipe(final Batch batch) {
        final RecipeBody planned =
                blends.version(batch.blendId(), batch.versionNumber()).recipe();
        if (!taps.existsByBatchIdAndKind(batch.id(), BatchTap.Kind.SCOOPED)) {
            return planned;
        }
        final Heap heap = heap(batch, plan(batch));
        return heap.next().isEmpty() && heap.differs()
                ? heap.recipe(books.materials())
                        .map(made -> RecipeBody.of(made, planned.scoop()))
                        .orElse(planned)
                : planned;
    }

    /** Remembers the pack in which a material is bought. */
    public StoredPack remember(final String materialId, final double litres, final @Nullable Double price) {
        if (books.materials().material(materialId).isEmpty()) {
            throw new UnknownName("materialId", "material", materialId, "Pick one from the list.");
        }
        final StoredPack pack = new StoredPack(materialId, litres, price);
        pack.toCore();
        return packs.save(pack);
    }

    private Map<String, Pack> packs() {
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
