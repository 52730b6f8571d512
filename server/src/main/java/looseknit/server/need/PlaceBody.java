package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import java.util.OptionalDouble;
import looseknit.core.need.Draught;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import org.jspecify.annotations.Nullable;

/**
 * A place as it travels and is stored.
 *
 * @param dailyLightMol measured daily light [mol/m²]; null if only the class is known
 * @param rainMmPerWeek rain that falls into the pot [mm]; null for none
 */
@Embeddable
public record PlaceBody(
        @Column(name = "place_name") @NotNull String name,
        @Column(name = "place_temperature_c") double temperatureC,
        @Column(name = "place_humidity_percent") double humidityPercent,

        @Column(name = "place_light") @Enumerated(EnumType.STRING) @NotNull
        Light light,

        @Column(name = "place_draught") @Enumerated(EnumType.STRING) @NotNull
        Draught draught,

        @Column(name = "place_daily_light_mol") @Nullable Double dailyLightMol,
        @Column(name = "place_rain_mm_per_week") @Nullable Double rainMmPerWeek) {

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
