package looseknit.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Mix;
import looseknit.core.material.Doubt;
import looseknit.core.material.Material;
import looseknit.core.material.Nutrients;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.pot.Column;
import looseknit.core.reading.Uncertainty;

/** The figures of a material on its own, each with how far a lot may lie from it. */
public final class MaterialSheet {

    /** Height of the column for which air and water are read [cm]. */
    public static final double COLUMN_CM = 10;

    private static final Quantity COLUMN = Quantity.trimmed(Dimension.LENGTH, COLUMN_CM, 0);

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
     * @param quantity the figure
     * @param sd one standard deviation, in the unit of computation; 0 where none is told
     */
    public record Line(Message name, Quantity quantity, double sd) {}

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
    public static List<Held> curve(final Mix mix) {
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
        lines.add(new Line(
                SheetSentence.DRY_WEIGHT.with(),
                Quantity.of(Dimension.DENSITY, density, 0),
                doubt.densityRelativeSd() * density));
        lines.add(share(SheetSentence.ALL_PORES.with(), material.physics().totalPorosity(), doubt.porositySd()));
        lines.add(share(SheetSentence.AIR.with(COLUMN), drained.air(), doubt.waterSd()));
        lines.add(share(SheetSentence.WATER.with(COLUMN), drained.water(), doubt.waterSd()));
        lines.add(share(
                SheetSentence.EASY_WATER.with(), alone.easilyAvailableWater(), Uncertainty.BETWEEN * doubt.waterSd()));
        lines.add(new Line(SheetSentence.PH.with(), Quantity.of(Dimension.NUMBER, chemistry.ph(), 1), doubt.phSd()));
        relative(
                lines,
                SheetSentence.BUFFERING,
                Dimension.CHARGE,
                chemistry.bufferMeqPerLPerPh(),
                doubt.bufferRelativeSd(),
                0);
        relative(lines, SheetSentence.CATIONS, Dimension.CHARGE, chemistry.cecMeqPerL(), Doubt.FOOD_RELATIVE_SD, 0);
        relative(lines, SheetSentence.SALTS, Dimension.CONDUCTIVITY, chemistry.ecDsPerM(), Doubt.FOOD_RELATIVE_SD, 2);
        final Nutrients food = chemistry.nutrients();
        relative(lines, SheetSentence.NITROGEN, Dimension.CONCENTRATION, food.nMgPerL(), Doubt.FOOD_RELATIVE_SD, 0);
        relative(lines, SheetSentence.PHOSPHORUS, Dimension.CONCENTRATION, food.pMgPerL(), Doubt.FOOD_RELATIVE_SD, 0);
        relative(lines, SheetSentence.POTASSIUM, Dimension.CONCENTRATION, food.kMgPerL(), Doubt.FOOD_RELATIVE_SD, 0);
        if (material.decays()) {
            relative(
                    lines,
                    SheetSentence.HALF_ROTS_IN,
                    Dimension.YEARS,
                    material.halfLifeYears(),
                    Doubt.HALF_LIFE_FACTOR - 1,
                    1);
        }
        lines.add(share(SheetSentence.SETTLES.with(), material.physics().settling(), 0));
        return List.copyOf(lines);
    }

    private static Line share(final Message name, final double share, final double sd) {
        return new Line(name, Quantity.of(Dimension.SHARE, share, 0), sd);
    }

    private static void relative(
            final List<Line> lines,
            final SheetSentence name,
            final Dimension dimension,
            final double value,
            final double share,
            final int decimals) {
        final int shown = value > 0 && value < FEW && decimals == 0 ? 1 : decimals;
        lines.add(new Line(name.with(), Quantity.of(dimension, value, shown), share * value));
    }
}
