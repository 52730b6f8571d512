package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import looseknit.core.need.Draught;
import looseknit.core.need.Light;
import looseknit.core.need.Place;

/** A place as it travels and is stored. */
@Embeddable
public record PlaceBody(
        @Column(name = "place_name") @NotNull String name,
        @Column(name = "place_temperature_c") double temperatureC,
        @Column(name = "place_humidity_percent") double humidityPercent,

        @Column(name = "place_light") @Enumerated(EnumType.STRING) @NotNull
        Light light,

        @Column(name = "place_draught") @Enumerated(EnumType.STRING) @NotNull
        Draught draught) {

    /**
     * The place as the core understands it.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range
     */
    public Place toCore() {
        return new Place(name, temperatureC, humidityPercent, light, draught);
    }
}
