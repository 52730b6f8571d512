package looseknit.core.blend;

import java.util.List;
import java.util.stream.IntStream;
import looseknit.core.material.Material;

/** Packing between whole materials, each one skeleton. */
final class PairPacker {

    private static final double VIRTUAL = Packing.WATERED_IN / (1 + Packing.WATERED_IN);

    private PairPacker() {}

    static Packer of(final List<Material> materials) {
        final double[][] pairs = Packing.pairs(materials);
        final int n = pairs.length;
        final double[] virtualPerBulk = new double[n];
        final double[] carriedPerBulk = new double[n * n];
        for (int k = 0; k < n; k++) {
            virtualPerBulk[k] = VIRTUAL;
            for (int j = 0; j < n; j++) {
                carriedPerBulk[k * n + j] = pairs[k][j] * VIRTUAL;
            }
        }
        return new Packer(Packing.Form.PAIRS, IntStream.rangeClosed(0, n).toArray(), virtualPerBulk, carriedPerBulk);
    }
}
