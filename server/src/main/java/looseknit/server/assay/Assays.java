package looseknit.server.assay;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import looseknit.core.assay.Beliefs;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.outlook.InThePot;
import looseknit.core.reading.Knowledge;
import looseknit.server.batch.BatchSamples;
import looseknit.server.batch.Batches;
import looseknit.server.blend.Blend;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.TakenAway;
import looseknit.server.frame.TestsChanged;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import looseknit.server.store.Remembered;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Tests at the bench, and what is believed after all of them. */
@Service
@Transactional
public class Assays implements KnownSource, TakenAway {

    private final Books books;
    private final MadeTestRepository tests;
    private final Blends blends;
    private final Batches batches;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final Remembered<Beliefs> beliefs = new Remembered<>();

    Assays(
            final Books books,
            final MadeTestRepository tests,
            final Blends blends,
            final Batches batches,
            final ApplicationEventPublisher events,
            final Clock clock) {
        this.books = books;
        this.tests = tests;
        this.blends = blends;
        this.batches = batches;
        this.events = events;
        this.clock = clock;
    }

    /** Tests of a blend, the newest first. */
    @Transactional(readOnly = true)
    public List<MadeTest> of(final UUID blendId) {
        return tests.findByBlendIdAndRemovedAtIsNullOrderByMadeOnDescStoredAtDesc(blendId);
    }

    /** Stores a test of a blend as it stands; a second call with the same id changes nothing. */
    public MadeTest make(final UUID id, final UUID blendId, final LocalDate madeOn, final TestBody test) {
        return tests.findById(id).orElseGet(() -> {
            if (madeOn.isAfter(LocalDate.now(clock))) {
                throw new OutOfRangeException("madeOn", String.valueOf(madeOn), TableText.said("a day up to today"));
            }
            test.toCore();
            final Blend blend = blends.get(blendId);
            final double temperatureC = new InThePot(
                            blend.recipe().toCore(books), blend.brief().toCore(books), Knowledge.NOTHING)
                    .acidity()
                    .temperatureC();
            forget();
            return tests.saveAndFlush(
                    new MadeTest(id, blendId, madeOn, test, blend.recipe(), temperatureC, clock.instant()));
        });
    }

    /** Tests of a batch, the newest first. */
    @Transactional(readOnly = true)
    public List<MadeTest> ofBatch(final UUID batchId) {
        return tests.findByBatchIdAndRemovedAtIsNullOrderByMadeOnDescStoredAtDesc(batchId);
    }

    /**
     * Stores a test of a batch as it really is; a second call with the same id changes nothing.
     *
     * @param sample what was tested, on the day on which it was
     */
    public MadeTest make(
            final UUID id, final BatchSamples.Sampled sample, final LocalDate madeOn, final TestBody test) {
        return tests.findById(id).orElseGet(() -> {
            test.toCore();
            forget();
            final MadeTest made = new MadeTest(
                    id, sample.blendId(), madeOn, test, sample.recipe(), sample.temperatureC(), clock.instant());
            made.ofBatch(sample.batchId(), sample.agesWeeks());
            if (test.kind() == TestBody.Kind.PH) {
                batches.tested(sample.batchId(), madeOn);
            }
            return tests.saveAndFlush(made);
        });
    }

    /** What was believed before a test was made, in the order in which they were stored. */
    @Transactional(readOnly = true)
    public Map<UUID, Beliefs> before(final Set<UUID> ids) {
        final Map<UUID, Beliefs> before = new LinkedHashMap<>();
        Beliefs now = Beliefs.UNTESTED;
        for (final MadeTest test : tests.findByRemovedAtIsNullOrderByStoredAt()) {
            if (ids.contains(test.id())) {
                before.put(test.id(), now);
            }
            now = test.after(now, books);
        }
        return before;
    }

    /** Takes a test out so that it can be put back. */
    public void remove(final UUID id) {
        get(id).remove(clock.instant());
        forget();
    }

    @Override
    public String kind() {
        return "tests";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return tests.findByRemovedAtAfterOrderByRemovedAtDesc(moment).stream()
                .map(each ->
                        Gone.of(each.id(), blends.get(each.blendId()).name() + ", " + each.madeOn(), each.removedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        restore(UUID.fromString(id));
    }

    /** Puts a test back. */
    public MadeTest restore(final UUID id) {
        final MadeTest test = get(id);
        test.restore();
        forget();
        return test;
    }

    /** Materials have changed: what was worked out with the old ones no longer holds. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    @TransactionalEventListener(fallbackExecution = true)
    void materialsChanged(final MaterialsChanged event) {
        beliefs.forget();
    }

    @Order(Ordered.HIGHEST_PRECEDENCE + 2)
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    @EventListener
    void changedElsewhere(final ChangedElsewhere event) {
        beliefs.forget();
    }

    /** What is believed after all tests. */
    @Transactional(readOnly = true)
    public Beliefs beliefs() {
        return beliefs.get(() -> {
            Beliefs now = Beliefs.UNTESTED;
            for (final MadeTest test : tests.findByRemovedAtIsNullOrderByStoredAt()) {
                now = test.after(now, books);
            }
            return now;
        });
    }

    @Override
    @Transactional(readOnly = true)
    public Knowledge known(final @Nullable UUID blendId, final RecipeBody recipe) {
        return new Knowledge(
                beliefs(),
                blendId == null ? Beliefs.NO_BLEND : blendId.toString(),
                recipe.scoopOrLevel(),
                books.materials());
    }

    private MadeTest get(final UUID id) {
        return tests.findById(id).orElseThrow(() -> new NotThere("test"));
    }

    /** Beliefs are worked out anew once the change is stored, before anybody reads by them what they change. */
    private void forget() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(final int status) {
                beliefs.forget();
            }
        });
        events.publishEvent(new TestsChanged());
    }
}
