package looseknit.server.outcome;

import java.util.List;
import java.util.UUID;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.server.frame.NotThere;
import looseknit.server.pot.PottingBodies;
import looseknit.server.pot.PottingBody;
import looseknit.server.pot.Pottings;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Every pot with something of a batch, or of a bag from the shelf, over HTTP. */
@RestController
@Transactional(readOnly = true)
@RequestMapping("/api/recall")
class RecallController {

    private final RecallRepository repository;
    private final Pottings pottings;
    private final PottingBodies bodies;
    private final Shelf shelf;

    RecallController(
            final RecallRepository repository, final Pottings pottings, final PottingBodies bodies, final Shelf shelf) {
        this.repository = repository;
        this.pottings = pottings;
        this.bodies = bodies;
        this.shelf = shelf;
    }

    /** A batch that it is in, and litres of it. */
    record RecalledBatchBody(UUID id, String lot, String blendName, double litres) {
        static RecalledBatchBody of(final RecallRepository.TracedRow row) {
            return new RecalledBatchBody(row.id(), row.lot(), row.blendName(), row.litres());
        }
    }

    /**
     * Where it went.
     *
     * @param of the batch's or the bag's name
     * @param pots all pots that hold some of it, also those that are lent or gone
     */
    record RecallBody(String of, List<RecalledBatchBody> batches, List<PottingBody> pots) {}

    /** Where a batch or a bag went: one of the two is named. */
    @GetMapping
    RecallBody recall(
            @RequestParam(required = false) final @Nullable UUID batch,
            @RequestParam(required = false) final @Nullable UUID bag) {
        if (batch != null) {
            final List<RecallRepository.TracedRow> found = repository.batch(batch);
            if (found.isEmpty()) {
                throw new NotThere("batch");
            }
            return recall(found.get(0).lot(), found);
        }
        if (bag == null) {
            throw new OutOfRangeException("batch", "not named", TableText.said("a batch or a bag of the shelf"));
        }
        return recall(shelf.nameOf(bag), repository.batchesOf(bag));
    }

    private RecallBody recall(final String of, final List<RecallRepository.TracedRow> batches) {
        final List<UUID> pots = batches.isEmpty()
                ? List.of()
                : repository.pots(
                        batches.stream().map(RecallRepository.TracedRow::id).toList());
        return new RecallBody(of, batches.stream().map(RecalledBatchBody::of).toList(), bodies.of(pottings.of(pots)));
    }
}
