package looseknit.core.material;

import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.measure.Limit;
import looseknit.core.message.Named;

/**
 * What a bought or base mix consists of, down to plain materials.
 *
 * @param constituents plain materials with their poured litres in a poured litre of the mix; together more than a litre, since mixing
 *     shrinks
 * @param certainty how well the make-up is known
 */
public record MakeUp(List<Constituent> constituents, Certainty certainty) {

    /** How well a make-up is known, and how much wider that makes every spread; by judgement. */
    public enum Certainty implements Named {
        KNOWN(1),
        ESTIMATED(1.6),
        UNKNOWN(2.5);
        private final double widening;

        Certainty(final double widening) {
            this.widening = widening;
        }

        /** Factor on the spreads of the constituents. */
        public double widening() {
            return widening;
        }
    }

    /**
     * A plain material of the mix.
     *
     * @param litresPerLitre poured litres of it in a poured litre of the mix, 0 to 10
     */
    public record Constituent(Material material, double litresPerLitre) {

        public Constituent {
            within("constituent.litresPerLitre", litresPerLitre, 0, 10, Limit.L_PER_L);
        }
    }

    /**
     * Part of a mix.
     *
     * @param share share of the volume of all constituents, 0 to 1
     */
    public record Share(Material material, double share) {}

    /** What it consists of by volume; the shares add up to 1. */
    public List<Share> shares() {
        final double all =
                constituents.stream().mapToDouble(Constituent::litresPerLitre).sum();
        return constituents.stream()
                .map(each -> new Share(each.material(), each.litresPerLitre() / all))
                .toList();
    }

    public MakeUp {
        constituents = List.copyOf(constituents);
    }
}
