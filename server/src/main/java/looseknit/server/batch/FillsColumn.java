package looseknit.server.batch;

import jakarta.persistence.Converter;
import java.util.List;
import looseknit.server.store.VersionedColumn;

@Converter
class FillsColumn extends VersionedColumn<List<FillBody>, StoredFills> {

    FillsColumn() {
        super(StoredFills.class, StoredFills::of, StoredFills::body);
    }
}
