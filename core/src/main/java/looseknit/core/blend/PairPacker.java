package looseknit.core.blend;

import java.util.List;
import looseknit.core.material.Material;

/** Packing between whole materials, each one skeleton. */
final class PairPacker implements Packer {

    private static final double VIRTUAL = Packing.WATERED_IN / (1 + Packing.WATERED_IN);

    private final double[][] pairs;

    PairPacker(final List<Material> materials) {
        this.pairs = Packing.pairs(materials);
    }

    @Override
    public int skeletons() {
        return pairs.length;
    }

    @Override
    public double volume(final double[] bulk, final double[] virtual, final double[] carried) {
        for (int i = 0; i < pairs.length; i++) {
            virtual[i] = bulk[i] * VIRTUAL;
        }
        return Packing.volume(pairs, virtual, Packing.WATERED_IN, carried);
    }

    @Override
    public Packing.Form form() {
        return Packing.Form.PAIRS;
    }
}
