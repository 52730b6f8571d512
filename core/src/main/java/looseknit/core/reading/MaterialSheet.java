package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Mix;
import looseknit.core.material.Doubt;
import looseknit.core.material.Material;
import looseknit.core.pot.Column;

/** The figures of a material on its own, each with how far a lot may lie from it. */
public final class MaterialSheet {

    /** Height of the column for which air and water are read [cm]. */
    public static final double COLUMN_CM = 10;

    /** Suctions at which the retention curve is drawn [cm]. */
    private static final List<Double> GRID_CM =
            List.of(0.0, 0.5, 1.0, 1.5, 2.0, 3.0, 4.0, 5.0, 7.5, 10.0, 15.0, 20.0, 30.0, 50.0, 75.0, 100.0);

    /** Figures below this are shown with a decimal. */
    private static final double FEW = 10;

    private MaterialSheet() {}

    /**
     * A figure.
     *
     * @param name what it is
     * @param unit unit in which people read it; empty for none
     * @param value the figure
     * @param sd one standard deviation in the same unit; 0 where none is told
     * @param decimals decimals worth showing
     */
    public record Line(String name, String unit, double value, double sd, int decimals) {}

    /**
     * What fills a drained column of a material.
     *
     * @param air air [vol/vol]
     * @param water water [vol/vol]
     */
    public record Drained(double air, double water) {}

    /** Air and water of a material on its own in a drained column of 10 cm. */
    public static Drained drained(final Material material) {
        final Mix alone = alone(material);
        final Column column = Column.free(COLUMN_CM, 1);
        return new Drained(column.airFilledPorosity(alone), column.containerCapacity(alone));
    }

    /**
     * Water at a suction.
     *
     * @param suctionCm suction [cm]
     * @param water water content [vol/vol]
     */
    public record Held(double suctionCm, double water) {}

    /** Water of a material as suction grows, on the grid on which such curves are usually drawn. */
    public static List<Held> curve(final Material material) {
        return GRID_CM.stream()
                .map(suction -> new Held(suction, material.retention().at(suction)))
                .toList();
    }

    /** Water of a mix as suction grows, on the same grid. */
    static List<Held> curve(final Mix mix) {
        return GRID_CM.stream()
                .map(suction -> new Held(suction, mix.waterAt(suction)))
                .toList();
    }

    private static Mix alone(final Material material) {
        return Mix.of(List.of(material.madeOf(Optional.empty())), new double[] {1});
    }

    /** The figures of a material. */
    public static List<Line> of(final Material material) {
        final Mix alone = alone(material);
        final Drained drained = drained(material);
        final Doubt doubt = material.doubt();
        final double density = material.physics().bulkDensityGPerL();
        final Material.Chemistry chemistry = material.chemistry();
        final List<Line> lines = new ArrayList<>();
        lines.add(new Line("dry weight of a litre", "g", density, doubt.densityRelativeSd() * density, 0));
        lines.add(new Line("all pores", "%", 100 * material.physics().totalPorosity(), 100 * doubt.porositySd(), 0));
        lines.add(new Line("air, 10 cm drained", "%", 100 * drained.air(), 100 * doubt.waterSd(), 0));
        lines.add(new Line("water, 10 cm drained", "%", 100 * drained.water(), 100 * doubt.waterSd(), 0));
        lines.add(new Line(
                "easily used water",
                "%",
                100 * alone.easilyAvailableWater(),
                100 * Spread.BETWEEN * doubt.waterSd(),
                0));
        lines.add(new Line("pH", "", chemistry.ph(), doubt.phSd(), 1));
        relative(lines, "pH buffering", "meq/L", chemistry.bufferMeqPerLPerPh(), doubt.bufferRelativeSd(), 0);
        relative(lines, "holds cations", "meq/L", chemistry.cecMeqPerL(), Doubt.FOOD_RELATIVE_SD, 0);
        relative(lines, "salts", "dS/m", chemistry.ecDsPerM(), Doubt.FOOD_RELATIVE_SD, 2);
        relative(lines, "nitrogen", "mg/L", chemistry.nutrients().nMgPerL(), Doubt.FOOD_RELATIVE_SD, 0);
        relative(lines, "phosphorus", "mg/L", chemistry.nutrients().pMgPerL(), Doubt.FOOD_RELATIVE_SD, 0);
        relative(lines, "potassium", "mg/L", chemistry.nutrients().kMgPerL(), Doubt.FOOD_RELATIVE_SD, 0);
        if (material.decays()) {
            relative(lines, "half rots in", "years", material.halfLifeYears(), Doubt.HALF_LIFE_FACTOR - 1, 1);
        }
        lines.add(new Line(
                "settles when watered in", "%", 100 * material.physics().settling(), 0, 0));
        return List.copyOf(lines);
    }

    private static void relative(
            final List<Line> lines,
            final String name,
            final String unit,
            final double value,
            final double share,
            final int decimals) {
        final int shown = value > 0 && value < FEW && decimals == 0 ? 1 : decimals;
        lines.add(new Line(name, unit, value, share * value, shown));
    }
}
