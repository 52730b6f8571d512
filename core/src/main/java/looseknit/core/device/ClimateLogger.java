package looseknit.core.device;

import java.time.LocalDate;

/** A logger of temperature, humidity, rain and light. A real one joins by implementing this: it hands over what it has written. */
public interface ClimateLogger {

    /**
     * Its lines from a day up to another one, both whole, as a table with the columns time, temperature_c, humidity_percent, rain_mm and light_lux.
     */
    String lines(LocalDate from, LocalDate to);
}
