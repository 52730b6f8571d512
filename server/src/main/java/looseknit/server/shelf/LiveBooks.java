package looseknit.server.shelf;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.PlantBook;
import looseknit.core.shelf.Measured;
import looseknit.server.frame.Books;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.need.OwnPlants;
import looseknit.server.store.Remembered;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The Book as it stands with own entries and with what was measured of the lots in use; built anew after a change. */
@Component
class LiveBooks implements Books {

    /** Key of the Book of a transaction that has changed it. */
    private static final Object CHANGING = new Object();

    private final OwnMaterialRepository own;
    private final LotRepository lots;
    private final OwnPlants plants;
    private final Remembered<Now> now = new Remembered<>();

    LiveBooks(final OwnMaterialRepository own, final LotRepository lots, final OwnPlants plants) {
        this.own = own;
        this.lots = lots;
        this.plants = plants;
    }

    private record Now(
            MaterialBook unmeasured,
            Map<String, Measured> inUse,
            MaterialBook materials,
            PlantBook plants,
            Set<String> retired) {}

    @Override
    public MaterialBook materials() {
        return now().materials();
    }

    /** Materials without what was measured of lots. */
    public MaterialBook unmeasured() {
        return now().unmeasured();
    }

    /** What was measured of the lots in use that the Book goes by, by material. */
    Map<String, Measured> inUse() {
        return now().inUse();
    }

    @Override
    public PlantBook plants() {
        return now().plants();
    }

    @Override
    public Set<String> retired() {
        return now().retired();
    }

    @Order(Ordered.HIGHEST_PRECEDENCE)
    @TransactionalEventListener(fallbackExecution = true)
    void changed(final MaterialsChanged event) {
        now.forget();
    }

    @Order(Ordered.HIGHEST_PRECEDENCE + 1)
    @EventListener
    void changed(final ChangedElsewhere event) {
        now.forget();
    }

    /** Whoever changes the Book sees the change before it is committed; nobody else does. */
    @EventListener
    void changing(final MaterialsChanged event) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return;
        }
        if (TransactionSynchronizationManager.getResource(CHANGING) instanceof Changing changing) {
            changing.now = null;
            return;
        }
        TransactionSynchronizationManager.bindResource(CHANGING, new Changing());
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(final int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(CHANGING);
            }
        });
    }

    private Now now() {
        if (TransactionSynchronizationManager.getResource(CHANGING) instanceof Changing changing) {
            final Now known = changing.now == null ? built() : changing.now;
            changing.now = known;
            return known;
        }
        return now.get(this::built);
    }

    /** The Book as a transaction has changed it; built anew after its next change. */
    private static final class Changing {

        private @Nullable Now now;
    }

    private Now built() {
        final Map<String, OwnMaterialFacts> told = new LinkedHashMap<>();
        final Set<String> retired = new HashSet<>(plants.removed());
        own.findAllByOrderByStoredAtAscIdAsc().forEach(each -> {
            told.put(each.id(), each.facts());
            if (each.removed()) {
                retired.add(each.id());
            }
        });
        final MaterialBook unmeasured =
                MaterialBook.shipped().with(OwnMaterialBuilder.workable(told).materials());
        final Map<String, Measured> inUse = measuredInUse(lots.findByRemovedAtIsNullOrderByStoredAt().stream()
                .map(Lot::facts)
                .toList());
        return new Now(
                unmeasured,
                inUse,
                measured(unmeasured, inUse),
                PlantBook.shipped().with(plants.all(PlantBook.shipped())),
                Set.copyOf(retired));
    }

    /** The lot in use stands for its material. */
    private static MaterialBook measured(final MaterialBook book, final Map<String, Measured> inUse) {
        final List<Material> found = new ArrayList<>();
        inUse.forEach((id, measured) -> book.material(id).map(measured::applyTo).ifPresent(found::add));
        return book.with(found);
    }

    /** What was measured of the lots in use, by material: all that the Book takes from the shelf. */
    static Map<String, Measured> measuredInUse(final Collection<LotFacts> lots) {
        final Map<String, LotFacts> inUse = new LinkedHashMap<>();
        inOrderOfUse(lots, Function.identity()).forEach(lot -> inUse.putIfAbsent(lot.materialId(), lot));
        final Map<String, Measured> measured = new LinkedHashMap<>();
        inUse.forEach((id, lot) -> {
            if (lot.isMeasured()) {
                measured.put(id, lot.measurements());
            }
        });
        return measured;
    }

    /** Lots with something left: those opened first come first, then those not opened yet. */
    static <T> Stream<T> inOrderOfUse(final Collection<T> lots, final Function<T, LotFacts> facts) {
        return lots.stream()
                .filter(lot -> facts.apply(lot).leftLitres() > 0)
                .sorted(Comparator.comparing(
                        (T lot) -> facts.apply(lot).openedOn(), Comparator.nullsLast(Comparator.naturalOrder())));
    }
}
