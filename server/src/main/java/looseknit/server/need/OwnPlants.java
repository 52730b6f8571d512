package looseknit.server.need;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Seen;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.TakenAway;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plants of the person's own. */
@Service
@Transactional
public class OwnPlants implements TakenAway {

    /** Ids of own plants begin so, and can never take the place of one that ships. */
    public static final String PREFIX = "my_";

    private final OwnPlantRepository plants;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    OwnPlants(final OwnPlantRepository plants, final ApplicationEventPublisher events, final Clock clock) {
        this.plants = plants;
        this.events = events;
        this.clock = clock;
    }

    /** All own plants, also those taken out, since blends may still name them. */
    @Transactional(readOnly = true)
    public List<Plant> all(final PlantBook book) {
        return plants.findAllByOrderByStoredAtAscIdAsc().stream()
                .map(each -> each.facts().toCore(each.id(), book))
                .toList();
    }

    /** Ids of the plants that have been taken out. */
    @Transactional(readOnly = true)
    public List<String> removed() {
        return plants.findAllByOrderByStoredAtAscIdAsc().stream()
                .filter(StoredPlant::removed)
                .map(StoredPlant::id)
                .toList();
    }

    @Transactional(readOnly = true)
    public Optional<OwnPlantBody> facts(final String id) {
        return plants.findById(id).map(StoredPlant::facts);
    }

    /** What was told of the own plants that have not been taken out, by id. */
    @Transactional(readOnly = true)
    public Map<String, OwnPlantBody> told() {
        final Map<String, OwnPlantBody> told = new LinkedHashMap<>();
        plants.findAllByOrderByStoredAtAscIdAsc().stream()
                .filter(each -> !each.removed())
                .forEach(each -> told.put(each.id(), each.facts()));
        return told;
    }

    /**
     * Checks what is told of a plant.
     *
     * @throws OutOfRangeException if something of it cannot be used
     */
    public void check(final String id, final OwnPlantBody body) {
        if (!id.matches("my_[a-z0-9_]{1,70}")) {
            throw new OutOfRangeException(
                    "plant.id", id, TableText.said("my_ and then small letters, digits and underscores"));
        }
        body.toCore(id, PlantBook.shipped());
    }

    /** Stores an own plant that is new. */
    public void add(final String id, final OwnPlantBody body) {
        put(id, body, null, facts -> facts);
    }

    /**
     * Stores an own plant or changes it.
     *
     * @param seen the revision that was seen; null for a new one
     * @param current what stands, as it travels
     * @throws StaleRevision if it has changed since
     */
    void put(
            final String id,
            final OwnPlantBody body,
            final @Nullable Long seen,
            final Function<OwnPlantBody, Object> current) {
        check(id, body);
        final Optional<StoredPlant> stored = plants.findById(id);
        if (stored.isPresent()
                && (stored.get().removed() || !stored.get().facts().equals(body))) {
            Seen.check(
                    "plant",
                    seen,
                    stored.get().revision(),
                    () -> current.apply(stored.get().facts()));
        }
        write(id, body);
        plants.flush();
        events.publishEvent(new MaterialsChanged());
    }

    /** The revision of an own plant, if there is one. */
    @Transactional(readOnly = true)
    public Optional<Long> revision(final String id) {
        return plants.findById(id).map(StoredPlant::revision);
    }

    /** Writes a plant that has been checked; whoever calls tells others of the change. */
    public void write(final String id, final OwnPlantBody body) {
        plants.findById(id)
                .ifPresentOrElse(
                        found -> found.become(body), () -> plants.save(new StoredPlant(id, body, clock.instant())));
    }

    /** Takes an own plant out so that it can be put back. */
    public void remove(final String id) {
        plants.findById(id).orElseThrow(() -> new NotThere("plant")).remove(clock.instant());
        events.publishEvent(new MaterialsChanged());
    }

    @Override
    public String kind() {
        return "plants";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return plants.findByRemovedAtAfterOrderByRemovedAtDesc(moment).stream()
                .map(each -> Gone.of(each.id(), each.facts().name(), each.removedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        restore(id);
    }

    /** Puts it back. */
    public void restore(final String id) {
        plants.findById(id).orElseThrow(() -> new NotThere("plant")).remove(null);
        events.publishEvent(new MaterialsChanged());
    }
}
