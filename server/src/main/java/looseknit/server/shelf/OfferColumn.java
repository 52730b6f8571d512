package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;

@Converter
class OfferColumn extends VersionedColumn<OfferFacts, StoredOffer> {

    OfferColumn() {
        super(StoredOffer.class, StoredOffer::of, StoredOffer::body);
    }
}
