package looseknit.server.shelf;

import jakarta.persistence.Converter;
import looseknit.server.frame.JsonColumn;

@Converter
class MeasuredColumn extends JsonColumn<MeasuredBody> {

    MeasuredColumn() {
        super(MeasuredBody.class);
    }
}
