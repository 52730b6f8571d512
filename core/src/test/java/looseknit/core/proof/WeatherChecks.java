package looseknit.core.proof;

import static looseknit.core.proof.CheckValues.MEMORY;
import static looseknit.core.proof.CheckValues.add;

import java.util.List;
import looseknit.core.dry.ReferenceCrop;
import looseknit.core.dry.Sun;
import looseknit.core.dry.Weather;
import looseknit.core.proof.CheckValues.Check;

/** PottedMix about air, sun and evaporation from outside the project. */
final class WeatherChecks {

    private static final String FAO = "Allen et al. 1998, FAO 56, ";

    private WeatherChecks() {}

    static void addTo(final List<Check> all) {
        air(all);
        sun(all);
        evaporation(all);
    }

    private static void air(final List<Check> all) {
        final double[] warm = {10, 15, 20, 25, 30};
        final double[] saturation = {1.228, 1.705, 2.338, 3.168, 4.243};
        for (int i = 0; i < warm.length; i++) {
            final double at = warm[i];
            add(
                    all,
                    "saturation vapour pressure at %.0f °C, kPa".formatted(at),
                    saturation[i],
                    0.0006,
                    FAO + "table 2.3" + MEMORY,
                    () -> Weather.saturationKPa(at));
        }
        final double[] slopeAt = {20, 25, 30};
        final double[] slope = {.1447, .1887, .2434};
        for (int i = 0; i < slopeAt.length; i++) {
            final double at = slopeAt[i];
            add(
                    all,
                    "slope of saturation at %.0f °C, kPa/°C".formatted(at),
                    slope[i],
                    0.0001,
                    FAO + "table 2.4" + MEMORY,
                    () -> Weather.slopeKPaPerC(at));
        }
        add(
                all,
                "air pressure at 1800 m, kPa",
                81.8,
                0.05,
                FAO + "example 2" + MEMORY,
                () -> Weather.pressureKPa(1800));
        add(
                all,
                "psychrometric constant at 1800 m, kPa/°C",
                .0544,
                0.0001,
                FAO + "example 2" + MEMORY,
                () -> Weather.psychrometric(Weather.pressureKPa(1800)));
        add(
                all,
                "psychrometric constant at sea level, kPa/°C",
                .0674,
                0.0001,
                FAO + "eq. 8, computed",
                () -> Weather.psychrometric(101.3));
        add(
                all,
                "mean saturation of a day 24.5/15 °C, kPa",
                2.390,
                0.005,
                FAO + "example 3" + MEMORY,
                () -> ReferenceCrop.meanSaturationKPa(24.5, 15));
        add(
                all,
                "vapour pressure from humidity 82/54 %, kPa",
                1.70,
                0.006,
                FAO + "example 5" + MEMORY,
                () -> ReferenceCrop.actualKPa(25, 18, 82, 54));
        add(
                all,
                "vapour pressure deficit of that day, kPa",
                .91,
                0.006,
                FAO + "example 6" + MEMORY,
                () -> ReferenceCrop.meanSaturationKPa(25, 18) - ReferenceCrop.actualKPa(25, 18, 82, 54));
    }

    private static void sun(final List<Check> all) {
        final Sun september = new Sun(-20, 246);
        add(
                all,
                "radiation above the air, 3 September, 20° S, MJ/m²",
                32.2,
                0.06,
                FAO + "example 8" + MEMORY,
                september::extraterrestrialMJPerM2);
        add(all, "daylight that day, hours", 11.7, 0.06, FAO + "example 9" + MEMORY, september::daylightHours);
        add(all, "sunset angle that day, rad", 1.527, 0.001, FAO + "example 9" + MEMORY, september::sunsetAngle);
        add(
                all,
                "solar radiation with 10 mol/m² of light, MJ/m²",
                4.85,
                0.02,
                "45 % useful, 4.57 µmol/J, computed",
                () -> new Weather(20, 50, 10, 0).solarMJPerM2());
    }

    private static void evaporation(final List<Check> all) {
        add(
                all,
                "wind at 2 m from 3.2 m/s at 10 m",
                2.4,
                0.05,
                FAO + "example 14" + MEMORY,
                () -> ReferenceCrop.windAt2m(3.2, 10));
        add(
                all,
                "ET0 Brussels, 6 July, mm/d",
                3.88,
                0.02,
                FAO + "example 18" + MEMORY,
                () -> ReferenceCrop.mmPerDay(
                        16.9,
                        13.28,
                        2.078,
                        ReferenceCrop.meanSaturationKPa(21.5, 12.3),
                        ReferenceCrop.actualKPa(21.5, 12.3, 84, 63),
                        Weather.psychrometric(Weather.pressureKPa(100))));
        add(
                all,
                "ET0 Bangkok, April, mm/d",
                5.72,
                0.02,
                FAO + "example 17" + MEMORY,
                () -> ReferenceCrop.mmPerDay(
                        30.2,
                        14.33 - .14,
                        2,
                        ReferenceCrop.meanSaturationKPa(34.8, 25.6),
                        2.85,
                        Weather.psychrometric(Weather.pressureKPa(2))));
        add(
                all,
                "heat to evaporate a millimetre, MJ/m²",
                2.45,
                0.001,
                FAO + "annex 3" + MEMORY,
                () -> Weather.LATENT_HEAT);
    }
}
