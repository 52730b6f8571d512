package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;

@Converter
class OwnMaterialFactsColumn extends VersionedColumn<OwnMaterialFacts, StoredMaterialFacts> {

    OwnMaterialFactsColumn() {
        super(StoredMaterialFacts.class, StoredMaterialFacts::of, StoredMaterialFacts::body);
    }
}
