package looseknit.server.need;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.NotThere;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plants of the person's own. */
@Service
@Transactional
public class OwnPlants {

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

    /** Stores an own plant or changes it. */
    public void put(final String id, final OwnPlantBody body) {
        check(id, body);
        write(id, body);
        events.publishEvent(new MaterialsChanged());
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

    /** Puts it back. */
    public void restore(final String id) {
        plants.findById(id).orElseThrow(() -> new NotThere("plant")).remove(null);
        events.publishEvent(new MaterialsChanged());
    }
}
