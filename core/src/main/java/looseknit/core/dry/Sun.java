package looseknit.core.dry;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * The sun over a place on a day, for light that changes with the seasons.
 *
 * @param latitudeDeg latitude [°], north positive, −66 to 66
 * @param dayOfYear 1 to 366
 * @see "Allen, R. G. et al. (1998). FAO Irrigation and Drainage Paper 56, equations 21 to 25 and 34 (from memory)"
 */
public record Sun(double latitudeDeg, int dayOfYear) {

    private static final double SOLAR_CONSTANT = 0.0820;

    public Sun {
        within("sun.latitudeDeg", latitudeDeg, -66, 66, Limit.DEGREES_OF_LATITUDE);
        within("sun.dayOfYear", dayOfYear, 1, 366, Limit.DAY_OF_THE_YEAR);
    }

    private double angle() {
        return 2 * Math.PI / 365 * dayOfYear;
    }

    private double declination() {
        return 0.409 * Math.sin(angle() - 1.39);
    }

    /** Hour angle of sunset [rad], equation 25. */
    public double sunsetAngle() {
        return Math.acos(-Math.tan(Math.toRadians(latitudeDeg)) * Math.tan(declination()));
    }

    /** Radiation above the air [MJ/m² per day], equation 21. */
    public double extraterrestrialMJPerM2() {
        final double latitude = Math.toRadians(latitudeDeg);
        final double sunset = sunsetAngle();
        return 24
                * 60
                / Math.PI
                * SOLAR_CONSTANT
                * (1 + 0.033 * Math.cos(angle()))
                * (sunset * Math.sin(latitude) * Math.sin(declination())
                        + Math.cos(latitude) * Math.cos(declination()) * Math.sin(sunset));
    }

    /** Hours of daylight, equation 34. */
    public double daylightHours() {
        return 24 / Math.PI * sunsetAngle();
    }
}
