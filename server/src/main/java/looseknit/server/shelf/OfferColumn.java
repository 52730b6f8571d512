package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class OfferColumn extends VersionedColumn<OfferFacts, StoredOffer> {

    OfferColumn() {
        super(StoredOffer.class, StoredOffer::of, StoredOffer::body);
    }
}
