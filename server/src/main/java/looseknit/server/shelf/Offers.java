package looseknit.server.shelf;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import looseknit.core.material.Material;
import looseknit.core.shelf.BuySizes;
import looseknit.core.shelf.Stock;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.TakenAway;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packs that can be bought. */
@Service
@Transactional
public class Offers implements TakenAway {

    private final OfferRepository offers;
    private final Shelf shelf;
    private final Clock clock;

    Offers(final OfferRepository offers, final Shelf shelf, final Clock clock) {
        this.offers = offers;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** A pack on offer with what it comes to. */
    record OfferBody(UUID id, OfferFacts facts, String materialName, double litres, double pricePerLitre) {}

    /** All packs, in the order in which they were noted. */
    @Transactional(readOnly = true)
    List<OfferBody> all() {
        return offers.findByRemovedAtIsNullOrderBySeq().stream().map(this::body).toList();
    }

    /**
     * Notes a pack; a second call with the same id changes nothing.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range
     */
    public void add(final UUID id, final OfferFacts facts) {
        if (offers.findById(id).isEmpty()) {
            new BuySizes.Offer("offer", stock(facts).usableLitres(shelf.material(facts.materialId())), facts.price());
            offers.saveAndFlush(new PackOffer(id, facts));
        }
    }

    /** Notes a pack, also one that was taken away before. */
    void addAgain(final UUID id, final OfferFacts facts) {
        add(id, facts);
        new BuySizes.Offer("offer", stock(facts).usableLitres(shelf.material(facts.materialId())), facts.price());
        final PackOffer offer = stored(id);
        offer.become(facts);
        offer.remove(null);
    }

    /**
     * Notes another price of a pack.
     *
     * @throws looseknit.core.measure.OutOfRangeException if it is out of range
     */
    void price(final UUID id, final double price) {
        final PackOffer offer = stored(id);
        final OfferFacts old = offer.facts();
        final OfferFacts facts =
                new OfferFacts(old.materialId(), old.sold(), old.amount(), old.swell(), price, old.supplier());
        new BuySizes.Offer("offer", body(offer).litres(), price);
        offer.become(facts);
    }

    /** Cheapest price of a litre to scoop of each material on offer, by id. */
    @Transactional(readOnly = true)
    public Map<String, Double> pricesPerLitre() {
        final Map<String, Double> prices = new LinkedHashMap<>();
        all().forEach(offer -> prices.merge(offer.facts().materialId(), offer.pricePerLitre(), Math::min));
        return prices;
    }

    /**
     * Packs of a size that are bought.
     *
     * @param price price of one of them
     */
    public record Bought(
            int count,
            double litres,
            double price,
            @Nullable String supplier) {}

    /** The packs that cover a need most cheaply; none if nothing is on offer. */
    @Transactional(readOnly = true)
    public List<Bought> cheapest(final String materialId, final double litres) {
        final List<OfferBody> found = all().stream()
                .filter(each -> each.facts().materialId().equals(materialId))
                .toList();
        if (found.isEmpty()) {
            return List.of();
        }
        final List<Integer> counts = BuySizes.cheapest(
                        found.stream()
                                .map(each -> new BuySizes.Offer(
                                        each.materialName(),
                                        each.litres(),
                                        each.facts().price()))
                                .toList(),
                        litres)
                .counts();
        return IntStream.range(0, found.size())
                .filter(i -> counts.get(i) > 0)
                .mapToObj(i -> new Bought(
                        counts.get(i),
                        found.get(i).litres(),
                        found.get(i).facts().price(),
                        found.get(i).facts().supplier()))
                .toList();
    }

    OfferBody get(final UUID id) {
        return body(stored(id));
    }

    /** Takes an offer away so that it can be put back. */
    void withdraw(final UUID id) {
        final PackOffer offer = stored(id);
        if (offer.removedAt() != null) {
            throw new NotThere("offer");
        }
        offer.remove(clock.instant());
    }

    @Override
    public String kind() {
        return "offers";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return offers.findByRemovedAtAfterOrderByRemovedAtDesc(moment).stream()
                .map(each -> Gone.of(each.id(), body(each).materialName(), each.removedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        stored(UUID.fromString(id)).remove(null);
    }

    private PackOffer stored(final UUID id) {
        return offers.findById(id).orElseThrow(() -> new NotThere("offer"));
    }

    private OfferBody body(final PackOffer offer) {
        final OfferFacts facts = offer.facts();
        final Material material = shelf.material(facts.materialId());
        final double litres = stock(facts).usableLitres(material);
        return new OfferBody(offer.id(), facts, material.name(), litres, facts.price() / litres);
    }

    private static Stock stock(final OfferFacts facts) {
        return new Stock(facts.sold(), facts.amount(), facts.swell());
    }
}
