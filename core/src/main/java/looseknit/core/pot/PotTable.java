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
    private final int[] all;
    private final Column.Points quick;
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
        final List<Material> list = ingredients.materials();
        final Column.Points points = column.points(rule);
        this.ingredients = ingredients;
        this.column = column;
        this.materials = list.size();
        this.all = ingredients.all();
        this.quick = rule == Column.Rule.QUICK ? points : column.points(Column.Rule.QUICK);
        this.share = points.share();
        this.submerged = points.submerged();
        this.held = new double[share.length * materials];
        for (int p = 0; p < share.length; p++) {
            for (int i = 0; i < materials; i++) {
                held[p * materials + i] = list.get(i).retention().at(points.suctionCm()[p]);
            }
        }
        this.at10 = each(list, material -> material.retention().at(10));
        this.at50 = each(list, material -> material.retention().at(50));
        this.at100 = each(list, material -> material.retention().at(100));
        this.solids = each(list, material -> 1 - material.physics().totalPorosity());
        this.closed = each(list, Material::closedPores);
        this.density = each(list, material -> material.physics().bulkDensityGPerL());
        this.buffer = each(list, material -> material.chemistry().bufferMeqPerLPerPh());
        this.bufferTimesPh = each(
                list,
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

    /** Share of the column that stands in free water. */
    public double submerged() {
        return submerged;
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

    /** Least water that one of the materials alone holds at any height of the column [vol/vol]. */
    public double pureAtTop(final int material) {
        double least = ingredients.materials().get(material).retention().saturated();
        for (int p = 0; p < share.length; p++) {
            least = Math.min(least, held[p * materials + material]);
        }
        return least;
    }

    /**
     * Reads a blend.
     *
     * @param loose loose volume of each material in the order of the ingredients [any unit], 0 or more; at least one above 0
     * @param scratch takes the result
     */
    public void read(final double[] loose, final Scratch scratch) {
        read(loose, all, materials, scratch);
    }

    /**
     * Reads a blend of some of the materials only.
     *
     * @param loose loose volume of each material; of those that do not count it is not looked at
     * @param active places of the materials that count
     * @param count how many of {@code active} count
     * @param scratch takes the result
     */
    public void read(final double[] loose, final int[] active, final int count, final Scratch scratch) {
        ingredients.pack(loose, active, count, scratch.packed);
        readPacked(active, count, scratch);
    }

    /**
     * Reads the blend that was packed last into this room.
     *
     * @param active places of the materials that count, as they were packed
     * @param count how many of {@code active} count
     */
    public void readPacked(final int[] active, final int count, final Scratch scratch) {
        double solid = 0;
        double unreached = 0;
        double mass = 0;
        double base = 0;
        double basePh = 0;
        double held10 = 0;
        double held50 = 0;
        double held100 = 0;
        for (int a = 0; a < count; a++) {
            final int i = active[a];
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
            for (int a = 0; a < count; a++) {
                sum += scratch.litres[active[a]] * held[row + active[a]];
            }
            water += share[p] * Mix.capped(sum, wettable, shrinkage);
        }
        scratch.totalPorosity = pores;
        scratch.waterPorosity = wettable;
        scratch.containerCapacity = water;
        scratch.bulkDensityGPerL = mass;
        scratch.bufferMeqPerLPerPh = base;
        scratch.plainPh = basePh / base;
        scratch.waterAt10 = Mix.capped(held10, wettable, shrinkage);
        scratch.waterAt50 = Mix.capped(held50, wettable, shrinkage);
        scratch.waterAt100 = Mix.capped(held100, wettable, shrinkage);
    }

    /**
     * Air of what is left of a mix that has sunk in this column [vol/vol].
     *
     * @param loose what is left of each material
     * @param active places of the materials that count
     * @param count how many of {@code active} count
     * @param freshVolume volume of the mix when it was new, in the unit of {@code loose}
     * @param scratch is overwritten
     */
    public double airSunk(
            final double[] loose,
            final int[] active,
            final int count,
            final double freshVolume,
            final Scratch scratch) {
        final Ingredients.Scratch packed = scratch.packed;
        ingredients.pack(loose, active, count, packed);
        double left = 0;
        double solid = 0;
        double unreached = 0;
        for (int a = 0; a < count; a++) {
            final int i = active[a];
            left += loose[i];
            solid += packed.litresPerLitre(i) * solids[i];
            unreached += packed.litresPerLitre(i) * closed[i];
        }
        final double settledTo = Math.min(1, left * packed.yield() / freshVolume);
        scratch.settledTo = settledTo;
        final double pores = 1 - solid;
        final double wettable = Mix.waterPorosity(pores, unreached);
        final double sunk;
        final Column.Points points;
        if (column.freeWaterCm() > 0) {
            points = column.sunkTo(settledTo).points(Column.Rule.QUICK);
            sunk = 1;
        } else {
            points = quick;
            sunk = column.sunkShare(settledTo);
        }
        double water = points.submerged() * wettable;
        for (int p = 0; p < points.share().length; p++) {
            final double suction = (points.suctionCm()[p] - column.addedSuctionCm()) * sunk + column.addedSuctionCm();
            water += points.share()[p]
                    * Mix.capped(ingredients.heldQuick(suction, active, count, packed), wettable, packed.shrinkage());
        }
        return pores - water;
    }

    /** Room for one thread to read in, and the figures of the last blend. */
    public static final class Scratch {

        private double settledTo = 1;

        private final Ingredients.Scratch packed;
        private final double[] litres;
        private double totalPorosity;
        private double containerCapacity;
        private double bulkDensityGPerL;
        private double bufferMeqPerLPerPh;
        private double plainPh;
        private double waterPorosity;
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

        /** Height of the sunk mix against the start, of what was read sunk last. */
        public double settledTo() {
            return settledTo;
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

        /** Water held at 50 cm of suction [vol/vol]. */
        public double waterAt50() {
            return waterAt50;
        }

        /** Water held at 100 cm of suction [vol/vol]. */
        public double waterAt100() {
            return waterAt100;
        }

        /** Pores that water can enter [vol/vol]. */
        public double waterPorosity() {
            return waterPorosity;
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
