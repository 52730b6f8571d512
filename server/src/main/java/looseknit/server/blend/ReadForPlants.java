package looseknit.server.blend;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import looseknit.core.bench.Evaluator;
import looseknit.core.bench.Glance;
import looseknit.core.need.Plant;
import looseknit.core.need.Property;
import looseknit.server.frame.Books;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.TestsChanged;
import looseknit.server.frame.Workable;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * How blends read for another plant than their own. It is kept in mind for the plants that were asked for last; only blends that have changed
 * are read again.
 */
@Component
class ReadForPlants {

    private static final int MOST_PLANTS = 4;

    /** So many blends are taken out of the store in one go. */
    private static final int AT_ONCE = 250;

    private final Books books;
    private final KnownSource knownSource;
    private final BlendCardRepository cards;

    /** By plant; another once anything has changed that they were read by, so that what is being read meanwhile is not kept. */
    private volatile Map<String, Map<UUID, Reading>> kept = none();

    ReadForPlants(final Books books, final KnownSource knownSource, final BlendCardRepository cards) {
        this.books = books;
        this.knownSource = knownSource;
        this.cards = cards;
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

    private static Map<String, Map<UUID, Reading>> none() {
        return Collections.synchronizedMap(new LinkedHashMap<>(MOST_PLANTS, 1, true) {
            @Override
            protected boolean removeEldestEntry(final Map.Entry<String, Map<UUID, Reading>> eldest) {
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

    /** Blends as they read for a plant, in the order in which they come. */
    List<Reading> of(final Plant plant, final List<Stored> blends) {
        final Map<UUID, Reading> known = kept.computeIfAbsent(plant.id(), any -> new ConcurrentHashMap<>());
        final List<UUID> changed = blends.stream()
                .filter(each -> !isKnown(known.get(each.id()), each))
                .map(Stored::id)
                .toList();
        for (int from = 0; from < changed.size(); from += AT_ONCE) {
            cards.written(changed.subList(from, Math.min(from + AT_ONCE, changed.size())))
                    .forEach(each -> known.put(each.id(), read(plant, each)));
        }
        final List<Reading> readings = new ArrayList<>(blends.size());
        for (final Stored each : blends) {
            final @Nullable Reading reading = known.get(each.id());
            if (reading != null) {
                readings.add(reading);
            }
        }
        return readings;
    }

    private static boolean isKnown(final @Nullable Reading reading, final Stored blend) {
        return reading != null && reading.revision() == blend.revision();
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
