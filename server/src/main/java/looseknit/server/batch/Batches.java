package looseknit.server.batch;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.batch.BatchOrder;
import looseknit.core.batch.BatchPlan;
import looseknit.core.batch.Pack;
import looseknit.core.material.Book;
import looseknit.server.blend.BlendVersion;
import looseknit.server.blend.Blends;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.UnknownName;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Batches and packs. */
@Service
@Transactional
public class Batches {

    private final BatchRepository batches;
    private final PackRepository packs;
    private final Blends blends;
    private final Clock clock;

    Batches(final BatchRepository batches, final PackRepository packs, final Blends blends, final Clock clock) {
        this.batches = batches;
        this.packs = packs;
        this.blends = blends;
        this.clock = clock;
    }

    /** All batches, the newest first. */
    @Transactional(readOnly = true)
    public List<Batch> all() {
        return batches.findAllByOrderByCreatedAtDesc();
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
            final List<FillRow> fills,
            final double reserve,
            final double scoopLitres,
            final double tubLitres) {
        return create(id, blendId, versionNumber, fills, reserve, scoopLitres, tubLitres, clock.instant());
    }

    /** Stores a new batch as of a moment. */
    public Batch create(
            final UUID id,
            final UUID blendId,
            final int versionNumber,
            final List<FillRow> fills,
            final double reserve,
            final double scoopLitres,
            final double tubLitres,
            final Instant at) {
        return batches.findById(id).orElseGet(() -> {
            final BlendVersion version = blends.version(blendId, versionNumber);
            final Batch batch = new Batch(id, nextLot(at), blendId, version.number(), at);
            batch.become(fills, reserve, scoopLitres, tubLitres);
            plan(batch);
            return batches.saveAndFlush(batch);
        });
    }

    /**
     * Changes the amounts of a batch.
     *
     * @throws StaleRevision if it has changed since the given revision
     */
    public Batch change(
            final UUID id,
            final long revision,
            final List<FillRow> fills,
            final double reserve,
            final double scoopLitres,
            final double tubLitres) {
        final Batch batch = batches.lock(id).orElseThrow(() -> new NotThere("batch"));
        if (batch.revision() != revision) {
            throw new StaleRevision(
                    "batch", BatchBody.of(batch, blends.version(batch.blendId(), batch.versionNumber()), plan(batch)));
        }
        batch.become(fills, reserve, scoopLitres, tubLitres);
        plan(batch);
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
                blends.version(batch.blendId(), batch.versionNumber()).recipe().toCore(),
                batch.fills().stream().map(FillRow::toCore).toList(),
                batch.reserve(),
                batch.scoopLitres(),
                batch.tubLitres(),
                packs()));
    }

    /** Remembers the pack in which a material is bought. */
    public StoredPack remember(final String materialId, final double litres, final @Nullable Double price) {
        if (Book.shipped().material(materialId).isEmpty()) {
            throw new UnknownName("materialId", "material", materialId, "Pick one from the list.");
        }
        final StoredPack pack = new StoredPack(materialId, litres, price);
        pack.toCore();
        return packs.save(pack);
    }

    private Map<String, Pack> packs() {
        return packs.findAll().stream().collect(Collectors.toMap(StoredPack::materialId, StoredPack::toCore));
    }

    private String nextLot(final Instant at) {
        final String day = LocalDate.ofInstant(at, clock.getZone()).toString();
        return "%s-%d".formatted(day, batches.countByLotStartingWith(day) + 1);
    }
}
