package looseknit.core.blend;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import looseknit.core.material.Material;

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

    /** Sets of materials kept; each takes some kilobytes. */
    private static final int MOST_LATELY = 300;

    private static final Map<Asked, Ingredients> LATELY = new ConcurrentHashMap<>();

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
        this.packer = form == Packing.Form.CLASSES ? new ClassPacker(this.materials) : new PairPacker(this.materials);
        this.tables = this.materials.stream()
                .map(material -> RetentionTable.of(material.retention()))
                .toArray(RetentionTable[]::new);
        this.settled = each(material -> 1 - material.physics().settling());
        this.squeeze = each(material -> material.physics().squeeze());
        this.moistDensity = each(material -> material.physics().bulkDensityGPerL() / 1000
                + material.retention().at(SQUEEZE_SUCTION_CM));
        this.logMoistDensity = Arrays.stream(moistDensity).map(Math::log).toArray();
    }

    /** The plain materials of a recipe, in its order; the form of packing is chosen by those of which there is any. */
    public static Ingredients of(final Recipe recipe) {
        return of(recipe.opened().materials(), suited(recipe));
    }

    /** Materials packed by a certain form, worked out anew only if the same were not asked for lately. */
    static Ingredients of(final List<Material> materials, final Packing.Form form) {
        if (LATELY.size() > MOST_LATELY) {
            LATELY.clear();
        }
        return LATELY.computeIfAbsent(new Asked(materials, form), asked -> new Ingredients(materials, form));
    }

    /** What was asked for; told apart by the very materials, which is quicker than by all their figures. */
    private record Asked(List<Material> materials, Packing.Form form) {

        @Override
        public boolean equals(final Object other) {
            if (!(other instanceof Asked asked) || asked.form != form || asked.materials.size() != materials.size()) {
                return false;
            }
            for (int i = 0; i < materials.size(); i++) {
                if (asked.materials.get(i) != materials.get(i)) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public int hashCode() {
            int hash = form.ordinal();
            for (final Material material : materials) {
                hash = 31 * hash + System.identityHashCode(material);
            }
            return hash;
        }
    }

    /** The form of packing that suits a recipe: by size classes where grains differ widely, else by whole materials. */
    public static Packing.Form suited(final Recipe recipe) {
        final Opened opened = recipe.opened();
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
        return coarsest > WIDE_GAP * finest ? Packing.Form.CLASSES : Packing.Form.PAIRS;
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
        final Opened opened = recipe.opened();
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
        final double[] bulk = scratch.bulk;
        final int n = settled.length;
        double looseSum = 0;
        double bulkSum = 0;
        double mass = 0;
        for (int i = 0; i < n; i++) {
            bulk[i] = loose[i] * settled[i];
            looseSum += loose[i];
            bulkSum += bulk[i];
            mass += bulk[i] * moistDensity[i];
        }
        final double logMean = Math.log(mass / bulkSum);
        for (int i = 0; i < n; i++) {
            final double pressed = squeeze[i] * Math.max(0, logMean - logMoistDensity[i]);
            scratch.pressed[i] = bulk[i] * Math.max(LEAST_LEFT, 1 - pressed);
        }
        final double volume = packer.volume(scratch.pressed, scratch.virtual, scratch.carried);
        for (int i = 0; i < n; i++) {
            scratch.litresPerLitre[i] = bulk[i] / volume;
        }
        scratch.shrinkage = 1 - volume / bulkSum;
        scratch.yield = volume / looseSum;
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
