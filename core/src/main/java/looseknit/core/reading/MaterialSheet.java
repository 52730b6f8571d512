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

    /** The figures of a material. */
    public static List<Line> of(final Material material) {
        final Mix alone = Mix.of(List.of(material.madeOf(Optional.empty())), new double[] {1});
        final Column column = Column.free(COLUMN_CM, 1);
        final Doubt doubt = material.doubt();
        final double density = material.physics().bulkDensityGPerL();
        final Material.Chemistry chemistry = material.chemistry();
        final List<Line> lines = new ArrayList<>();
        lines.add(new Line("dry weight of a litre", "g", density, doubt.densityRelativeSd() * density, 0));
        lines.add(new Line("all pores", "%", 100 * material.physics().totalPorosity(), 100 * doubt.porositySd(), 0));
        lines.add(new Line(
                "air, 10 cm column drained", "%", 100 * column.airFilledPorosity(alone), 100 * doubt.waterSd(), 0));
        lines.add(new Line(
                "water, 10 cm column drained", "%", 100 * column.containerCapacity(alone), 100 * doubt.waterSd(), 0));
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
        lines.add(new Line(name, unit, value, share * value, decimals));
    }
}
