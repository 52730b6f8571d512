package looseknit.server.need;

import jakarta.persistence.Converter;
import looseknit.server.frame.JsonColumn;

@Converter
class OwnPlantColumn extends JsonColumn<OwnPlantBody> {

    OwnPlantColumn() {
        super(OwnPlantBody.class);
    }
}
