package looseknit.core.find;

import static looseknit.core.measure.Require.within;

import java.util.OptionalDouble;
import looseknit.core.blend.RecipeSentence;
import looseknit.core.material.Material;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;

/**
 * A material that may go into a blend.
 *
 * @param material the material, or a mix that is bought or made before
 * @param pricePerLitre price of a poured litre; nothing if it is not known
 * @param leftLitres poured litres that are left; nothing if there is enough
 * @param onShelf whether it is at hand
 * @param leastShare least share of the poured parts, 0 to 1; above 0 it must be in the blend
 * @param mostShare greatest share of the poured parts, not under {@code leastShare}, to 1
 */
public record Candidate(
        Material material,
        OptionalDouble pricePerLitre,
        OptionalDouble leftLitres,
        boolean onShelf,
        double leastShare,
        double mostShare) {

    public Candidate {
        within("candidate.leastShare", leastShare, 0, 1, Limit.SHARE);
        within("candidate.mostShare", mostShare, leastShare, 1, Limit.SHARE_NOT_UNDER_THE_LEAST);
        if (!material.forRecipes()) {
            throw new OutOfRangeException("candidate", material, RecipeSentence.NOT_FOR_RECIPES.with());
        }
    }

    /** A material of which there is enough, without a price. */
    public static Candidate of(final Material material) {
        return new Candidate(material, OptionalDouble.empty(), OptionalDouble.empty(), true, 0, 1);
    }

    /** Whether it must be in the blend. */
    public boolean must() {
        return leastShare > 0;
    }

    /** The same material, with at least and at most these shares. */
    public Candidate limited(final double least, final double most) {
        return new Candidate(material, pricePerLitre, leftLitres, onShelf, least, most);
    }
}
