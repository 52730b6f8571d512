package looseknit.server.blend;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Stream;
import looseknit.core.bench.Evaluator;
import looseknit.core.bench.Glance;
import looseknit.core.need.Plant;
import looseknit.core.need.Property;
import looseknit.server.frame.Books;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.Stopping;
import looseknit.server.frame.TestsChanged;
import looseknit.server.frame.Workable;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * How blends read for another plant than their own. It is kept in mind for the plants that were asked for last; only blends that have changed
 * are read again. Whoever asks waits for a few of them; the rest is read on, a few at a time and for nobody who waits.
 */
@Component
class ReadForPlants {

    private static final int MOST_PLANTS = 4;

    /** So many blends does anybody wait for. */
    private static final int WAITED_FOR = 40;

    /** So many are read on in one go. */
    private static final int AT_ONCE = 100;

    private static final long PAUSE_MS = 50;

    private final Books books;
    private final KnownSource knownSource;
    private final BlendCardRepository cards;
    private final TransactionTemplate transaction;
    private final Stopping stopping;

    /** By plant; another once anything has changed that they were read by, so that what is being read meanwhile is not kept. */
    private volatile Map<String, ForPlant> kept = none();

    ReadForPlants(
            final Books books,
            final KnownSource knownSource,
            final BlendCardRepository cards,
            final TransactionTemplate transaction,
            final Stopping stopping) {
        this.books = books;
        this.knownSource = knownSource;
        this.cards = cards;
        this.transaction = transaction;
        this.stopping = stopping;
    }

    /** Which state of a blend is stored. */
    record Stored(UUID id, long revision) {}

    /** What of a blend is read. */
    record Written(UUID id, long revision, BriefBody brief, RecipeBody recipe) {}

    /**
     * A blend, read for a plant.
     *
     * @param values empty while nothing can be read
     * @param fit 0 to 100; null while nothing can be read
     */
    record Reading(
            UUID id,
            long revision,
            Map<Property, Double> values,
            boolean fits,
            @Nullable Double fit) {}

    /**
     * Blends as far as they are read for a plant.
     *
     * @param readings what was read, in the order in which they come
     * @param left those that are still to be read, in the same order
     */
    record AsRead(List<Reading> readings, List<UUID> left) {}

    /** What is kept for a plant, and what is still to be read for it. */
    private static final class ForPlant {

        private final Plant plant;
        private final Map<UUID, Reading> known = new ConcurrentHashMap<>();
        private volatile Queue<UUID> left = new ConcurrentLinkedQueue<>();

        ForPlant(final Plant plant) {
            this.plant = plant;
        }

        boolean knows(final Stored blend) {
            final @Nullable Reading reading = known.get(blend.id());
            return reading != null && reading.revision() == blend.revision();
        }
    }

    private static Map<String, ForPlant> none() {
        return Collections.synchronizedMap(new LinkedHashMap<>(MOST_PLANTS, 1, true) {
            @Override
            protected boolean removeEldestEntry(final Map.Entry<String, ForPlant> eldest) {
                return size() > MOST_PLANTS;
            }
        });
    }

    @TransactionalEventListener(
            classes = {MaterialsChanged.class, TestsChanged.class},
            phase = TransactionPhase.AFTER_COMPLETION,
            fallbackExecution = true)
    void changed() {
        kept = none();
    }

    @EventListener(ChangedElsewhere.class)
    void changedElsewhere() {
        kept = none();
    }

    /** Blends as they read for a plant, as far as they are read. */
    AsRead of(final Plant plant, final List<Stored> blends) {
        final ForPlant of = kept.computeIfAbsent(plant.id(), any -> new ForPlant(plant));
        final List<UUID> changed =
                blends.stream().filter(each -> !of.knows(each)).map(Stored::id).toList();
        final int now = Math.min(WAITED_FOR, changed.size());
        read(of, changed.subList(0, now));
        of.left = new ConcurrentLinkedQueue<>(changed.subList(now, changed.size()));
        final List<Reading> readings = new ArrayList<>(blends.size());
        final List<UUID> left = new ArrayList<>();
        for (final Stored each : blends) {
            final @Nullable Reading reading = of.known.get(each.id());
            if (reading == null || reading.revision() != each.revision()) {
                left.add(each.id());
            } else {
                readings.add(reading);
            }
        }
        return new AsRead(readings, left);
    }

    /** Reads some of what is left for each plant; between some and some others have their turn. */
    @Scheduled(fixedDelay = PAUSE_MS)
    void readOn() {
        final List<ForPlant> all;
        final Map<String, ForPlant> those = kept;
        synchronized (those) {
            all = List.copyOf(those.values());
        }
        for (final ForPlant of : all) {
            final List<UUID> next = Stream.generate(of.left::poll)
                    .limit(AT_ONCE)
                    .takeWhile(Objects::nonNull)
                    .toList();
            if (!next.isEmpty() && !stopping.stopping()) {
                transaction.executeWithoutResult(any -> read(of, next));
            }
        }
    }

    private void read(final ForPlant of, final List<UUID> blends) {
        if (!blends.isEmpty()) {
            cards.written(blends).forEach(each -> of.known.put(each.id(), read(of.plant, each)));
        }
    }

    private Reading read(final Plant plant, final Written blend) {
        return glance(plant, blend.id(), blend.brief(), blend.recipe())
                .map(glance -> new Reading(
                        blend.id(), blend.revision(), glance.values(), glance.fits(), CardKeeper.fit(glance)))
                .orElseGet(() -> new Reading(blend.id(), blend.revision(), Map.of(), false, null));
    }

    /** What a blend reads for a plant; nothing while nothing can be read. */
    Optional<Glance> glance(final Plant plant, final UUID id, final BriefBody brief, final RecipeBody recipe) {
        return Workable.found(() ->
                Evaluator.glance(recipe.toCore(books), brief.toCore(books).with(plant), knownSource.known(id, recipe)));
    }
}
