package looseknit.server.blend;

import jakarta.persistence.Converter;
import java.util.List;
import java.util.Map;
import looseknit.core.message.MeasureSystem;
import looseknit.core.need.Property;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class CardColumn extends VersionedColumn<CardFacts, CardColumn.StoredCard> {

    CardColumn() {
        super(
                StoredCard.class,
                facts -> new StoredCard(facts.shares(), facts.headline(), facts.values(), facts.stops()),
                stored -> new CardFacts(stored.shares(), stored.headline(), stored.values(), stored.stops()));
    }

    /** What a card shows, as it is stored. */
    record StoredCard(
            List<Double> shares,
            Map<MeasureSystem, String> headline,
            Map<Property, Double> values,
            List<String> stops) {}
}
