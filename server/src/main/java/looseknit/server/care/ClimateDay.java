package looseknit.server.care;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.OptionalDouble;
import looseknit.core.care.LoggedDay;
import org.jspecify.annotations.Nullable;

/** The weather of a day at a place. */
@Entity
@Table(name = "climate_day")
final class ClimateDay {

    /** The place and the day. */
    @Embeddable
    record Key(
            @Column(name = "place_name") String placeName,
            @Column(name = "logged_on") LocalDate day) implements Serializable {}

    @EmbeddedId
    private Key key;

    @Column(name = "temperature_c")
    private double temperatureC;

    @Column(name = "humidity_percent")
    private double humidityPercent;

    @Column(name = "rain_mm")
    private double rainMm;

    @Column(name = "light_mol")
    private @Nullable Double lightMol;

    ClimateDay() {}

    ClimateDay(final String placeName, final LoggedDay logged) {
        this.key = new Key(placeName, logged.day());
        this.temperatureC = logged.temperatureC();
        this.humidityPercent = logged.humidityPercent();
        this.rainMm = logged.rainMm();
        this.lightMol = logged.lightMol().isPresent() ? logged.lightMol().getAsDouble() : null;
    }

    /** As the core understands it. */
    LoggedDay toCore() {
        return new LoggedDay(
                key.day(),
                temperatureC,
                humidityPercent,
                rainMm,
                lightMol == null ? OptionalDouble.empty() : OptionalDouble.of(lightMol));
    }
}
