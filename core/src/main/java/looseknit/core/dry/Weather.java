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
