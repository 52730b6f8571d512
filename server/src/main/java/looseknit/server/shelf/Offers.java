package looseknit.server.shelf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import looseknit.core.material.Material;
import looseknit.core.shelf.BuySizes;
import looseknit.core.shelf.Stock;
import looseknit.server.frame.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packs that can be bought. */
@Service
@Transactional
public class Offers {

    private final OfferRepository offers;
    private final Shelf shelf;

    Offers(final OfferRepository offers, final Shelf shelf) {
        this.offers = offers;
        this.shelf = shelf;
    }

    /** A pack on offer with what it comes to. */
    record OfferBody(UUID id, OfferFacts facts, String materialName, double litres, double pricePerLitre) {}

    /** All packs, in the order in which they were noted. */
    @Transactional(readOnly = true)
    List<OfferBody> all() {
        return offers.findAllByOrderBySeq().stream().map(this::body).toList();
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

    /** Cheapest price of a litre to scoop of each material on offer, by id. */
    @Transactional(readOnly = true)
    public Map<String, Double> pricesPerLitre() {
        final Map<String, Double> prices = new LinkedHashMap<>();
        all().forEach(offer -> prices.merge(offer.facts().materialId(), offer.pricePerLitre(), Math::min));
        return prices;
    }

    OfferBody get(final UUID id) {
        return body(offers.findById(id).orElseThrow(() -> new NotThere("offer")));
    }

    void withdraw(final UUID id) {
        offers.delete(offers.findById(id).orElseThrow(() -> new NotThere("offer")));
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
