package looseknit.server.batch;

import jakarta.persistence.Converter;
import java.util.List;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class FillsColumn extends VersionedColumn<List<FillBody>, StoredFills> {

    FillsColumn() {
        super(StoredFills.class, StoredFills::of, StoredFills::body);
    }
}
