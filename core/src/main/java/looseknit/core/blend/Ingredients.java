package looseknit.core.blend;

import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import looseknit.core.material.Material;
import looseknit.core.material.RetentionTable;

/**
 * Materials with how they pack together worked out once, to be mixed again and again in other amounts. Immutable and thread-safe; a
 * {@link Scratch} belongs to one thread.
 */
public final class Ingredients {

    /** Suction at which the moisture of a material counts for its weight on what lies below [cm]. */
    private static final double SQUEEZE_SUCTION_CM = 10;

    /** A squeezed material keeps at least this share of its volume. */
    private static final double LEAST_LEFT = 0.1;

    /**
     * Above this ratio of median grain sizes the form by whole materials is off by more than its own spread, and size classes are
     * told apart.
     */
    static final double WIDE_GAP = 25;

    private final List<Material> materials;
    private final Packer packer;
    private final RetentionTable[] tables;
    private final double[] settled;
    private final double[] squeeze;
    private final double[] moistDensity;
    private final double[] logMoistDensity;

    /** Materials, packed by the form that suits the widest gap between their grain sizes. */
    public Ingredients(final List<Material> materials) {
        this(materials, suited(materials));
    }

    /** Materials, packed by a certain form. */
    public Ingredients(final List<Material> materials, final Packing.Form form) {
        this.materials = List.copyOf(materials);
        this.packer = form == Packing.Form.CLASSES ? ClassPacker.of(this.materials) : PairPacker.of(this.materials);
        this.tables = this.materials.stream()
                .map(material -> material.water().table())
                .toArray(RetentionTable[]::new);
        this.settled = each(material -> 1 - material.physics().settling());
        this.squeeze = each(material -> material.physics().squeeze());
        this.moistDensity = each(material -> material.physics().bulkDensityGPerL() / 1000
                + material.retention().at(SQUEEZE_SUCTION_CM));
        this.logMoistDensity = Arrays.stream(moistDensity).map(Math::log).toArray();
    }

    /** The plain materials of a recipe, in its order; the form of packing is chosen by those of which there is any. */
    public static Ingredients of(final Recipe recipe) {
        return new Ingredients(recipe.opened().materials(), suited(recipe));
    }

    /** The form of packing that suits a recipe: by size classes where grains differ widely, else by whole materials. */
    public static Packing.Form suited(final Recipe recipe) {
        final PlainMaterials opened = recipe.opened();
        return suited(IntStream.range(0, opened.amounts().length)
                .filter(i -> opened.amounts()[i] > 0)
                .mapToObj(i -> opened.materials().get(i))
                .toList());
    }

    private static Packing.Form suited(final List<Material> materials) {
        double finest = Double.POSITIVE_INFINITY;
        double coarsest = 0;
        for (final Material material : materials) {
            finest = Math.min(finest, material.grainSize().d50Mm());
            coarsest = Math.max(coarsest, material.grainSize().d50Mm());
        }
        return widelyGraded(finest, coarsest) ? Packing.Form.CLASSES : Packing.Form.PAIRS;
    }

    public List<Material> materials() {
        return materials;
    }

    /** By which form these are packed. */
    public Packing.Form form() {
        return packer.form();
    }

    /** The tabulated water curve of a material. */
    RetentionTable table(final int i) {
        return tables[i];
    }

    /**
     * Mixes loose volumes.
     *
     * @param loose loose volume of each material, in their order [any unit], 0 or more; at least one above 0
     */
    public Mix mix(final double[] loose) {
        final Scratch scratch = new Scratch(this);
        pack(loose, scratch);
        return new Mix(this, scratch.litresPerLitre.clone(), scratch.shrinkage, scratch.yield);
    }

    /** Mixes a recipe of these materials; its yield is against the parts as they are scooped. */
    public Mix mix(final Recipe recipe) {
        final PlainMaterials opened = recipe.opened();
        final Scratch scratch = new Scratch(this);
        pack(opened.amounts(), scratch);
        return new Mix(
                this, scratch.litresPerLitre.clone(), scratch.shrinkage, scratch.yield * opened.sum() / recipe.sum());
    }

    /**
     * Works out the volume of a mixture without allocating anything.
     *
     * @param loose loose volume of each material, as for {@link #mix(double[])}
     * @param scratch takes the result
     */
    public void pack(final double[] loose, final Scratch scratch) {
        pack(loose, packer.all(), materials.size(), scratch);
    }

    /**
     * The same for some of the materials only.
     *
     * @param active places of the materials that count; the others are taken as absent
     * @param count how many of {@code active} count
     */
    public void pack(final double[] loose, final int[] active, final int count, final Scratch scratch) {
        press(loose, active, count, scratch);
        settle(active, count, scratch);
    }

    /**
     * The first half of {@link #pack}: works out what weighs on what, after which the volume lies between {@link Scratch#leastLeft} and
     * {@link Scratch#mostLeft}.
     */
    public void press(final double[] loose, final int[] active, final int count, final Scratch scratch) {
        final double[] bulk = scratch.bulk;
        double looseSum = 0;
        double bulkSum = 0;
        double mass = 0;
        for (int a = 0; a < count; a++) {
            final int i = active[a];
            bulk[i] = loose[i] * settled[i];
            looseSum += loose[i];
            bulkSum += bulk[i];
            mass += bulk[i] * moistDensity[i];
        }
        final double logMean = Math.log(mass / bulkSum);
        for (int a = 0; a < count; a++) {
            final int i = active[a];
            final double pressed = squeeze[i] * Math.max(0, logMean - logMoistDensity[i]);
            scratch.pressed[i] = bulk[i] * Math.max(LEAST_LEFT, 1 - pressed);
        }
        scratch.looseSum = looseSum;
        scratch.bulkSum = bulkSum;
        scratch.skeletons = packer.carry(scratch.pressed, active, count, scratch.virtual, scratch.carried);
    }

    /** The second half of {@link #pack}: works out the volume of what was pressed last. */
    public void settle(final int[] active, final int count, final Scratch scratch) {
        final double volume = Packing.solve(scratch.virtual, scratch.carried, scratch.skeletons, Packing.WATERED_IN);
        for (int a = 0; a < count; a++) {
            final int i = active[a];
            scratch.litresPerLitre[i] = scratch.bulk[i] / volume;
        }
        scratch.shrinkage = 1 - volume / scratch.bulkSum;
        scratch.yield = volume / scratch.looseSum;
    }

    /**
     * Water that the last mixture holds while draining, before the pores limit it, from the tabulated curves [vol/vol].
     *
     * @param suctionCm suction [cm], 0 or more
     */
    public double heldQuick(final double suctionCm, final int[] active, final int count, final Scratch scratch) {
        final double place = RetentionTable.place(suctionCm);
        double held = 0;
        for (int a = 0; a < count; a++) {
            held += scratch.litresPerLitre[active[a]] * tables[active[a]].at(place);
        }
        return held;
    }

    /** Every material's place. */
    public int[] all() {
        return packer.all().clone();
    }

    /** Share of the poured volume of a material that is left when it has been watered in. */
    public double settled(final int i) {
        return settled[i];
    }

    /** Density of a material at the suction at which its weight counts [kg/L]. */
    public double moistDensity(final int i) {
        return moistDensity[i];
    }

    /**
     * Least share of a material's volume that the weight of the others leaves of it.
     *
     * @param densest density of the heaviest of the others [kg/L]
     */
    public double leastPressed(final int i, final double densest) {
        return Math.max(LEAST_LEFT, 1 - squeeze[i] * Math.max(0, Math.log(densest) - logMoistDensity[i]));
    }

    /** Volume at virtual packing of all grains of a material per bulk volume of it. */
    public double virtualPerBulk(final int i) {
        return packer.virtualPerBulk(i);
    }

    /** How much of one material, at virtual packing, counts against the skeleton of another on average, 0 to 1. */
    public double carriedShare(final int carrying, final int carried) {
        return packer.carriedShare(carrying, carried);
    }

    /** Whether materials of these median grain sizes are packed by size classes [mm]. */
    public static boolean widelyGraded(final double finestMm, final double coarsestMm) {
        return coarsestMm > WIDE_GAP * finestMm;
    }

    private double[] each(final ToDoubleFunction<Material> property) {
        return materials.stream().mapToDouble(property).toArray();
    }

    /** Room for one thread to mix in, and the result of the last mixture. */
    public static final class Scratch {

        private final double[] bulk;
        private final double[] pressed;
        private final double[] virtual;
        private final double[] carried;
        private final double[] litresPerLitre;
        private int skeletons;
        private double looseSum;
        private double bulkSum;
        private double shrinkage;
        private double yield;

        public Scratch(final Ingredients ingredients) {
            final int n = ingredients.materials.size();
            this.bulk = new double[n];
            this.pressed = new double[n];
            this.litresPerLitre = new double[n];
            this.virtual = new double[ingredients.packer.skeletons()];
            this.carried = new double[ingredients.packer.skeletons()];
        }

        /** Bulk litres of the material at this place in a litre of mix, f. */
        public double litresPerLitre(final int i) {
            return litresPerLitre[i];
        }

        /** Least share of the watered-in bulk volumes that mixing can leave of what was pressed last. */
        public double leastLeft() {
            return Packing.least(virtual, carried, skeletons, Packing.WATERED_IN) / bulkSum;
        }

        /** Greatest share of the watered-in bulk volumes that mixing can leave of what was pressed last. */
        public double mostLeft() {
            return Packing.most(virtual, carried, skeletons) / bulkSum;
        }

        /** Share of the watered-in bulk volumes that is lost by mixing, s. */
        public double shrinkage() {
            return shrinkage;
        }

        /** Litres of watered-in mix per litre of loose parts. */
        public double yield() {
            return yield;
        }
    }
}
