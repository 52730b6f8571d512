package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.frame.JsonColumn;

@Converter
class OwnMaterialFactsColumn extends JsonColumn<OwnMaterialFacts> {

    OwnMaterialFactsColumn() {
        super(OwnMaterialFacts.class);
    }
}
