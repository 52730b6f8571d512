package looseknit.server.need;

import jakarta.validation.constraints.NotNull;
import java.util.OptionalDouble;
import looseknit.core.need.Draught;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import org.jspecify.annotations.Nullable;

/**
 * A place as it travels.
 *
 * @param dailyLightMol measured daily light [mol/m²]; null if only the class is known
 * @param rainMmPerWeek rain that falls into the pot [mm]; null for none
 */
public record PlaceBody(
        @NotNull String name,
        double temperatureC,
        double humidityPercent,

        @NotNull Light light,

        @NotNull Draught draught,

        @Nullable Double dailyLightMol,
        @Nullable Double rainMmPerWeek) {

    /**
     * The place as the core understands it.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range
     */
    public Place toCore() {
        return new Place(
                name,
                temperatureC,
                humidityPercent,
                light,
                draught,
                dailyLightMol == null ? OptionalDouble.empty() : OptionalDouble.of(dailyLightMol),
                rainMmPerWeek == null ? 0 : rainMmPerWeek);
    }

    /** A place of the core as it travels. */
    public static PlaceBody of(final Place place) {
        return new PlaceBody(
                place.name(),
                place.temperatureC(),
                place.humidityPercent(),
                place.light(),
                place.draught(),
                place.dailyLightMol().isPresent() ? place.dailyLightMol().getAsDouble() : null,
                place.rainMmPerWeek() == 0 ? null : place.rainMmPerWeek());
    }
}
