package looseknit.server.shelf;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import looseknit.core.material.Material;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.TakenAway;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Materials of the person's own: from a few facts, from a jar of soil, or mixes. */
@Service
@Transactional
public class OwnMaterials implements TakenAway {

    private final OwnMaterialRepository own;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    OwnMaterials(final OwnMaterialRepository own, final ApplicationEventPublisher events, final Clock clock) {
        this.own = own;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<StoredOwnMaterial> all() {
        return own.findAllByOrderByStoredAtAscIdAsc().stream()
                .filter(each -> !each.removed())
                .toList();
    }

    /** What is wrong with those that are stored and cannot be worked out any more, by id. */
    @Transactional(readOnly = true)
    Map<String, OutOfRangeException> problems() {
        final Map<String, OwnMaterialFacts> told = new LinkedHashMap<>();
        own.findAllByOrderByStoredAtAscIdAsc().forEach(each -> told.put(each.id(), each.facts()));
        return OwnMaterialBuilder.workable(told).problems();
    }

    /** What was told of own materials that these name, and of those that they are mixed from, by id. */
    @Transactional(readOnly = true)
    public Map<String, OwnMaterialFacts> told(final Collection<String> ids) {
        final Map<String, OwnMaterialFacts> found = new LinkedHashMap<>();
        final Deque<String> open = new ArrayDeque<>(ids);
        while (!open.isEmpty()) {
            final String id = open.pop();
            if (!found.containsKey(id)) {
                own.findById(id).ifPresent(each -> {
                    found.put(id, each.facts());
                    if (each.facts().mix() != null) {
                        each.facts().mix().parts().forEach(part -> open.push(part.materialId()));
                    }
                });
            }
        }
        return found;
    }

    /**
     * Stores own materials that name each other, all or none.
     *
     * @throws OutOfRangeException if one of them cannot be made
     */
    public void addTogether(final Map<String, OwnMaterialFacts> facts) {
        facts.forEach((id, each) -> {
            checkId(id);
            if (own.findById(id).isEmpty()) {
                own.save(new StoredOwnMaterial(id, each, clock.instant()));
            }
        });
        own.flush();
        facts.forEach((id, each) -> preview(id, each));
        events.publishEvent(new MaterialsChanged());
    }

    /** Stores an own material; a second call with the same id changes nothing. */
    public void add(final String id, final OwnMaterialFacts facts) {
        if (own.findById(id).isEmpty()) {
            preview(id, facts);
            own.saveAndFlush(new StoredOwnMaterial(id, facts, clock.instant()));
            events.publishEvent(new MaterialsChanged());
        }
    }

    /** Writes an own material that has been checked with all others; whoever calls tells others of the change. */
    void write(final String id, final OwnMaterialFacts facts) {
        own.findById(id)
                .ifPresentOrElse(
                        found -> {
                            found.become(facts);
                            found.remove(null);
                        },
                        () -> own.save(new StoredOwnMaterial(id, facts, clock.instant())));
    }

    /**
     * Changes an own material.
     *
     * @throws StaleRevision if it has changed since the given revision
     */
    void change(final String id, final long revision, final OwnMaterialFacts facts) {
        final StoredOwnMaterial found = find(id);
        if (found.revision() != revision) {
            throw new StaleRevision("own material", OwnMaterialsController.body(found));
        }
        preview(id, facts);
        found.become(facts);
        own.saveAndFlush(found);
        events.publishEvent(new MaterialsChanged());
    }

    /** Takes an own material off the list; blends that name it still can. */
    void remove(final String id) {
        find(id).remove(clock.instant());
        events.publishEvent(new MaterialsChanged());
    }

    void restore(final String id) {
        find(id).remove(null);
        events.publishEvent(new MaterialsChanged());
    }

    @Override
    public String kind() {
        return "own-materials";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return own.findByRemovedAtAfterOrderByRemovedAtDesc(moment).stream()
                .map(each -> Gone.of(each.id(), each.facts().name(), each.removedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        restore(id);
    }

    /**
     * The material that these facts describe, without storing anything.
     *
     * @throws OutOfRangeException if a figure is out of range or a mix would contain itself
     */
    @Transactional(readOnly = true)
    public Material preview(final String id, final OwnMaterialFacts facts) {
        checkId(id);
        final Map<String, OwnMaterialFacts> told = new LinkedHashMap<>();
        own.findAllByOrderByStoredAtAscIdAsc().forEach(each -> told.put(each.id(), each.facts()));
        final boolean others =
                OwnMaterialBuilder.workable(told).problems().keySet().stream().anyMatch(each -> !each.equals(id));
        told.put(id, facts);
        return (others ? madeBesideOthers(id, told) : OwnMaterialBuilder.of(told))
                .stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
    }

    private static void checkId(final String id) {
        if (!id.matches("own_[a-z0-9_]{1,50}")) {
            throw new OutOfRangeException(
                    "own.id", id, TableText.said("own_ and then small letters, digits and underscores"));
        }
    }

    /** All that can be made where some of the others cannot. */
    private static List<Material> madeBesideOthers(final String id, final Map<String, OwnMaterialFacts> told) {
        final OwnMaterialBuilder.Made found = OwnMaterialBuilder.workable(told);
        final OutOfRangeException problem = found.problems().get(id);
        if (problem != null) {
            throw problem;
        }
        return found.materials();
    }

    private StoredOwnMaterial find(final String id) {
        return own.findById(id).orElseThrow(() -> new NotThere("own material"));
    }
}
