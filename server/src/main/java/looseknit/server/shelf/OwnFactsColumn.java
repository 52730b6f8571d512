package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.frame.JsonColumn;

@Converter
class OwnFactsColumn extends JsonColumn<OwnFacts> {

    OwnFactsColumn() {
        super(OwnFacts.class);
    }
}
