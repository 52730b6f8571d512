package looseknit.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.core.message.Listing;
import looseknit.core.message.Message;
import looseknit.core.reading.Score;

/**
 * What to take in a blend for a material that is missing: the parts of one or two others that keep the readings nearest to what they
 * were. The other parts stay as they are.
 *
 * @param proposal the blend with the stand-in
 * @param words what was taken, in words
 * @param changes what is different, the greatest difference first; empty if nothing that one would notice
 * @param likeness how like it is, 0 to 100
 */
public record StandInMix(Proposal proposal, Message words, List<Message> changes, double likeness) {

    private static final int MOST_STAND_INS = 2;
    private static final int MOST_OFFERED = 3;

    /**
     * Finds stand-ins, the likest first.
     *
     * @param question brief, candidates and limits; what it aims at and what is fixed does not count
     * @param given the blend as it is
     * @param row its row that is missing
     */
    public static List<StandInMix> of(
            final Question question, final Recipe given, final int row, final SearchListener watch) {
        Require.within("row", row, 0, given.parts().size() - 1, Limit.ROW);
        final double scale = given.measure() == Recipe.Measure.PERCENT ? 0.1 : 1;
        final List<Recipe.Part> rest = new ArrayList<>();
        for (int i = 0; i < given.parts().size(); i++) {
            if (i != row) {
                final Recipe.Part part = given.parts().get(i);
                rest.add(new Recipe.Part(part.material(), part.amount() * scale));
            }
        }
        final Recipe.Part missing = given.parts().get(row);
        final int parts = (int) Math.max(1, Math.min(16, Math.round(missing.amount() * scale) + 1));
        final Question asked = question.among(question.candidates().stream()
                        .filter(each ->
                                !each.material().id().equals(missing.material().id()))
                        .toList())
                .upon(rest)
                .dosing(Question.Doses.NONE)
                .aimingAt(Likeness.targets(given, question.brief(), question.known()))
                .within(question.limits().with(MOST_STAND_INS, parts));
        final CandidateTables meter = new CandidateTables(asked);
        final List<StandInMix> found = new ArrayList<>();
        final int most = Math.min(MOST_STAND_INS, asked.candidates().size());
        final ClosestBlends closest = new ClosestBlends(meter, Math.max(1, most));
        new ExhaustiveSearch(
                        meter,
                        watch,
                        System.nanoTime()
                                + TimeUnit.MILLISECONDS.toNanos(asked.limits().mostMillis()),
                        true)
                .run(closest, SearchListener.Stage.CLOSEST, rest.isEmpty() ? 1 : 0, most);
        for (int size = most; size >= (rest.isEmpty() ? 1 : 0) && found.size() < MOST_OFFERED; size--) {
            final Optional<FoundRecipe> find = closest.of(size);
            if (find.isPresent()) {
                found.add(standIn(meter, given, find.get()));
            }
        }
        found.sort((a, b) -> Double.compare(b.likeness(), a.likeness()));
        return List.copyOf(found);
    }

    private static StandInMix standIn(final CandidateTables meter, final Recipe given, final FoundRecipe find) {
        final Question asked = meter.question;
        final List<Message> taken = new ArrayList<>();
        for (int s = 0; s < find.support().length; s++) {
            taken.add(FindSentence.PARTS_OF.with(
                    find.parts()[s], asked.candidates().get(find.support()[s]).material()));
        }
        final Proposal proposal = new Proposals(meter).of(find, Set.of(), given.doses());
        return new StandInMix(
                proposal,
                taken.isEmpty()
                        ? FindSentence.NOTHING_IN_ITS_PLACE.with()
                        : FindSentence.IN_ITS_PLACE.with(Listing.and(taken)),
                Likeness.changes(given, proposal.recipe(), asked.brief(), asked.known()),
                Score.fit(find.penalty()));
    }
}
