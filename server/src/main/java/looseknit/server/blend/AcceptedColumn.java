package looseknit.server.blend;

import jakarta.persistence.Converter;
import java.util.List;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class AcceptedColumn extends VersionedColumn<List<String>, StoredAccepted> {

    AcceptedColumn() {
        super(StoredAccepted.class, StoredAccepted::new, StoredAccepted::ruleIds);
    }
}
