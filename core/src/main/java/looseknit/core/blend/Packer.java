package looseknit.core.blend;

/**
 * How the volumes of certain materials add up. Immutable and thread-safe; {@link #volume} works in arrays of the caller and allocates
 * nothing.
 */
sealed interface Packer permits PairPacker, ClassPacker {

    /** Number of skeletons that are tracked: the length of the arrays that {@link #volume} needs. */
    int skeletons();

    /**
     * Volume of a mixture.
     *
     * @param bulk watered-in bulk volume of each material after squeezing [any unit of volume], 0 or more, not all 0
     * @param virtual room for {@link #skeletons} values
     * @param carried room for {@link #skeletons} values
     * @return volume in the unit of {@code bulk}
     */
    double volume(double[] bulk, double[] virtual, double[] carried);

    /** Which form this is. */
    Packing.Form form();
}
