package looseknit.core.care;

import static looseknit.core.measure.Require.within;

import java.time.LocalDate;
import java.util.OptionalDouble;
import looseknit.core.dry.Weather;
import looseknit.core.measure.Limit;
import looseknit.core.need.Place;

/**
 * The weather of a day at a place, as a logger has it.
 *
 * @param temperatureC mean temperature [°C], −10 to 50
 * @param humidityPercent mean relative humidity [%], 5 to 100
 * @param rainMm rain [mm], 0 to 500
 * @param lightMol daily light integral, if it was measured [mol/m²], 0 to 65
 */
public record LoggedDay(
        LocalDate day, double temperatureC, double humidityPercent, double rainMm, OptionalDouble lightMol) {

    private static final double LEAST = 0.1;
    private static final double MOST = 5;
    private static final double LEAST_MM = 0.05;

    public LoggedDay {
        within("place.temperatureC", temperatureC, -10, 50, Limit.CELSIUS);
        within("place.humidityPercent", humidityPercent, Weather.LEAST_HUMIDITY, 100, Limit.PER_CENT);
        within("rain", rainMm, 0, 500, Limit.MM);
        lightMol.ifPresent(
                value -> within("place.dailyLightMol", value, 0, Weather.MOST_LIGHT_MOL, Limit.MOL_PER_M2_A_DAY));
    }

    /** How fast pots dry on this day against a usual one there, by the evaporation of the reference crop; 0.1 to 5. */
    public double against(final Place usual) {
        final double now = new Weather(
                        temperatureC,
                        humidityPercent,
                        lightMol.orElse(usual.lightMol()),
                        usual.draught().windMPerS())
                .referenceCropMmPerDay();
        final double then = usual.weather().referenceCropMmPerDay();
        return Math.max(LEAST, Math.min(MOST, Math.max(LEAST_MM, now) / Math.max(LEAST_MM, then)));
    }
}
