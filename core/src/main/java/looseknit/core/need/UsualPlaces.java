package looseknit.core.need;

import java.util.List;
import looseknit.core.measure.CsvTable;

/** Places as they are found in most homes, to start from; common practice, no source. */
public final class UsualPlaces {

    private static final List<Place> ALL = CsvTable.resource(
            UsualPlaces.class,
            "places.csv",
            row -> new Place(
                    row.filled("name"),
                    row.number("temperature_c", -10, 50),
                    row.number("humidity_percent", 5, 100),
                    row.oneOf("light", Light.class),
                    row.oneOf("draught", Draught.class)));

    private UsualPlaces() {}

    public static List<Place> all() {
        return ALL;
    }
}
