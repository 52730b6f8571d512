package looseknit.server.need;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class PlaceColumn extends VersionedColumn<PlaceBody, StoredPlace> {

    PlaceColumn() {
        super(StoredPlace.class, StoredPlace::of, StoredPlace::body);
    }
}
