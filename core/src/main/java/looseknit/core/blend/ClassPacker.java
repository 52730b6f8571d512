package looseknit.core.blend;

import java.util.ArrayList;
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
final class ClassPacker {

    /** Classes with less of a material than this are left out. */
    private static final double SCANT = 1e-6;

    private final List<Material> materials;
    private final List<int[]> grains = new ArrayList<>();
    private final int[] first;
    private final double[] virtualPerBulk;
    private final double[][] counted;

    private ClassPacker(final List<Material> materials) {
        this.materials = materials;
        this.first = new int[materials.size() + 1];
        final double[][] shares = new double[materials.size()][];
        for (int i = 0; i < materials.size(); i++) {
            shares[i] = SizeClasses.shares(materials.get(i).grainSize());
            for (int c = 0; c < SizeClasses.COUNT; c++) {
                if (shares[i][c] > SCANT) {
                    grains.add(new int[] {i, c});
                }
            }
            first[i + 1] = grains.size();
        }
        final int n = grains.size();
        this.virtualPerBulk = new double[n];
        this.counted = new double[n][n];
        for (int k = 0; k < n; k++) {
            final int owner = grains.get(k)[0];
            final Material.Physics carrying = materials.get(owner).physics();
            virtualPerBulk[k] =
                    shares[owner][grains.get(k)[1]] * carrying.packingFraction() / carrying.virtualPacking();
            for (int j = 0; j < n; j++) {
                final Material.Physics added = materials.get(grains.get(j)[0]).physics();
                final double efficiency = Math.sqrt(carrying.fillEfficiency() * added.fillEfficiency());
                final double plain = SizeClasses.counted(grains.get(k)[1], grains.get(j)[1], added.virtualPacking());
                counted[k][j] = 1 - (1 - plain) * efficiency;
            }
        }
    }

    static Packer of(final List<Material> materials) {
        final ClassPacker classes = new ClassPacker(materials);
        classes.scaleToOwnVolume();
        return classes.packer();
    }

    private void scaleToOwnVolume() {
        final Packer unscaled = packer();
        final double[] room = new double[unscaled.skeletons()];
        final double[] moreRoom = new double[unscaled.skeletons()];
        final double[] bulk = new double[materials.size()];
        for (int i = 0; i < materials.size(); i++) {
            bulk[i] = 1;
            final double own = unscaled.volume(bulk, new int[] {i}, 1, room, moreRoom);
            for (int k = first[i]; k < first[i + 1]; k++) {
                virtualPerBulk[k] /= own;
            }
        }
    }

    private Packer packer() {
        final int m = materials.size();
        final double[] carriedPerBulk = new double[counted.length * m];
        for (int k = 0; k < counted.length; k++) {
            for (int j = 0; j < counted.length; j++) {
                carriedPerBulk[k * m + grains.get(j)[0]] += counted[k][j] * virtualPerBulk[j];
            }
        }
        return new Packer(Packing.Form.CLASSES, first, virtualPerBulk, carriedPerBulk);
    }
}
