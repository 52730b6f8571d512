package looseknit.server.need;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

/** A brief in one column of whatever has one. */
@Converter
@Immutable
public class BriefColumn extends VersionedColumn<BriefBody, StoredBrief> {

    public BriefColumn() {
        super(StoredBrief.class, StoredBrief::of, StoredBrief::body);
    }
}
