package looseknit.core.proof;

import static looseknit.core.Materials.amendment;
import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleSupplier;
import looseknit.core.assay.Assay;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Spheres;
import looseknit.core.material.Nutrients;
import looseknit.core.material.Retention;
import looseknit.core.measure.VolumeUnit;
import looseknit.core.pot.Column;

/** PottedMix from outside the project, with what the core makes of them. */
final class CheckValues {

    static final String MEMORY = " (from memory)";
    private static final String CARSEL = "van Genuchten 1980, eq. 3, with Carsel and Parrish 1988, ";
    private static final String MOLAR = "molar masses, computed";
    private static final String NIST = "NIST SP 811 and Handbook 44" + MEMORY;

    private static final Retention SAND = new Retention.Unimodal(.43, .045, .145, 2.68);
    private static final Retention SANDY_LOAM = new Retention.Unimodal(.41, .065, .075, 1.89);
    private static final Retention LOAM = new Retention.Unimodal(.43, .078, .036, 1.56);
    private static final Retention SILT_LOAM = new Retention.Unimodal(.45, .067, .020, 1.41);
    private static final Retention CLAY = new Retention.Unimodal(.38, .068, .008, 1.09);

    private CheckValues() {}

    /**
     * A figure to be met.
     *
     * @param name what it is
     * @param expected the published or computed value
     * @param tolerance half a unit of its last digit, or what the source claims
     * @param source where it is from
     * @param computed what the core says
     */
    record Check(String name, double expected, double tolerance, String source, DoubleSupplier computed) {
        @Override
        public String toString() {
            return name + " = " + expected + ", " + source;
        }
    }

    static List<Check> all() {
        final List<Check> all = new ArrayList<>();
        WeatherChecks.addTo(all);
        retention(all);
        packing(all);
        chemistry(all);
        units(all);
        return all;
    }

    private static void retention(final List<Check> all) {
        soil(all, "sand", SAND, new double[] {10, 50, 100}, .2143, .0588, .0493);
        soil(all, "sandy loam", SANDY_LOAM, new double[] {10, 100}, .3431, .1218);
        soil(all, "loam", LOAM, new double[] {10, 50, 100, 330, 15000}, .4074, .3025, .2421, .1654, .0884);
        soil(all, "silt loam", SILT_LOAM, new double[] {100}, .3297);
        soil(all, "clay", CLAY, new double[] {10, 330, 15000}, .3784, .3469, .2707);
        add(
                all,
                "mean water of loam in a straight 15 cm pot",
                .4136,
                0.0002,
                "closed form integrated, computed",
                () -> Column.free(15, 1).containerCapacity(soilMix(LOAM)));
        add(
                all,
                "mean water of sand in a straight 15 cm pot",
                .2865,
                0.0002,
                "closed form integrated, computed",
                () -> Column.free(15, 1).containerCapacity(soilMix(SAND)));
        add(
                all,
                "mean water of sand in a 15 cm pot of taper 0.7",
                .2665,
                0.0002,
                "closed form integrated, computed",
                () -> Column.free(15, .7).containerCapacity(soilMix(SAND)));
    }

    private static void soil(
            final List<Check> all,
            final String name,
            final Retention curve,
            final double[] suctions,
            final double... water) {
        for (int i = 0; i < suctions.length; i++) {
            final double suction = suctions[i];
            add(
                    all,
                    "water of %s at %.0f cm".formatted(name, suction),
                    water[i],
                    0.0001,
                    CARSEL + "parameters" + MEMORY,
                    () -> curve.at(suction));
        }
    }

    private static Mix soilMix(final Retention curve) {
        return Mix.of(List.of(SoilAsMaterial.of(material("loam"), curve)), new double[] {1});
    }

    private static void packing(final List<Check> all) {
        add(
                all,
                "loosening at a tenth of the size",
                .3192,
                0.0001,
                "de Larrard 1999, computed",
                () -> Spheres.loosening(.1));
        add(
                all,
                "wall effect at a tenth of the size",
                .1462,
                0.0001,
                "de Larrard 1999, computed",
                () -> Spheres.wall(.1));
        add(all, "loosening at half the size", .7120, 0.0001, "de Larrard 1999, computed", () -> Spheres.loosening(.5));
        add(all, "wall effect at half the size", .6464, 0.0001, "de Larrard 1999, computed", () -> Spheres.wall(.5));
        final double[] compaction = {4.75, 9, 20};
        final double[] packed = {.7362, .7595, .7763};
        for (int i = 0; i < compaction.length; i++) {
            final double k = compaction[i];
            add(
                    all,
                    "spheres 10:1, three tenths fine, K = %s".formatted(k),
                    packed[i],
                    0.0002,
                    "Stovall et al. 1986, computed",
                    () -> Spheres.packing(new double[] {10, 1}, new double[] {.7, .3}, k));
        }
        add(
                all,
                "equal spheres pack as one",
                .6250,
                1e-6,
                "McGeary 1961" + MEMORY,
                () -> Spheres.packing(new double[] {1, 1}, new double[] {.7, .3}, 9));
        add(
                all,
                "Furnas' limit for two sizes",
                .8594,
                0.0001,
                "Furnas 1931, computed",
                () -> Spheres.packing(new double[] {1e9, 1}, new double[] {1, .375}, 1e6));
        add(
                all,
                "Furnas' limit for three sizes",
                .9473,
                0.0001,
                "Furnas 1931, computed",
                () -> Spheres.packing(new double[] {1e18, 1e9, 1}, new double[] {1, .375, .375 * .375}, 1e7));
    }

    private static void chemistry(final List<Check> all) {
        add(
                all,
                "acid neutralised by calcium carbonate, meq/g",
                19.98,
                0.005,
                MOLAR,
                () -> Acidity.MEQ_PER_G_CARBONATE);
        add(
                all,
                "acid from sulfur, meq/g",
                62.4,
                0.1,
                MOLAR,
                () -> -amendment("sulfur").neutralising() * Acidity.MEQ_PER_G_CARBONATE);
        add(
                all,
                "neutralising value of hydrated lime, % of carbonate",
                135.1,
                0.2,
                MOLAR + "; handbooks print 136",
                () -> 100 * amendment("hydrated_lime").neutralising());
        add(all, "an alkalinity of 1 meq/L as carbonate, mg/L", 50.04, 0.01, MOLAR, () -> Acidity.MG_CARBONATE_PER_MEQ);
        add(all, "phosphorus in P2O5", .4364, 0.00005, MOLAR, () -> Nutrients.P_IN_P2O5);
        add(all, "potassium in K2O", .8302, 0.00005, MOLAR, () -> Nutrients.K_IN_K2O);
        add(
                all,
                "calcium in gypsum, %",
                23.3,
                0.05,
                MOLAR,
                () -> amendment("gypsum").contents().caPercent());
        add(
                all,
                "sulfur in gypsum, %",
                18.6,
                0.05,
                MOLAR,
                () -> amendment("gypsum").contents().sPercent());
        add(
                all,
                "peat with 5 g/L garden lime, pH",
                5.75,
                0.25,
                "3 to 5 g/L for 5.5 to 6; common practice, no source",
                () -> Acidity.of(Mix.of(recipe("peat 1")), List.of(dose("lime", 5)), 20)
                        .phWhenDone());
        add(
                all,
                "peat with 4 g/L dolomite, pH",
                5.75,
                0.25,
                "3 to 5 g/L for 5.5 to 6; common practice, no source",
                () -> Acidity.of(Mix.of(recipe("peat 1")), List.of(dose("dolomite", 4)), 20)
                        .phWhenDone());
        add(
                all,
                "pH offset of a calcium chloride slurry",
                .5,
                1e-9,
                "typical" + MEMORY,
                () -> new Assay.Ph(5, Assay.Ph.Method.CALCIUM_CHLORIDE, 0)
                                .findings(Mix.of(recipe("peat 1")), Acidity.of(Mix.of(recipe("peat 1")), List.of(), 20))
                                .get(0)
                                .measured()
                        - 5);
    }

    private static void units(final List<Check> all) {
        add(all, "US gallon, L", 3.7854, 0.00005, NIST, () -> VolumeUnit.US_GALLON.toLitres(1));
        add(all, "US bushel, L", 35.239, 0.0005, NIST, () -> VolumeUnit.US_BUSHEL.toLitres(1));
        add(all, "cubic foot, L", 28.317, 0.0005, NIST, () -> VolumeUnit.CUBIC_FOOT.toLitres(1));
        add(all, "cubic yard, L", 764.55, 0.005, NIST, () -> VolumeUnit.CUBIC_YARD.toLitres(1));
        add(
                all,
                "pound per cubic yard, g/L",
                .5933,
                0.00005,
                NIST,
                () -> looseknit.core.measure.MassUnit.POUND.grams() / VolumeUnit.CUBIC_YARD.litres());
    }

    static void add(
            final List<Check> all,
            final String name,
            final double expected,
            final double tolerance,
            final String source,
            final DoubleSupplier computed) {
        all.add(new Check(name, expected, tolerance, source, computed));
    }
}
