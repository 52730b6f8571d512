package looseknit.server.pot;

import static looseknit.core.measure.Require.text;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.batch.Fill;
import looseknit.core.care.NextLook;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.pot.Pot;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;
import looseknit.server.batch.Batch;
import looseknit.server.batch.Batches;
import looseknit.server.batch.BinWork;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pottings. */
@Service
@Transactional
public class Pottings {

    private static final int LONGEST_LABEL = 120;

    private final Books books;
    private final PottingRepository pottings;
    private final Batches batches;
    private final BinWork work;
    private final KnownSource knownSource;
    private final Clock clock;

    Pottings(
            final Books books,
            final PottingRepository pottings,
            final Batches batches,
            final BinWork work,
            final KnownSource knownSource,
            final Clock clock) {
        this.books = books;
        this.pottings = pottings;
        this.batches = batches;
        this.work = work;
        this.knownSource = knownSource;
        this.clock = clock;
    }

    /** A page of all pots, place by place. */
    @Transactional(readOnly = true)
    public Page<PottingOfBatch> page(final int page, final int size) {
        return pottings.page(PageRequest.of(page, size));
    }

    /** In how many places there are pots. */
    @Transactional(readOnly = true)
    public long places() {
        return pottings.places();
    }

    /** Pots by their label, for whoever looks something up. */
    @Transactional(readOnly = true)
    public List<PottingNameBody> names() {
        return pottings.names();
    }

    /**
     * Pots a plant up; a second call with the same id changes nothing.
     *
     * @throws OutOfRangeException if plant, pot, place or habit is missing, or the day lies ahead
     */
    public Potting potUp(
            final UUID id, final String label, final BriefBody brief, final UUID batchId, final LocalDate pottedOn) {
        return pottings.findById(id).orElseGet(() -> {
            if (pottedOn.isAfter(LocalDate.now(clock))) {
                throw new OutOfRangeException(
                        "pottedOn", String.valueOf(pottedOn), TableText.said("today or a day before"));
            }
            final Brief checked = complete(brief);
            final Batch batch = work.hold(batchId);
            final RecipeBody recipe = batches.recipe(batch);
            final Estimate days = daysToDry(recipe, checked, knownSource.known(batch.blendId(), recipe));
            final Potting potting =
                    new Potting(id, text("label", label, LONGEST_LABEL), brief, batchId, pottedOn, days);
            potting.lookNext(pottedOn, NextLook.afterWatering(days));
            work.potted(id, batchId, litres(checked, batch), pottedOn, potting.label());
            return pottings.saveAndFlush(potting);
        });
    }

    /** Deletes a potting so that it can be restored. */
    public void delete(final UUID id) {
        final Potting potting = get(id);
        if (!potting.deleted()) {
            potting.delete(clock.instant());
            work.potTakenBack(id, potting.batchId());
        }
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
                    litres(brief, work.hold(potting.batchId())),
                    potting.pottedOn(),
                    potting.label());
        }
        return pottings.saveAndFlush(potting);
    }

    /** Settled mix that goes into a pot: less the root ball that was told for such pots when the batch was planned [L]. */
    private double litres(final Brief brief, final Batch batch) {
        final Pot pot = brief.pot().orElseThrow();
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

    private Estimate daysToDry(final RecipeBody recipe, final Brief brief, final Knowledge known) {
        return Reading.estimate(new PottedMix(recipe.toCore(books), brief, known), Property.DRY_DAYS);
    }

    private Brief complete(final BriefBody body) {
        final Brief brief = body.toCore(books);
        if (brief.plant().isEmpty()) {
            throw new OutOfRangeException("the plant", "not named", TableText.said("a plant from the Book"));
        }
        if (brief.pot().isEmpty()) {
            throw new OutOfRangeException("the pot", "not told", TableText.said("a pot with its size"));
        }
        if (brief.place().isEmpty()) {
            throw new OutOfRangeException("the place", "not told", TableText.said("a place with its climate"));
        }
        if (brief.habit().isEmpty()) {
            throw new OutOfRangeException("the watering", "not told", TableText.said("how often you water"));
        }
        return brief;
    }
}
