package looseknit.server.planting;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

/** A set-up in one column of whatever has one. */
@Converter
@Immutable
public class SetUpColumn extends VersionedColumn<SetUpBody, StoredSetUp> {

    public SetUpColumn() {
        super(StoredSetUp.class, StoredSetUp::of, StoredSetUp::body);
    }
}
