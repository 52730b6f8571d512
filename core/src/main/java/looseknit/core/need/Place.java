package looseknit.core.need;

import static looseknit.core.measure.Require.text;

import looseknit.core.dry.Weather;
import looseknit.core.measure.Require;

/**
 * Where a pot stands.
 *
 * @param name what the person calls it
 * @param temperatureC mean temperature [°C], −10 to 50
 * @param humidityPercent relative humidity [%], 5 to 100
 */
public record Place(String name, double temperatureC, double humidityPercent, Light light, Draught draught) {

    public Place {
        name = text("place.name", name, 80);
        Require.within("place.temperatureC", temperatureC, -10, 50, "°C");
        Require.within("place.humidityPercent", humidityPercent, 5, 100, "%");
    }

    /** The air there, as the dry-down needs it. */
    public Weather weather() {
        return new Weather(temperatureC, humidityPercent, light.dailyLightMol(), draught.windMPerS());
    }
}
