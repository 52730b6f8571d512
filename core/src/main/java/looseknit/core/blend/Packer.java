package looseknit.core.blend;

import java.util.stream.IntStream;

/**
 * How the volumes of certain materials add up. Every material is one skeleton or several; each skeleton carries a part of the volume of
 * every material. Immutable and thread-safe; {@link #volume} works in arrays of the caller and allocates nothing.
 */
final class Packer {

    private final Packing.Form form;
    /** First skeleton of each material; one more entry closes the last. */
    private final int[] first;
    /** Volume at virtual packing of each skeleton per bulk volume of its material. */
    private final double[] virtualPerBulk;
    /** Volume that each skeleton carries per bulk volume of each material, skeleton by skeleton. */
    private final double[] carriedPerBulk;

    private final int materials;
    private final int[] all;

    Packer(final Packing.Form form, final int[] first, final double[] virtualPerBulk, final double[] carriedPerBulk) {
        this.form = form;
        this.first = first;
        this.virtualPerBulk = virtualPerBulk;
        this.carriedPerBulk = carriedPerBulk;
        this.materials = first.length - 1;
        this.all = IntStream.range(0, materials).toArray();
    }

    /** Number of skeletons that are tracked: the length of the arrays that {@link #volume} needs. */
    int skeletons() {
        return virtualPerBulk.length;
    }

    /** Every material. */
    int[] all() {
        return all;
    }

    /** Which form this is. */
    Packing.Form form() {
        return form;
    }

    /**
     * Volume of a mixture.
     *
     * @param bulk watered-in bulk volume of each material after squeezing [any unit of volume], 0 or more
     * @param active places of the materials that count, not all of which may be 0
     * @param count how many of {@code active} count
     * @param virtual room for {@link #skeletons} values
     * @param carried room for {@link #skeletons} values
     * @return volume in the unit of {@code bulk}
     */
    double volume(
            final double[] bulk, final int[] active, final int count, final double[] virtual, final double[] carried) {
        final int skeletons = carry(bulk, active, count, virtual, carried);
        return Packing.solve(virtual, carried, skeletons, Packing.WATERED_IN);
    }

    /** Works out what each skeleton carries; returns their number. Takes arrays as {@link #volume} does. */
    int carry(
            final double[] bulk, final int[] active, final int count, final double[] virtual, final double[] carried) {
        int skeletons = 0;
        for (int a = 0; a < count; a++) {
            final int owner = active[a];
            final int end = first[owner + 1];
            for (int k = first[owner]; k < end; k++) {
                virtual[skeletons] = bulk[owner] * virtualPerBulk[k];
                final int row = k * materials;
                double sum = 0;
                for (int b = 0; b < count; b++) {
                    sum += bulk[active[b]] * carriedPerBulk[row + active[b]];
                }
                carried[skeletons++] = sum;
            }
        }
        return skeletons;
    }

    /** Volume at virtual packing of all skeletons of a material per bulk volume of it. */
    double virtualPerBulk(final int material) {
        double sum = 0;
        for (int k = first[material]; k < first[material + 1]; k++) {
            sum += virtualPerBulk[k];
        }
        return sum;
    }

    /** How much of a litre of one material, at virtual packing, the skeletons of another carry on average, 0 to 1. */
    double carriedShare(final int carrying, final int carried) {
        double sum = 0;
        for (int k = first[carrying]; k < first[carrying + 1]; k++) {
            sum += virtualPerBulk[k] * carriedPerBulk[k * materials + carried];
        }
        return sum / (virtualPerBulk(carrying) * virtualPerBulk(carried));
    }
}
