package looseknit.core.need;

import static looseknit.core.measure.Require.text;

import java.util.OptionalDouble;
import looseknit.core.dry.Weather;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;

/**
 * Where a pot stands.
 *
 * @param name what the person calls it
 * @param temperatureC mean temperature [°C], −10 to 50
 * @param humidityPercent relative humidity [%], 5 to 100
 * @param light light in a class
 * @param draught movement of the air
 * @param dailyLightMol measured daily light integral, if known [mol/m²], 0 to 65; takes the place of the class
 * @param rainMmPerWeek rain that falls into the pot [mm], 0 to 300
 */
public record Place(
        String name,
        double temperatureC,
        double humidityPercent,
        Light light,
        Draught draught,
        OptionalDouble dailyLightMol,
        double rainMmPerWeek) {

    /** A place out of the rain, with light by its class. */
    public Place(
            final String name,
            final double temperatureC,
            final double humidityPercent,
            final Light light,
            final Draught draught) {
        this(name, temperatureC, humidityPercent, light, draught, OptionalDouble.empty(), 0);
    }

    public Place {
        name = text("place.name", name, 80);
        Require.within("place.temperatureC", temperatureC, -10, 50, Limit.CELSIUS);
        Require.within("place.humidityPercent", humidityPercent, Weather.LEAST_HUMIDITY, 100, Limit.PER_CENT);
        dailyLightMol.ifPresent(value ->
                Require.within("place.dailyLightMol", value, 0, Weather.MOST_LIGHT_MOL, Limit.MOL_PER_M2_A_DAY));
        Require.within("place.rainMmPerWeek", rainMmPerWeek, 0, 300, Limit.MM);
    }

    /** Daily light integral [mol/m²]. */
    public double lightMol() {
        return dailyLightMol.orElse(light.dailyLightMol());
    }

    /** The class of light that comes nearest to what was measured, or the class that was named. */
    public Light lightClass() {
        return dailyLightMol.isPresent() ? Light.nearest(dailyLightMol.getAsDouble()) : light;
    }

    /** The air there, as the dry-down needs it. */
    public Weather weather() {
        return new Weather(temperatureC, humidityPercent, lightMol(), draught.windMPerS());
    }
}
