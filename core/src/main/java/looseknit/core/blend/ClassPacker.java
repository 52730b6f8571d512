package looseknit.core.blend;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import looseknit.core.material.Material;
import looseknit.core.material.SizeClasses;

/**
 * Packing between size classes: every class of every material is a skeleton of its own. Truer where grains differ widely in size,
 * since there only part of a material fits the gaps of the other.
 *
 * <p>Each material is scaled so that alone it takes up its own bulk volume; hence a material mixed with itself does not shrink.
 *
 * @see "de Larrard, F. (1999). Concrete Mixture Proportioning, chapter 1: compressible packing model (from memory)"
 */
final class ClassPacker implements Packer {

    /** Classes with less of a material than this are left out. */
    private static final double SCANT = 1e-6;

    private final int[] owner;
    private final double[] virtualPerBulk;
    private final double[][] counted;

    ClassPacker(final List<Material> materials) {
        final List<int[]> grains = new ArrayList<>();
        final double[][] shares = new double[materials.size()][];
        for (int i = 0; i < materials.size(); i++) {
            shares[i] = SizeClasses.shares(materials.get(i).grainSize());
            for (int c = 0; c < SizeClasses.COUNT; c++) {
                if (shares[i][c] > SCANT) {
                    grains.add(new int[] {i, c});
                }
            }
        }
        final int n = grains.size();
        this.owner = new int[n];
        this.virtualPerBulk = new double[n];
        this.counted = new double[n][n];
        for (int k = 0; k < n; k++) {
            final Material.Physics carrying = materials.get(grains.get(k)[0]).physics();
            owner[k] = grains.get(k)[0];
            virtualPerBulk[k] =
                    shares[owner[k]][grains.get(k)[1]] * carrying.packingFraction() / carrying.virtualPacking();
            for (int j = 0; j < n; j++) {
                final Material.Physics added = materials.get(grains.get(j)[0]).physics();
                final double efficiency = Math.sqrt(carrying.fillEfficiency() * added.fillEfficiency());
                final double plain = SizeClasses.counted(grains.get(k)[1], grains.get(j)[1], added.virtualPacking());
                counted[k][j] = 1 - (1 - plain) * efficiency;
            }
        }
        scaleToOwnVolume(materials.size());
    }

    private void scaleToOwnVolume(final int materials) {
        final double[] bulk = new double[materials];
        final double[] own = new double[materials];
        for (int i = 0; i < materials; i++) {
            Arrays.fill(bulk, 0);
            bulk[i] = 1;
            own[i] = volume(bulk, new double[skeletons()], new double[skeletons()]);
        }
        for (int k = 0; k < virtualPerBulk.length; k++) {
            virtualPerBulk[k] /= own[owner[k]];
        }
    }

    @Override
    public int skeletons() {
        return owner.length;
    }

    @Override
    public double volume(final double[] bulk, final double[] virtual, final double[] carried) {
        for (int k = 0; k < owner.length; k++) {
            virtual[k] = bulk[owner[k]] * virtualPerBulk[k];
        }
        return Packing.volume(counted, virtual, Packing.WATERED_IN, carried);
    }

    @Override
    public Packing.Form form() {
        return Packing.Form.CLASSES;
    }
}
