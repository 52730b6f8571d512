package looseknit.server.need;

import looseknit.core.need.Draught;
import looseknit.core.need.Light;
import org.jspecify.annotations.Nullable;

/** A place as it is stored. */
record StoredPlace(
        String name,
        double temperatureC,
        double humidityPercent,
        Light light,
        Draught draught,
        @Nullable Double dailyLightMol,
        @Nullable Double rainMmPerWeek) {

    static StoredPlace of(final PlaceBody place) {
        return new StoredPlace(
                place.name(),
                place.temperatureC(),
                place.humidityPercent(),
                place.light(),
                place.draught(),
                place.dailyLightMol(),
                place.rainMmPerWeek());
    }

    PlaceBody body() {
        return new PlaceBody(name, temperatureC, humidityPercent, light, draught, dailyLightMol, rainMmPerWeek);
    }
}
