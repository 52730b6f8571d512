package looseknit.server.batch;

import static looseknit.core.measure.Require.within;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.batch.BatchPlan;
import looseknit.core.batch.Heap;
import looseknit.core.batch.MixSheet;
import looseknit.core.batch.Tap;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.UnknownName;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Batches as they are mixed: every tap is stored as it is told, and what lies in the tub is worked out from all of them. */
@Service
@Transactional
class Mixing {

    private static final double MOST_SCOOPS = 200;
    private static final double MOST_GRAMS = 100_000;
    private static final double MOST_MINUTES = 10_000;

    private final Books books;
    private final Batches batches;
    private final BatchRepository stored;
    private final BatchTapRepository taps;
    private final Clock clock;

    Mixing(
            final Books books,
            final Batches batches,
            final BatchRepository stored,
            final BatchTapRepository taps,
            final Clock clock) {
        this.books = books;
        this.batches = batches;
        this.stored = stored;
        this.taps = taps;
        this.clock = clock;
    }

    /** A batch with its sheet and all that was told of it. */
    record State(Batch batch, BatchPlan plan, MixSheet sheet, Heap heap, List<BatchTap> taps) {}

    @Transactional(readOnly = true)
    State state(final UUID batchId) {
        return state(batches.get(batchId));
    }

    private State state(final Batch batch) {
        return state(batch, batches.plan(batch), taps.findByBatchIdOrderByNumber(batch.id()));
    }

    private static State state(final Batch batch, final BatchPlan plan, final List<BatchTap> told) {
        final MixSheet sheet = MixSheet.of(plan, batch.scoopLitres());
        return new State(batch, plan, sheet, new Heap(sheet, core(told)), told);
    }

    private static List<Tap> core(final List<BatchTap> told) {
        return told.stream().flatMap(BatchTap::toCore).toList();
    }

    /** How many taps a batch has had; grows with each. */
    @Transactional(readOnly = true)
    public long count(final UUID batchId) {
        return taps.countByBatchId(batchId);
    }

    /**
     * Stores what was done; a second call with the same id changes nothing.
     *
     * @throws OutOfRangeException if an amount, load or target cannot be
     * @throws UnknownName if there is no such material or amendment
     * @throws Refused if the batch is mixed already
     */
    State tap(final UUID batchId, final TapBody body) {
        final Batch batch = stored.lock(batchId).orElseThrow(() -> new NotThere("batch"));
        final BatchPlan plan = batches.plan(batch);
        final List<BatchTap> told = new ArrayList<>(taps.findByBatchIdOrderByNumber(batchId));
        if (!taps.existsById(body.id())) {
            if (batch.mixedOn() != null && body.kind() != BatchTap.Kind.TICKED && body.kind() != BatchTap.Kind.BEGUN) {
                throw new Refused(
                        "This batch is mixed",
                        "What was counted into it stands. Add more on its page Adjust, or say that it is not mixed yet.");
            }
            check(plan, told, body);
            final long next = told.isEmpty() ? 1 : told.get(told.size() - 1).number() + 1;
            told.add(taps.saveAndFlush(new BatchTap(body.id(), batchId, next, clock.instant(), body)));
        }
        return state(batch, plan, told);
    }

    private void check(final BatchPlan plan, final List<BatchTap> told, final TapBody body) {
        within("load", body.loadOrFirst(), 1, plan.loads(), Limit.NUMBER);
        switch (body.kind()) {
            case SCOOPED -> {
                final double scoops =
                        within("amount", body.amountOrNone(), MixSheet.QUARTER, MOST_SCOOPS, Limit.NUMBER);
                if (Math.abs(scoops / MixSheet.QUARTER - Math.rint(scoops / MixSheet.QUARTER)) > 1e-9) {
                    throw new OutOfRangeException(
                            "amount", String.valueOf(scoops), TableText.said("whole, half or quarter scoops"));
                }
                material(body.thingOrNone());
                Optional.ofNullable(body.insteadOf()).ifPresent(this::material);
            }
            case RAN_OUT -> material(body.thingOrNone());
            case WEIGHED -> {
                within("amount", body.amountOrNone(), 0, MOST_GRAMS, Limit.NUMBER);
                if (books.materials().amendment(body.thingOrNone()).isEmpty()) {
                    throw new UnknownName("thingId", "amendment", body.thingOrNone(), "Pick one from the list.");
                }
            }
            case UNDONE -> {
                final UUID undone = body.undoes();
                if (undone == null || told.stream().noneMatch(tap -> tap.getId().equals(undone))) {
                    throw new OutOfRangeException(
                            "undoes", String.valueOf(undone), TableText.said("a tap of this batch"));
                }
            }
            case TICKED, BEGUN -> {
                within("amount", body.amountOrNone(), 0, MOST_MINUTES, Limit.NUMBER);
                if (body.thingOrNone().isBlank()) {
                    throw new OutOfRangeException("thingId", "", TableText.said("what was prepared"));
                }
            }
            case STOPPED -> {
                // says all it has to say
            }
        }
    }

    private void material(final String id) {
        if (books.materials().material(id).isEmpty()) {
            throw new UnknownName("thingId", "material", id, "Pick one from the list.");
        }
    }
}
