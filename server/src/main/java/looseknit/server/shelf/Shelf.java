package looseknit.server.shelf;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import looseknit.core.batch.Pack;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.Section;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;
import looseknit.core.shelf.Depletion;
import looseknit.core.shelf.OpenBag;
import looseknit.core.shelf.RunningOut;
import looseknit.core.shelf.ShelfSentence;
import looseknit.core.shelf.Stock;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.LotsChanged;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.TakenAway;
import looseknit.server.frame.UnknownName;
import looseknit.server.message.Speech;
import looseknit.server.store.Remembered;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** Lots on the shelf. */
@Service
@Transactional
public class Shelf implements TakenAway {

    /** So little missing is rounding [L]. */
    private static final double LEAST_SAID_LITRES = 0.02;

    /** With one decimal so little would be said as nought [L]. */
    private static final double AS_GOOD_AS_NONE_LITRES = 0.05;

    private final LotRepository lots;
    private final LiveBooks books;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final Speech speech;
    private final Remembered<List<ShelfLotBody>> all = new Remembered<>();
    private final Remembered<Map<String, Pack>> packs = new Remembered<>();

    Shelf(
            final LotRepository lots,
            final LiveBooks books,
            final ApplicationEventPublisher events,
            final Clock clock,
            final Speech speech) {
        this.lots = lots;
        this.books = books;
        this.events = events;
        this.clock = clock;
        this.speech = speech;
    }

    /** All lots, in the order in which they were stored. */
    @Transactional(readOnly = true)
    List<ShelfLotBody> all() {
        return all.get(() -> {
            final List<Lot> stored = lots();
            final Map<String, UUID> inUse = inUse(stored);
            return stored.stream()
                    .map(lot -> body(lot, lot.id().equals(inUse.get(lot.facts().materialId()))))
                    .toList();
        });
    }

    /** What is noted of all lots, in the order in which they were stored. */
    @Transactional(readOnly = true)
    List<LotFacts> facts() {
        return all().stream().map(ShelfLotBody::facts).toList();
    }

    /** What a page shows of the shelf before somebody asks for more. */
    @Transactional(readOnly = true)
    ShelfGlanceBody glance() {
        return ShelfGlanceBody.of(all(), runningOut(), this::sectionOf);
    }

    /** Materials to buy soon. */
    private List<RunningOut<ShelfLotBody>> runningOut() {
        return RunningOut.among(all().stream()
                .filter(each -> each.problem() == null)
                .map(each -> new RunningOut.Lot<>(
                        each,
                        each.facts().materialId(),
                        each.facts().leftLitres(),
                        each.markLitres(),
                        each.facts().quarantined()))
                .toList());
    }

    /** Lots of a section from one on, in the order in which they were stored. */
    @Transactional(readOnly = true)
    List<ShelfLotBody> section(final Section section, final int from, final int most) {
        return all().stream()
                .filter(each -> sectionOf(each) == section)
                .skip(from)
                .limit(most)
                .toList();
    }

    /** Where lists have a lot; what is no material any more is among the grower's own. */
    private Section sectionOf(final ShelfLotBody lot) {
        final String id = lot.facts().materialId();
        return MaterialBook.shipped()
                .material(id)
                .map(material -> Section.of(material, false))
                .orElse(Section.OWN);
    }

    /** Those lots that are on the shelf, in the order in which they were stored. */
    @Transactional(readOnly = true)
    List<ShelfLotBody> those(final Set<UUID> ids) {
        return all().stream().filter(each -> ids.contains(each.id())).toList();
    }

    /** Lots or materials have changed. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    @TransactionalEventListener(
            classes = {LotsChanged.class, MaterialsChanged.class},
            fallbackExecution = true)
    void changed() {
        forget();
    }

    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    @EventListener
    void changed(final ChangedElsewhere event) {
        forget();
    }

    private void forget() {
        all.forget();
        packs.forget();
    }

    private List<Lot> lots() {
        return lots.findByRemovedAtIsNullOrderByStoredAt();
    }

    /** Whether a lot is on the shelf. */
    @Transactional(readOnly = true)
    public boolean has(final UUID id) {
        return lots.existsByIdAndRemovedAtIsNull(id);
    }

    /** The pack in which each material was bought last, by material; kept in mind, since each of many batches asks for it. */
    @Transactional(readOnly = true)
    public Map<String, Pack> packs() {
        return packs.get(this::readPacks);
    }

    private Map<String, Pack> readPacks() {
        final Map<String, Pack> read = new LinkedHashMap<>();
        lots().forEach(lot -> {
            final LotFacts facts = lot.facts();
            if (facts.price() != null) {
                known(facts)
                        .ifPresent(material -> read.put(
                                facts.materialId(),
                                new Pack(
                                        new Stock(facts.sold(), facts.amount(), facts.swell()).usableLitres(material),
                                        MeasuredBody.maybe(facts.price()))));
            }
        });
        return Collections.unmodifiableMap(read);
    }

    /** Litres to scoop that are left of those lots that are on the shelf. */
    @Transactional(readOnly = true)
    public Map<UUID, Double> leftOf(final Set<UUID> ids) {
        final Map<UUID, Double> left = new LinkedHashMap<>();
        those(ids).forEach(lot -> left.put(lot.id(), lot.facts().leftLitres()));
        return left;
    }

    /** Litres to scoop that are left of each material on the shelf, by id. */
    @Transactional(readOnly = true)
    public Map<String, Double> leftLitres() {
        final Map<String, Double> left = new LinkedHashMap<>();
        all().forEach(lot -> left.merge(lot.facts().materialId(), lot.facts().leftLitres(), Double::sum));
        return left;
    }

    /** Price of a litre to scoop, as each material was bought last, by id; only of those with a price. */
    @Transactional(readOnly = true)
    public Map<String, Double> pricesPerLitre() {
        final Map<String, Double> prices = new LinkedHashMap<>();
        all().forEach(lot -> Optional.ofNullable(lot.pricePerLitre())
                .ifPresent(price -> prices.put(lot.facts().materialId(), price)));
        return prices;
    }

    /** What is in a bag, and whose it was. */
    @Transactional(readOnly = true)
    public String nameOf(final UUID id) {
        final LotFacts facts = find(id).facts();
        final String name = known(facts).map(Material::name).orElse(facts.materialId());
        return facts.supplier() == null ? name : name + ", " + facts.supplier();
    }

    /** What runs out, and bags that have been open for long, up to a day. */
    @Transactional(readOnly = true)
    public List<ShelfConcern> concerns(final LocalDate today, final LocalDate until) {
        final List<ShelfConcern> concerns = new ArrayList<>();
        runningOut()
                .forEach(each -> concerns.add(new ShelfConcern(
                        each.lot().id().id(),
                        true,
                        each.lot().id().materialName(),
                        today,
                        each.leftLitres() < AS_GOOD_AS_NONE_LITRES
                                ? ShelfSentence.NONE_LEFT.with()
                                : ShelfSentence.LOW.with(Quantity.of(Dimension.VOLUME, each.leftLitres(), 1)))));
        all().forEach(lot -> tooLongOpen(lot, today)
                .filter(each -> !each.on().isAfter(until))
                .ifPresent(concerns::add));
        return concerns;
    }

    /** The day from which a bag is open for long, which is today at the earliest; nothing of one that is closed, or empty. */
    private Optional<ShelfConcern> tooLongOpen(final ShelfLotBody lot, final LocalDate today) {
        final LotFacts facts = lot.facts();
        final @Nullable LocalDate openedOn = facts.openedOn();
        if (openedOn == null || facts.leftLitres() <= 0) {
            return Optional.empty();
        }
        return known(facts)
                .flatMap(material -> OpenBag.lookOn(material, facts.fed(), openedOn))
                .map(on -> on.isBefore(today) ? today : on)
                .map(on -> new ShelfConcern(lot.id(), false, lot.materialName(), on, ShelfSentence.OLD_BAG.with((int)
                        ChronoUnit.MONTHS.between(openedOn, on))));
    }

    @Transactional(readOnly = true)
    ShelfLotBody get(final UUID id) {
        return all().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                // one that was taken off, of which nothing is in use
                .orElseGet(() -> body(find(id), false));
    }

    /** Begins a change of lots: what is read from here on sees it, and what others have in mind stays as it is until it is stored. */
    private LotsBeforeAndAfter changing() {
        final List<ShelfLotBody> before = all();
        all.changing();
        packs.changing();
        return new LotsBeforeAndAfter(before);
    }

    /** Most changes leave the Book as it is: cards, pots and the calendar are read anew only where it says something else. */
    private void told(final LotsBeforeAndAfter change) {
        events.publishEvent(new LotsChanged());
        if (change.ofTheBook()) {
            events.publishEvent(new MaterialsChanged());
        }
    }

    /** Stores a lot; a second call with the same id changes nothing. */
    public void add(final UUID id, final LotFacts facts) {
        if (lots.findById(id).isEmpty()) {
            final LotsBeforeAndAfter change = changing();
            check(facts);
            change.of(lots.saveAndFlush(new Lot(id, facts, clock.instant())));
            told(change);
        }
    }

    /**
     * Changes a lot.
     *
     * @throws StaleRevision if it has changed since the given revision
     */
    void change(final UUID id, final long revision, final LotFacts facts) {
        final Lot lot = find(id);
        if (lot.revision() != revision) {
            throw new StaleRevision("lot", get(id));
        }
        check(facts);
        final LotsBeforeAndAfter change = changing();
        lot.become(facts);
        lots.saveAndFlush(lot);
        change.of(lot);
        told(change);
    }

    /**
     * What was counted of a lot.
     *
     * @param revision the revision of the lot that was seen
     */
    record Counted(UUID id, long revision, double leftLitres) {}

    /**
     * Sets what is left of several lots at once, all or none.
     *
     * @throws StaleRevision if one of them has changed since, with those that have
     */
    void count(final List<Counted> counted) {
        final List<ShelfLotBody> changed = counted.stream()
                .filter(each -> find(each.id()).revision() != each.revision()
                        && find(each.id()).facts().leftLitres() != each.leftLitres())
                .map(each -> get(each.id()))
                .toList();
        if (!changed.isEmpty()) {
            throw new StaleRevision("shelf", changed);
        }
        final LotsBeforeAndAfter change = changing();
        counted.forEach(each -> {
            final Lot lot = find(each.id());
            lot.become(lot.facts().left(Require.within("lot.leftLitres", each.leftLitres(), 0, 100_000, Limit.L)));
            change.of(lot);
        });
        lots.flush();
        told(change);
    }

    void remove(final UUID id) {
        final LotsBeforeAndAfter change = changing();
        final Lot lot = find(id);
        lot.remove(clock.instant());
        change.of(lot);
        told(change);
    }

    void restore(final UUID id) {
        final Lot lot = find(id);
        lot.remove(null);
        events.publishEvent(new LotsChanged());
        // where it stands among those that were opened on the same day, or not yet, is seen from all of them
        events.publishEvent(new MaterialsChanged());
    }

    @Override
    public String kind() {
        return "lots";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return lots.findByRemovedAtAfterOrderByRemovedAtDesc(moment).stream()
                .map(each -> Gone.of(each.id(), nameOf(each.id()), each.removedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        restore(UUID.fromString(id));
    }

    /** What is left of each lot, in the order in which they are used. */
    @Transactional(readOnly = true)
    public List<Depletion.Lot<UUID>> inOrderOfUse() {
        return LiveBooks.inOrderOfUse(all(), ShelfLotBody::facts)
                .flatMap(lot -> usable(lot.id(), lot.facts()))
                .toList();
    }

    /** What may be used of a lot: nothing of one in quarantine. */
    private static Stream<Depletion.Lot<UUID>> usable(final UUID id, final LotFacts facts) {
        return facts.quarantined()
                ? Stream.of()
                : Stream.of(new Depletion.Lot<>(id, facts.materialId(), facts.leftLitres()));
    }

    /** Litres to scoop that may be used of each material, by id: those in quarantine do not count. */
    @Transactional(readOnly = true)
    public Map<String, Double> usableLitres() {
        final Map<String, Double> usable = new LinkedHashMap<>();
        inOrderOfUse().forEach(lot -> usable.merge(lot.materialId(), lot.leftLitres(), Double::sum));
        return usable;
    }

    /**
     * What came off a lot.
     *
     * @param lotId the lot; null for what was on none
     */
    public record FromLot(String materialId, @Nullable UUID lotId, double litres) {}

    /** Takes something off the lots as they are used, and says from which; what is on no lot is said too. */
    public List<FromLot> take(final List<Depletion.Taken> taken) {
        final List<FromLot> from = new ArrayList<>();
        final LotsBeforeAndAfter change = changing();
        final List<Lot> stored = lots();
        for (final Depletion.Taken each : taken) {
            double open = each.litres();
            final List<Depletion.Lot<UUID>> usable = LiveBooks.inOrderOfUse(stored, Lot::facts)
                    .flatMap(lot -> usable(lot.id(), lot.facts()))
                    .toList();
            for (final Map.Entry<UUID, Double> left :
                    Depletion.after(usable, List.of(each)).entrySet()) {
                final Lot lot = find(left.getKey());
                final double used = lot.facts().leftLitres() - left.getValue();
                lot.become(lot.facts().left(left.getValue()));
                change.of(lot);
                from.add(new FromLot(each.materialId(), lot.id(), used));
                open -= used;
            }
            if (open > LEAST_SAID_LITRES) {
                from.add(new FromLot(each.materialId(), null, open));
            }
        }
        lots.flush();
        told(change);
        return from;
    }

    /** Gives back what was taken. */
    public void giveBack(final List<FromLot> taken) {
        final LotsBeforeAndAfter change = changing();
        taken.forEach(each -> Optional.ofNullable(each.lotId())
                .flatMap(lots::findById)
                .ifPresent(lot -> {
                    lot.become(lot.facts().left(lot.facts().leftLitres() + each.litres()));
                    change.of(lot);
                }));
        lots.flush();
        told(change);
    }

    /** Checks what is told of a lot. */
    @Transactional(propagation = Propagation.SUPPORTS)
    void check(final LotFacts facts) {
        material(facts.materialId());
        facts.check();
    }

    /** What is in a lot; nothing if it is no material any more. */
    private Optional<Material> known(final LotFacts facts) {
        return books.unmeasured().material(facts.materialId()).filter(Material::forRecipes);
    }

    Material material(final String id) {
        return books.unmeasured()
                .material(id)
                .filter(Material::forRecipes)
                .orElseThrow(() -> new UnknownName("lot.materialId", "material", id, "Pick one from the list."));
    }

    private Lot find(final UUID id) {
        return lots.findById(id).orElseThrow(() -> new NotThere("lot"));
    }

    /** What measuring a lot has changed against the Book. */
    @Transactional(readOnly = true)
    List<ShelfLotBody.FoundBody> findings(final UUID id) {
        final LotFacts facts = find(id).facts();
        final Material material = material(facts.materialId());
        return LotDifference.between(material, facts.measurements().applyTo(material), speech.system());
    }

    private ShelfLotBody body(final Lot lot, final boolean inUse) {
        return known(lot.facts())
                .map(material -> ShelfLotBody.of(lot, material, inUse))
                .orElseGet(() -> ShelfLotBody.ofNothingKnown(lot));
    }

    private Map<String, UUID> inUse(final List<Lot> stored) {
        final Map<String, UUID> found = new LinkedHashMap<>();
        final Set<String> seen = new HashSet<>();
        LiveBooks.inOrderOfUse(stored, Lot::facts).forEach(lot -> {
            if (seen.add(lot.facts().materialId())) {
                found.put(lot.facts().materialId(), lot.id());
            }
        });
        return found;
    }
}
