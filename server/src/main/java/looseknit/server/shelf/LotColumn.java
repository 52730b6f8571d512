package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;

@Converter
class LotColumn extends VersionedColumn<LotFacts, StoredLotFacts> {

    LotColumn() {
        super(StoredLotFacts.class, StoredLotFacts::of, StoredLotFacts::body);
    }
}
