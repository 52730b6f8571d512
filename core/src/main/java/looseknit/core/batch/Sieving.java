package looseknit.core.batch;

import java.util.Optional;
import java.util.stream.DoubleStream;
import looseknit.core.material.GrainSize;
import looseknit.core.material.Grains;
import looseknit.core.material.Grains.Shape;
import looseknit.core.material.Material;
import looseknit.core.material.Nature;
import looseknit.core.material.Role;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Sieving the dust out of an opener, so that it does not close the pores that the opener is there for. The share lost follows from the grain sizes
 * that 10 and 50 % pass, straight in the logarithm of size.
 *
 * @param meshMm opening of the sieve [mm]
 * @param lost share of the volume that falls through, 0 to 1
 */
public record Sieving(double meshMm, double lost) {

    /** Sieves that people have, the coarsest first [mm]; common practice, no source. */
    private static final double[] MESHES_MM = {5, 3, 2, 1};

    /** A mesh of up to this share of the median grain takes the dust and leaves the grains; by judgement. */
    private static final double MESH_TO_MEDIAN = 0.5;

    /** Less than this is not worth the trouble, and more is no dust but the material itself [vol/vol]; by judgement. */
    private static final double WORTH = 0.04;

    private static final double MOST = 0.25;

    /** What is heavier is rinsed [g/L]; by judgement. */
    private static final double RINSED_G_PER_L = 1000;

    /** Standard normal deviate below which a tenth lies. */
    private static final double TENTH = -1.2816;

    /** Whether and how to sieve a material; nothing for what is fine by purpose, is rinsed, or holds no dust to speak of. */
    public static Optional<Sieving> of(final Material material) {
        return DoubleStream.of(MESHES_MM)
                .filter(mesh -> opens(material)
                        && mesh <= MESH_TO_MEDIAN * material.grainSize().d50Mm())
                .mapToObj(mesh -> new Sieving(mesh, under(material.grainSize(), mesh)))
                .filter(each -> each.lost() >= WORTH && each.lost() <= MOST)
                .findFirst();
    }

    private static boolean opens(final Material material) {
        final Shape shape = Grains.shape(material);
        return (material.roles().contains(Role.AIR) || material.roles().contains(Role.STRUCTURE))
                && shape != Shape.STRAND
                && shape != Shape.CRUMB
                && !material.is(Nature.RICH)
                && material.physics().bulkDensityGPerL() < RINSED_G_PER_L;
    }

    /** Share that falls through a mesh, by a normal distribution of the logarithm of size. */
    private static double under(final GrainSize grains, final double meshMm) {
        final double spread = Math.log(grains.d10Mm() / grains.d50Mm()) / TENTH;
        return new NormalDistribution(Math.log(grains.d50Mm()), spread).cumulativeProbability(Math.log(meshMm));
    }

    /** What is taken from the bag for so much that is clean [L]. */
    public double fromBag(final double cleanLitres) {
        return cleanLitres / (1 - lost);
    }
}
