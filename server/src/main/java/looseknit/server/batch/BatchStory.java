package looseknit.server.batch;

import java.time.LocalDate;
import java.util.UUID;
import looseknit.core.batch.MixSheet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what was done with batches on days gone by, for whoever fills a store with a history. */
@Service
@Transactional
public class BatchStory {

    private final Batches batches;
    private final Mixing mixing;
    private final BinWork work;

    BatchStory(final Batches batches, final Mixing mixing, final BinWork work) {
        this.batches = batches;
        this.mixing = mixing;
        this.work = work;
    }

    /** Counts into the tub the first steps of the sheet. */
    public void count(final UUID batchId, final int steps) {
        final Batch batch = batches.get(batchId);
        MixSheet.of(batches.plan(batch), batch.scoopLitres()).steps().stream()
                .limit(steps)
                .forEach(step -> mixing.tap(
                        batchId,
                        step.amendment().isPresent()
                                ? new TapBody(
                                        UUID.randomUUID(),
                                        BatchTap.Kind.WEIGHED,
                                        step.load(),
                                        step.thingId(),
                                        step.grams(),
                                        null,
                                        null)
                                : new TapBody(
                                        UUID.randomUUID(),
                                        BatchTap.Kind.SCOOPED,
                                        step.load(),
                                        step.thingId(),
                                        step.scoops(),
                                        null,
                                        null)));
    }

    /** A dose went in. */
    public void dosed(final UUID batchId, final LocalDate day, final String amendmentId, final double grams) {
        tell(batchId, BinEvent.Kind.DOSED, day, amendmentId, grams, "", null);
    }

    /** More of a material went in. */
    public void added(final UUID batchId, final LocalDate day, final String materialId, final double litres) {
        tell(batchId, BinEvent.Kind.ADDED, day, materialId, litres, "", null);
    }

    /** Some was thrown away. */
    public void thrown(final UUID batchId, final LocalDate day, final double litres, final String why) {
        tell(batchId, BinEvent.Kind.THROWN, day, "", litres, why, null);
    }

    /** Some became a batch of its own. */
    public void split(final UUID batchId, final LocalDate day, final double litres, final UUID newId) {
        tell(batchId, BinEvent.Kind.SPLIT, day, "", litres, "", newId);
    }

    /** Some was mixed into another batch. */
    public void moved(final UUID batchId, final LocalDate day, final double litres, final UUID into) {
        tell(batchId, BinEvent.Kind.MOVED, day, "", litres, "", into);
    }

    private void tell(
            final UUID batchId,
            final BinEvent.Kind kind,
            final LocalDate day,
            final String thing,
            final double amount,
            final String why,
            final @Nullable UUID other) {
        work.tell(batchId, new BinEventBody(UUID.randomUUID(), kind, day, thing, amount, why, other, null));
    }
}
