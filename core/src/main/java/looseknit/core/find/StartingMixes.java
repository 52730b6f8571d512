package looseknit.core.find;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.need.School;

/**
 * A few usual mixes to start from: of each school that has one for the plants the simplest that suits, the best first. Quick, and not a proof. How
 * simple is by judgement.
 */
public final class StartingMixes {

    /** Most materials of one. */
    public static final int MATERIALS = 3;

    /** Most parts of one. */
    public static final int PARTS = 8;

    private static final int MOST = 3;

    private StartingMixes() {}

    /**
     * Looks for them.
     *
     * @return up to three, each titled by its school; none if no usual mix can be made of the candidates
     */
    public static List<Proposal> of(final Question question, final SearchListener watch) {
        if (question.candidates().isEmpty() || question.usually().usual().isEmpty()) {
            return List.of();
        }
        final Question usual = question.usually()
                .within(question.limits()
                        .with(
                                Math.min(MATERIALS, question.limits().mostMaterials()),
                                Math.min(PARTS, question.limits().mostParts())));
        final CandidateTables meter = new CandidateTables(usual);
        final Map<Respect, FoundRecipe> found = new LinkedHashMap<>();
        for (final School school : School.values()) {
            if (wished(question, school) && usual.has(school)) {
                new Obstacles(usual.usually(school), watch)
                        .small(meter.dry)
                        .ifPresent(find -> found.put(Respect.of(school), find));
            }
        }
        if (found.isEmpty()) {
            new Obstacles(usual, watch).small(meter.dry).ifPresent(find -> found.put(Respect.CLOSEST, find));
        }
        final Map<Respect, FoundRecipe> best = new LinkedHashMap<>();
        found.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(FoundRecipe.ORDER))
                .forEach(each -> best.put(each.getKey(), each.getValue()));
        return new Proposals(meter).distinct(best, List.of(), MOST, 0);
    }

    private static boolean wished(final Question question, final School school) {
        final Optional<School> meant = question.brief().wishes().schoolMeant();
        return meant.isEmpty() || meant.get() == school;
    }
}
