package looseknit.core.pot;

import java.util.List;
import java.util.function.ToDoubleFunction;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;

/**
 * Materials tabulated once for one column of mix, so that any blend of them can be read off in about a microsecond and without
 * allocating. Gives the same figures as {@link Mix} and {@link Column}. Immutable and thread-safe; a {@link Scratch} belongs to one
 * thread.
 */
public final class PotTable {

    private final Ingredients ingredients;
    private final Column column;
    private final int materials;
    private final double[] share;
    private final double submerged;
    /** Water of each material at each point, material by material within a point. */
    private final double[] held;

    private final double[] at10;
    private final double[] at50;
    private final double[] at100;
    private final double[] solids;
    private final double[] closed;
    private final double[] density;
    private final double[] buffer;
    private final double[] bufferTimesPh;

    public PotTable(final Ingredients ingredients, final Column column, final Column.Rule rule) {
        final List<Material> all = ingredients.materials();
        final Column.Points points = column.points(rule);
        this.ingredients = ingredients;
        this.column = column;
        this.materials = all.size();
        this.share = points.share();
        this.submerged = points.submerged();
        this.held = new double[share.length * materials];
        for (int p = 0; p < share.length; p++) {
            for (int i = 0; i < materials; i++) {
                held[p * materials + i] = all.get(i).retention().at(points.suctionCm()[p]);
            }
        }
        this.at10 = each(all, material -> material.retention().at(10));
        this.at50 = each(all, material -> material.retention().at(50));
        this.at100 = each(all, material -> material.retention().at(100));
        this.solids = each(all, material -> 1 - material.physics().totalPorosity());
        this.closed = each(all, Material::closedPores);
        this.density = each(all, material -> material.physics().bulkDensityGPerL());
        this.buffer = each(all, material -> material.chemistry().bufferMeqPerLPerPh());
        this.bufferTimesPh = each(
                all,
                material -> material.chemistry().bufferMeqPerLPerPh()
                        * material.chemistry().ph());
    }

    private static double[] each(final List<Material> all, final ToDoubleFunction<Material> property) {
        return all.stream().mapToDouble(property).toArray();
    }

    /** The column for which this is tabulated. */
    public Column column() {
        return column;
    }

    public Ingredients ingredients() {
        return ingredients;
    }

    /** Water that a mix of these materials holds in the column [vol/vol]. */
    public double containerCapacity(final Mix mix) {
        double water = submerged * mix.waterPorosity();
        for (int p = 0; p < share.length; p++) {
            double sum = 0;
            for (int i = 0; i < materials; i++) {
                sum += mix.litresPerLitre(i) * held[p * materials + i];
            }
            water += share[p] * Mix.capped(sum, mix.waterPorosity(), mix.shrinkage());
        }
        return water;
    }

    /** Water that one of the materials alone holds in the column [vol/vol]. */
    public double pureCapacity(final int material) {
        double water =
                submerged * ingredients.materials().get(material).retention().saturated();
        for (int p = 0; p < share.length; p++) {
            water += share[p] * held[p * materials + material];
        }
        return water;
    }

    /**
     * Reads a blend.
     *
     * @param loose loose volume of each material in the order of the ingredients [any unit], 0 or more; at least one above 0
     * @param scratch takes the result
     */
    public void read(final double[] loose, final Scratch scratch) {
        ingredients.pack(loose, scratch.packed);
        double solid = 0;
        double unreached = 0;
        double mass = 0;
        double base = 0;
        double basePh = 0;
        double held10 = 0;
        double held50 = 0;
        double held100 = 0;
        for (int i = 0; i < materials; i++) {
            final double litres = scratch.packed.litresPerLitre(i);
            scratch.litres[i] = litres;
            solid += litres * solids[i];
            unreached += litres * closed[i];
            mass += litres * density[i];
            base += litres * buffer[i];
            basePh += litres * bufferTimesPh[i];
            held10 += litres * at10[i];
            held50 += litres * at50[i];
            held100 += litres * at100[i];
        }
        final double shrinkage = scratch.packed.shrinkage();
        final double pores = 1 - solid;
        final double wettable = Mix.waterPorosity(pores, unreached);
        double water = submerged * wettable;
        for (int p = 0; p < share.length; p++) {
            final int row = p * materials;
            double sum = 0;
            for (int i = 0; i < materials; i++) {
                sum += scratch.litres[i] * held[row + i];
            }
            water += share[p] * Mix.capped(sum, wettable, shrinkage);
        }
        scratch.totalPorosity = pores;
        scratch.containerCapacity = water;
        scratch.bulkDensityGPerL = mass;
        scratch.bufferMeqPerLPerPh = base;
        scratch.plainPh = basePh / base;
        scratch.waterAt10 = Mix.capped(held10, wettable, shrinkage);
        scratch.waterAt50 = Mix.capped(held50, wettable, shrinkage);
        scratch.waterAt100 = Mix.capped(held100, wettable, shrinkage);
    }

    /** Room for one thread to read in, and the figures of the last blend. */
    public static final class Scratch {

        private final Ingredients.Scratch packed;
        private final double[] litres;
        private double totalPorosity;
        private double containerCapacity;
        private double bulkDensityGPerL;
        private double bufferMeqPerLPerPh;
        private double plainPh;
        private double waterAt10;
        private double waterAt50;
        private double waterAt100;

        public Scratch(final PotTable table) {
            this.packed = new Ingredients.Scratch(table.ingredients);
            this.litres = new double[table.materials];
        }

        /** Bulk litres of a material per litre of mix, shrinkage and yield. */
        public Ingredients.Scratch packed() {
            return packed;
        }

        /** Pores of all kinds [vol/vol]. */
        public double totalPorosity() {
            return totalPorosity;
        }

        /** Water held after soaking and draining [vol/vol]. */
        public double containerCapacity() {
            return containerCapacity;
        }

        /** Air after draining [vol/vol]. */
        public double airFilledPorosity() {
            return totalPorosity - containerCapacity;
        }

        /** Dry bulk density [g/L]. */
        public double bulkDensityGPerL() {
            return bulkDensityGPerL;
        }

        /** pH buffer capacity [meq/L per pH]. */
        public double bufferMeqPerLPerPh() {
            return bufferMeqPerLPerPh;
        }

        /** pH before any dose. */
        public double plainPh() {
            return plainPh;
        }

        /** Easily available water, between 10 and 50 cm of suction [vol/vol]. */
        public double easilyAvailableWater() {
            return waterAt10 - waterAt50;
        }

        /** Water buffering capacity, between 50 and 100 cm of suction [vol/vol]. */
        public double waterBufferingCapacity() {
            return waterAt50 - waterAt100;
        }
    }
}
