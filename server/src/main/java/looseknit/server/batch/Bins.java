package looseknit.server.batch;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.batch.BatchPlan;
import looseknit.core.batch.Bin;
import looseknit.core.batch.Heap;
import looseknit.core.batch.MixSheet;
import looseknit.core.batch.Pack;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.shelf.Shelf;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What lies in the bin of a batch: what was planned or counted, and what was done with it since. Only reads. */
@Service
@Transactional(readOnly = true)
class Bins {

    private final Books books;
    private final Blends blends;
    private final Shelf shelf;
    private final BatchTapRepository taps;
    private final BinEventRepository events;
    private final Clock clock;

    Bins(
            final Books books,
            final Blends blends,
            final Shelf shelf,
            final BatchTapRepository taps,
            final BinEventRepository events,
            final Clock clock) {
        this.books = books;
        this.blends = blends;
        this.shelf = shelf;
        this.taps = taps;
        this.events = events;
        this.clock = clock;
    }

    /** Events that stand: none that was taken back. */
    List<BinEvent> standing(final Batch batch) {
        final List<BinEvent> all = events.findByBatchIdOrderByNumber(batch.id());
        final Set<UUID> undone = all.stream()
                .flatMap(each -> Optional.ofNullable(each.undoes()).stream())
                .collect(Collectors.toSet());
        return all.stream()
                .filter(each -> each.kind() != BinEvent.Kind.UNDONE && !undone.contains(each.getId()))
                .toList();
    }

    boolean any(final Batch batch) {
        return !standing(batch).isEmpty();
    }

    /** What was counted at the tub. */
    Heap heap(final Batch batch, final BatchPlan plan) {
        return new Heap(
                MixSheet.of(plan, batch.scoopLitres()),
                taps.findByBatchIdOrderByNumber(batch.id()).stream()
                        .flatMap(BatchTap::toCore)
                        .toList());
    }

    /** Preparations that are ticked off. */
    Set<String> prepared(final Batch batch) {
        return BatchTap.standing(taps.findByBatchIdOrderByNumber(batch.id()), BatchTap.Kind.TICKED)
                .map(BatchTap::thingId)
                .collect(Collectors.toSet());
    }

    /** What lies in the bin; nothing before anything is mixed. */
    Bin bin(final Batch batch) {
        return after(batch, standing(batch), false);
    }

    /** All that was ever in it, as if nothing had been taken out: what one would mix to have the same. */
    Bin whole(final Batch batch) {
        return after(batch, standing(batch), true);
    }

    /** What lay in it on the evening of a day. */
    Bin on(final Batch batch, final LocalDate day) {
        return after(
                batch,
                standing(batch).stream()
                        .filter(each -> !each.happenedOn().isAfter(day))
                        .toList(),
                false);
    }

    private Bin after(final Batch batch, final List<BinEvent> all, final boolean whole) {
        final MaterialBook book = books.materials();
        Bin bin = begin(batch);
        for (final BinEvent each : all) {
            bin = after(bin, each, book, whole);
        }
        return bin;
    }

    /** What it was after some events while there still was something of it. */
    private Bin lastOf(final Batch batch, final List<BinEvent> all) {
        final MaterialBook book = books.materials();
        Bin bin = begin(batch);
        for (final BinEvent each : all) {
            final Bin next = after(bin, each, book, false);
            bin = next.isEmpty() ? bin : next;
        }
        return bin;
    }

    private Bin begin(final Batch batch) {
        final Optional<BinContent> split = batch.begunWith();
        if (split.isPresent()) {
            return split.get().toCore(books.materials());
        }
        final LocalDate day = Objects.requireNonNullElseGet(batch.mixedOn(), () -> LocalDate.now(clock));
        final BatchPlan plan = plan(batch, Map.of());
        final Heap heap = heap(batch, plan);
        if (!heap.litres().isEmpty()) {
            return Bin.of(heap, books.materials(), day);
        }
        return batch.mixedOn() == null ? Bin.EMPTY : Bin.of(plan, day);
    }

    /** What a batch comes to, with packs by material. */
    BatchPlan plan(final Batch batch, final Map<String, Pack> packs) {
        return BatchPlan.of(batch.amounts()
                .order(
                        blends.version(batch.blendId(), batch.versionNumber())
                                .recipe()
                                .toCore(books),
                        packs,
                        books));
    }

    private static Bin after(final Bin bin, final BinEvent event, final MaterialBook book, final boolean whole) {
        if (event.kind().takes()) {
            return whole ? bin : bin.without(Math.min(event.amount(), bin.litres()));
        }
        return switch (event.kind()) {
            case ADDED ->
                book.material(event.thingId())
                        .map(material -> bin.with(material, event.amount()))
                        .orElse(bin);
            case DOSED ->
                book.amendment(event.thingId())
                        .map(amendment -> bin.with(amendment, event.amount(), event.happenedOn()))
                        .orElse(bin);
            case JOINED ->
                Optional.ofNullable(event.content())
                        .map(content -> bin.with(content.toCore(book)))
                        .orElse(bin);
            default -> bin;
        };
    }

    /** The recipe that a batch really is, if it is another than that of its version. */
    Optional<Recipe> another(final Batch batch) {
        return another(batch, standing(batch));
    }

    /** The recipe that a batch really was when a pot was filled from it, if it was another than that of its version. */
    Optional<Recipe> another(final Batch batch, final UUID potId) {
        return another(
                batch,
                standing(batch).stream()
                        .takeWhile(each -> each.kind() != BinEvent.Kind.POTTED
                                || !each.thingId().equals(potId.toString()))
                        .toList());
    }

    private Optional<Recipe> another(final Batch batch, final List<BinEvent> events) {
        final boolean changed = batch.begunWith().isPresent()
                || events.stream()
                        .anyMatch(each -> each.kind() == BinEvent.Kind.ADDED
                                || each.kind() == BinEvent.Kind.DOSED
                                || each.kind() == BinEvent.Kind.JOINED);
        if (changed) {
            return inScoops(lastOf(batch, events), batch.scoopLitres());
        }
        if (!taps.existsByBatchIdAndKind(batch.id(), BatchTap.Kind.SCOOPED)) {
            return Optional.empty();
        }
        final Heap heap = heap(batch, plan(batch, Map.of()));
        return heap.next().isEmpty() && heap.differs() ? heap.recipe(books.materials()) : Optional.empty();
    }

    /** The recipe of a bin with its parts in scoops. */
    private static Optional<Recipe> inScoops(final Bin bin, final double scoopLitres) {
        return bin.recipe()
                .map(recipe -> new Recipe(
                        Recipe.Measure.PARTS,
                        recipe.parts().stream()
                                .map(part -> new Recipe.Part(part.material(), rounded(part.amount() / scoopLitres)))
                                .toList(),
                        recipe.doses()));
    }

    private static double rounded(final double scoops) {
        return Math.max(0.01, Math.rint(100 * scoops) / 100);
    }

    /** Materials that could go into it: its own, and openers on the shelf that are not in quarantine. */
    List<Material> atHand() {
        return shelf.usableLitres().keySet().stream()
                .flatMap(id -> books.materials().material(id).stream())
                .toList();
    }
}
