package looseknit.server.shelf;

import looseknit.core.shelf.Stock;
import org.jspecify.annotations.Nullable;

/** A pack that can be bought, as it is stored. */
record StoredOffer(
        String materialId,
        Stock.Sold sold,
        double amount,
        double swell,
        double price,
        @Nullable String supplier) {

    static StoredOffer of(final OfferFacts offer) {
        return new StoredOffer(
                offer.materialId(), offer.sold(), offer.amount(), offer.swell(), offer.price(), offer.supplier());
    }

    OfferFacts body() {
        return new OfferFacts(materialId, sold, amount, swell, price, supplier);
    }
}
