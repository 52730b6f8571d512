package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class OwnMaterialFactsColumn extends VersionedColumn<OwnMaterialFacts, StoredMaterialFacts> {

    OwnMaterialFactsColumn() {
        super(StoredMaterialFacts.class, StoredMaterialFacts::of, StoredMaterialFacts::body);
    }
}
