package looseknit.core.device;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Random;
import looseknit.core.dry.Weather;
import looseknit.core.need.Place;

/**
 * A logger that ships in place of a real one: the place as it usually is, with warm and cool spells of some days about it, and rain where it gets some.
 * The same seed gives the same weather.
 */
public final class SimulatedClimateLogger implements ClimateLogger {

    private static final int HOURS_APART = 3;
    private static final int SPELL_DAYS = 5;
    private static final double SPELL_C = 4;
    private static final double BY_DAY_C = 4;
    private static final double DRIER_PERCENT_PER_C = 2;
    private static final double RAINY = 1.0 / 3;
    private static final double LUX_PER_MOL = 1e6 / 86_400 / Weather.MICROMOL_PER_LUX;

    private final Place usual;
    private final long seed;

    /**
     * A logger at a place.
     *
     * @param seed tells one house from another
     */
    public SimulatedClimateLogger(final Place usual, final long seed) {
        this.usual = usual;
        this.seed = seed;
    }

    @Override
    public String lines(final LocalDate from, final LocalDate to) {
        final StringBuilder lines = new StringBuilder("time,temperature_c,humidity_percent,rain_mm,light_lux\n");
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
            final double warmer = SPELL_C * spell(day);
            final Random chance = new Random(seed * 31 + day.toEpochDay());
            chance.nextGaussian();
            final double rain = usual.rainMmPerWeek() > 0 && chance.nextDouble() < RAINY
                    ? -Math.log(1 - chance.nextDouble()) * usual.rainMmPerWeek() / 7 / RAINY
                    : 0;
            for (int hour = 0; hour < 24; hour += HOURS_APART) {
                final double sun = Math.max(0, Math.sin(Math.PI * (hour - 6) / 12));
                final double celsius = usual.temperatureC() + warmer + BY_DAY_C * (sun - 1 / Math.PI);
                lines.append(String.format(
                        Locale.ROOT,
                        "%sT%02d:00,%.1f,%.0f,%.1f,%.0f%n",
                        day,
                        hour,
                        celsius,
                        Math.max(
                                10,
                                Math.min(
                                        100,
                                        usual.humidityPercent()
                                                - DRIER_PERCENT_PER_C * (celsius - usual.temperatureC()))),
                        hour == 15 ? rain : 0,
                        Math.PI * sun * usual.lightMol() * LUX_PER_MOL));
            }
        }
        return lines.toString();
    }

    /** A swing of some days, about −1.5 to 1.5. */
    private double spell(final LocalDate day) {
        final double at = (double) day.toEpochDay() / SPELL_DAYS;
        final long before = (long) Math.floor(at);
        final double part = at - before;
        return (1 - part) * new Random(seed + 977 * before).nextGaussian()
                + part * new Random(seed + 977 * (before + 1)).nextGaussian();
    }
}
