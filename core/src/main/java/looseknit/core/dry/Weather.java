package looseknit.core.dry;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * The air around a pot.
 *
 * @param temperatureC mean temperature [°C], −10 to 50
 * @param humidityPercent relative humidity [%], 5 to 100
 * @param dailyLightMol daily light integral [mol/m²], 0 to 65
 * @param windMPerS air movement [m/s], 0 to 15
 * @see "Allen, R. G., Pereira, L. S., Raes, D. and Smith, M. (1998). Crop evapotranspiration. FAO Irrigation and Drainage
 *     Paper 56, equations 7, 8, 11, 13 (from memory)"
 */
public record Weather(double temperatureC, double humidityPercent, double dailyLightMol, double windMPerS) {

    /** Psychrometric constant at 101.3 kPa [kPa/°C]. */
    public static final double PSYCHROMETRIC = 0.0674;

    /** Latent heat of vaporisation [MJ/kg]. */
    public static final double LATENT_HEAT = 2.45;

    /** Daily light of sun per solar radiation [mol/MJ]: 45 % of it is useful to plants, 4.57 µmol/J. */
    private static final double MOL_PER_MJ = 0.45 * 4.57;

    /** Net over solar radiation in a room or shelter; by judgement. */
    private static final double NET_SHARE = 0.6;

    /** Air between leaves never stands quite still [m/s]; by judgement. */
    private static final double LEAST_WIND_M_PER_S = 0.25;

    /** Daily light from which the sun warms a pot [mol/m²], by how much for each further [°C], and at most; by judgement. */
    private static final double SUNNY_MOL = 12;

    private static final double WARMING_C_PER_MOL = 0.25;
    private static final double MOST_WARMING_C = 6;

    /** Light of the sun that plants use per lux [µmol/m²s]; from memory. */
    public static final double MICROMOL_PER_LUX = 0.0185;

    /** Driest air that is reckoned with [%]. */
    public static final double LEAST_HUMIDITY = 5;

    /** Most daily light [mol/m²]. */
    public static final double MOST_LIGHT_MOL = 65;

    /** Strongest wind [m/s]. */
    public static final double MOST_WIND_M_PER_S = 15;

    public Weather {
        within("place.temperatureC", temperatureC, -10, 50, Limit.CELSIUS);
        within("place.humidityPercent", humidityPercent, LEAST_HUMIDITY, 100, Limit.PER_CENT);
        within("place.dailyLightMol", dailyLightMol, 0, MOST_LIGHT_MOL, Limit.MOL_PER_M2_A_DAY);
        within("place.windMPerS", windMPerS, 0, MOST_WIND_M_PER_S, Limit.M_PER_S);
    }

    /** Saturation vapour pressure at a temperature [kPa], equation 11. */
    public static double saturationKPa(final double temperatureC) {
        return 0.6108 * Math.exp(17.27 * temperatureC / (temperatureC + 237.3));
    }

    /** Slope of saturation vapour pressure at a temperature [kPa/°C], equation 13. */
    public static double slopeKPaPerC(final double temperatureC) {
        return 4098 * saturationKPa(temperatureC) / Math.pow(temperatureC + 237.3, 2);
    }

    /** Air pressure at an altitude [kPa], equation 7. */
    public static double pressureKPa(final double altitudeM) {
        return 101.3 * Math.pow((293 - 0.0065 * altitudeM) / 293, 5.26);
    }

    /** Psychrometric constant at an air pressure [kPa/°C], equation 8. */
    public static double psychrometric(final double pressureKPa) {
        return 0.665e-3 * pressureKPa;
    }

    /** The same air with other light [mol/m² per day]. */
    public Weather withLight(final double mol) {
        return new Weather(temperatureC, humidityPercent, mol, windMPerS);
    }

    /** Vapour pressure deficit [kPa]. */
    public double vapourPressureDeficitKPa() {
        return saturationKPa(temperatureC) * (1 - humidityPercent / 100);
    }

    /** Solar radiation that goes with the light [MJ/m² per day]. */
    public double solarMJPerM2() {
        return dailyLightMol / MOL_PER_MJ;
    }

    /**
     * Evaporation of the reference crop in this air, ET0 [mm/d]: equation 6, with the net radiation of a room or shelter and air that never
     * stands quite still.
     */
    public double referenceCropMmPerDay() {
        final double saturation = saturationKPa(temperatureC);
        return ReferenceCrop.mmPerDay(
                temperatureC,
                NET_SHARE * solarMJPerM2(),
                Math.max(LEAST_WIND_M_PER_S, windMPerS),
                saturation,
                saturation * humidityPercent / 100,
                PSYCHROMETRIC);
    }

    /** How much warmer than the air a pot gets in the sun if its wall does not cool itself by drying [°C]; common practice, no source. */
    public double sunWarmsC() {
        return Math.min(MOST_WARMING_C, Math.max(0, WARMING_C_PER_MOL * (dailyLightMol - SUNNY_MOL)));
    }

    /** The aerodynamic term of Penman (1948) where the surface is warmer than the air [mm/d]. */
    double aerodynamicMmPerDay(final double warmerC) {
        final double deficit =
                saturationKPa(temperatureC + warmerC) - saturationKPa(temperatureC) * humidityPercent / 100;
        return aerodynamicMmPerDay() * deficit / Math.max(1e-9, vapourPressureDeficitKPa());
    }

    /**
     * Evaporation that dry air drives [mm/d], the aerodynamic term of Penman (1948) with his wind function 6.43 (1 + 0.536 u).
     */
    public double aerodynamicMmPerDay() {
        return PSYCHROMETRIC
                * 6.43
                * (1 + 0.536 * windMPerS)
                * vapourPressureDeficitKPa()
                / LATENT_HEAT
                / (slopeKPaPerC(temperatureC) + PSYCHROMETRIC);
    }

    /** Evaporation that light drives [mm/d], the radiation term of Penman (1948). */
    public double radiationMmPerDay() {
        final double slope = slopeKPaPerC(temperatureC);
        return slope * NET_SHARE * solarMJPerM2() / LATENT_HEAT / (slope + PSYCHROMETRIC);
    }
}
