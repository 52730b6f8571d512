package looseknit.server.need;

import jakarta.persistence.Converter;
import java.util.List;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

/** Version 2 says that a plant is a copy of another one where version 1 said that it was like it. */
@Converter
@Immutable
class OwnPlantColumn extends VersionedColumn<OwnPlantBody, StoredPlantFacts> {

    OwnPlantColumn() {
        super(
                StoredPlantFacts.class,
                StoredPlantFacts::of,
                StoredPlantFacts::body,
                List.of(renamed("likeId", "copyOf")));
    }
}
