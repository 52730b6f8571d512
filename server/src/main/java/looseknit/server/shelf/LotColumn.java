package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class LotColumn extends VersionedColumn<LotFacts, StoredLotFacts> {

    LotColumn() {
        super(StoredLotFacts.class, StoredLotFacts::of, StoredLotFacts::body);
    }
}
