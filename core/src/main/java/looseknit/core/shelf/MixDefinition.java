package looseknit.core.shelf;

import static looseknit.core.measure.Require.text;
import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.material.MakeUp;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;

/**
 * A bought or base mix as somebody writes it down.
 *
 * @param id short name used in data
 * @param name name for people
 * @param parts other materials, plain or mixes themselves, in parts or per cent
 * @param certainty how well the make-up is known
 * @param fed whether a starter feed is in it
 */
public record MixDefinition(String id, String name, List<PartOf> parts, MakeUp.Certainty certainty, boolean fed) {

    /**
     * A part.
     *
     * @param amount parts or per cent, above 0 up to 10,000
     */
    public record PartOf(String materialId, double amount) {

        public PartOf {
            within("mix.amount", amount, 1e-6, 10_000, Limit.PARTS_OR_PER_CENT);
        }
    }

    public MixDefinition {
        id = text("mix.id", id, 60);
        name = text("mix.name", name, 80);
        parts = List.copyOf(parts);
        if (parts.isEmpty() || parts.size() > 20) {
            throw new OutOfRangeException("mix.parts", parts.size(), ShelfSentence.ONE_TO_TWENTY.with());
        }
    }
}
