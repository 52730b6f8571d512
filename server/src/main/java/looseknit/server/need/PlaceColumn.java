package looseknit.server.need;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;

@Converter
class PlaceColumn extends VersionedColumn<PlaceBody, StoredPlace> {

    PlaceColumn() {
        super(StoredPlace.class, StoredPlace::of, StoredPlace::body);
    }
}
