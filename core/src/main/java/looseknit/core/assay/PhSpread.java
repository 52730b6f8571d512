package looseknit.core.assay;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;
import looseknit.core.measure.Estimate;

/**
 * How far the pH of a mix may be off: the materials' own pH, how hard each buffers, and how fine the lime is. Follows from pH being where
 * Σ B (pH − pHᵢ) meets the base of the doses, to first order.
 */
public final class PhSpread {

    /** Spread of the share of a lime that reacts, relative; typical, from memory. */
    public static final double FINENESS_RELATIVE_SD = 0.25;

    private PhSpread() {}

    /**
     * Where the spread comes from.
     *
     * @param ph predicted pH
     * @param moved how far doses have moved it
     */
    public static List<Beliefs.Share> shares(
            final Beliefs beliefs, final Mix mix, final String blend, final double ph, final double moved) {
        final List<Beliefs.Share> shares = new ArrayList<>(beliefs.shares(LotTrait.PH, mix, blend));
        shares.addAll(ofDoses(mix, ph, moved));
        return shares;
    }

    private static List<Beliefs.Share> ofDoses(final Mix mix, final double ph, final double moved) {
        final List<Beliefs.Share> shares = new ArrayList<>();
        final double all = mix.bufferMeqPerLPerPh();
        for (int i = 0; i < mix.materials().size(); i++) {
            final Material material = mix.materials().get(i);
            final double weight = mix.litresPerLitre(i) * material.chemistry().bufferMeqPerLPerPh() / all;
            final double pull =
                    weight * (material.chemistry().ph() - ph) * material.doubt().bufferRelativeSd();
            shares.add(new Beliefs.Share(AssaySentence.BUFFERING_OF.with(material), pull * pull));
        }
        if (moved != 0) {
            final double sd = FINENESS_RELATIVE_SD * moved;
            shares.add(new Beliefs.Share(AssaySentence.LIME_THAT_REACTS.with(), sd * sd));
        }
        return shares;
    }

    /**
     * How far a pH may be off because of how hard the materials buffer and how fine the lime is: what is the same in one heap as long as it lies there, and
     * is learnt by testing it.
     *
     * @param ph predicted pH
     * @param moved how far doses have moved it
     */
    public static double dosesSd(final Mix mix, final double ph, final double moved) {
        return Math.sqrt(ofDoses(mix, ph, moved).stream()
                .mapToDouble(Beliefs.Share::variance)
                .sum());
    }

    /** A pH with its spread, corrected by tests. */
    public static Estimate estimate(
            final Beliefs beliefs, final Mix mix, final String blend, final double ph, final double moved) {
        final double variance = shares(beliefs, mix, blend, ph, moved).stream()
                .mapToDouble(Beliefs.Share::variance)
                .sum();
        return new Estimate(ph + beliefs.shift(LotTrait.PH, mix, blend), Math.sqrt(Math.max(0, variance)));
    }
}
