package looseknit.core.find;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import looseknit.core.blend.Recipe;
import looseknit.core.caution.Caution;
import looseknit.core.caution.Cautions;
import looseknit.core.change.WishCheck;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.Nature;
import looseknit.core.message.Message;
import looseknit.core.need.Brief;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;

/** What a search leaves out whatever its figures: what must never be done for this plant, and what the grower does not want. */
public final class Exclusions {

    /** So many pieces should lie side by side across a pot; common practice put into a figure by judgement. */
    private static final double PIECES_ACROSS = 12;

    private Exclusions() {}

    /** Why a material is left out, in a sentence; nothing if it may go in. */
    public static Optional<Message> reason(final Material material, final Brief brief, final MaterialBook book) {
        final Recipe alone = new Recipe(Recipe.Measure.PARTS, List.of(new Recipe.Part(material, 1)), List.of());
        final Optional<Message> stop = stop(alone, brief, book);
        if (stop.isPresent()) {
            return stop;
        }
        if (material.is(Nature.QUARANTINED)) {
            return Optional.of(FindSentence.IN_QUARANTINE.with());
        }
        if (tooCoarse(material, brief)) {
            return Optional.of(FindSentence.TOO_COARSE.with());
        }
        return WishCheck.barred(material, brief.wishes());
    }

    /** Whether most pieces are so large that only a few lie side by side in the pot. */
    private static boolean tooCoarse(final Material material, final Brief brief) {
        return brief.pot()
                .filter(pot -> material.grainSize().d50Mm() * PIECES_ACROSS > 10 * pot.topCm())
                .isPresent();
    }

    /** Why an amendment is not dosed, in a sentence; nothing if it may be. */
    public static Optional<Message> reason(final Amendment amendment, final Brief brief, final MaterialBook book) {
        return stop(
                new Recipe(
                        Recipe.Measure.PARTS,
                        List.of(new Recipe.Part(neutral(book), 1)),
                        List.of(new Recipe.Dose(amendment, Math.max(0.1, amendment.usualHighGPerL())))),
                brief,
                book);
    }

    private static Optional<Message> stop(final Recipe recipe, final Brief brief, final MaterialBook book) {
        final Set<String> anyway =
                stops(new Recipe(Recipe.Measure.PARTS, List.of(new Recipe.Part(neutral(book), 1)), List.of()), brief)
                        .stream()
                        .map(Caution::id)
                        .collect(Collectors.toCollection(HashSet::new));
        return stops(recipe, brief).stream()
                .filter(each -> !anyway.contains(each.id()))
                .findFirst()
                .map(caution -> caution.why().message());
    }

    private static List<Caution> stops(final Recipe recipe, final Brief brief) {
        return Cautions.shipped().of(recipe, brief, new PottedMix(recipe, brief, Knowledge.NOTHING).signs()).stream()
                .filter(each -> each.level() == Caution.Level.STOP)
                .toList();
    }

    /** A material to which no caution objects for its own sake. */
    private static Material neutral(final MaterialBook book) {
        return book.material("pumice_med").orElseThrow();
    }
}
