package looseknit.server.need;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

/** A place that the person has named, to be used again. */
@Entity
@Table(name = "place")
public final class NamedPlace {

    @Id
    private UUID id;

    @Version
    private long revision;

    /** For whoever reads the table: the place names itself. */
    @SuppressWarnings("UnusedVariable")
    private String name;

    @Convert(converter = PlaceColumn.class)
    private PlaceBody place;

    NamedPlace() {}

    /** {@link #become} sets the rest. */
    @SuppressWarnings("NullAway.Init")
    public NamedPlace(final UUID id, final PlaceBody place) {
        this.id = id;
        become(place);
    }

    public UUID id() {
        return id;
    }

    long revision() {
        return revision;
    }

    public PlaceBody place() {
        return place;
    }

    void become(final PlaceBody other) {
        this.name = other.name();
        this.place = other;
    }
}
