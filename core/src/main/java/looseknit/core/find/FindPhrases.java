package looseknit.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.bench.Evaluation;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Nature;
import looseknit.core.message.Dimension;
import looseknit.core.message.Listing;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Target;
import looseknit.core.reading.Reading;
import looseknit.core.reading.Verdict;

/** Turns of phrase that several answers of a search share. */
final class FindPhrases {

    /** Differences that are worth a word. */
    private static final double COST_WORTH = 0.05;

    private static final double WEIGHT_WORTH = 0.08;
    private static final double LIFE_WORTH = 0.5;
    private static final double CHANCE_WORTH = 0.08;

    /** From so many on recipes are counted in thousands, in millions, and in whole millions. */
    private static final long THOUSANDS_FROM = 10_000;

    private static final long MILLIONS_FROM = 1_000_000;
    private static final long WHOLE_MILLIONS_FROM = 10_000_000;

    private FindPhrases() {}

    /** How a blend fits: "Fits all.", "Fits all but food.", "A little off: too wet." */
    static Message summary(final Evaluation evaluation, final List<Target> targets) {
        final List<Reading> missed = evaluation.readings().stream()
                .filter(reading -> penalty(reading, targets) > 0 && reading.verdict() != Verdict.FITS)
                .sorted((a, b) -> Double.compare(penalty(b, targets), penalty(a, targets)))
                .toList();
        if (missed.isEmpty()) {
            return FindSentence.FITS_ALL.with();
        }
        if (missed.stream().allMatch(reading -> reading.verdict().good())) {
            return FindSentence.A_LITTLE_OFF.with(Listing.comma(missed.stream()
                    .map(reading -> reading.verdict().words(reading.property()))
                    .toList()));
        }
        final Listing names = Listing.and(
                missed.stream().map(reading -> reading.property().brief()).toList());
        return (missed.size() <= 2 ? FindSentence.FITS_ALL_BUT : FindSentence.MISSES).with(names);
    }

    private static double penalty(final Reading reading, final List<Target> targets) {
        return targets.stream()
                .filter(target -> target.property() == reading.property())
                .mapToDouble(target -> target.penalty(reading.estimate().value()))
                .sum();
    }

    /** What is in a recipe: "4 orchid bark, 2 perlite". */
    static Message parts(final Recipe recipe) {
        return FindSentence.LIST.with(Listing.comma(recipe.parts().stream()
                .map(part -> FindSentence.AMOUNT_OF.with(
                        Quantity.trimmed(Dimension.NUMBER, part.amount(), 1), part.material()))
                .toList()));
    }

    /** What tells recipes apart. */
    static String key(final Recipe recipe) {
        return recipe.parts().stream()
                .map(part ->
                        Math.rint(10 * part.amount()) + " " + part.material().id())
                .collect(Collectors.joining(", "));
    }

    /** What a proposal has less of than the closest. */
    static List<Message> givesUp(final Proposal closest, final Proposal other) {
        final List<Message> words = new ArrayList<>();
        if (Math.rint(other.fit()) < Math.rint(closest.fit())) {
            words.add(FindSentence.FITS_LESS_WELL.with((int) Math.max(1, Math.round(closest.fit() - other.fit()))));
        }
        final int more =
                other.recipe().parts().size() - closest.recipe().parts().size();
        if (more > 0) {
            words.add(FindSentence.MATERIALS_MORE.with(more));
        }
        dearer(closest.costPerLitre(), other.costPerLitre(), words);
        if (other.wetKgPerL() > closest.wetKgPerL() * (1 + WEIGHT_WORTH)) {
            words.add(FindSentence.HEAVIER.with(
                    Quantity.of(Dimension.SHARE, other.wetKgPerL() / closest.wetKgPerL() - 1, 0)));
        }
        if (other.lifeYears() < closest.lifeYears() - LIFE_WORTH) {
            words.add(FindSentence.LASTS_LESS.with(
                    Quantity.of(Dimension.YEARS, closest.lifeYears() - other.lifeYears(), 1)));
        }
        if (other.chance() < closest.chance() - CHANCE_WORTH) {
            words.add(FindSentence.LESS_SURE.with());
        }
        if (peaty(other.recipe()) && !peaty(closest.recipe())) {
            words.add(FindSentence.HAS_PEAT.with());
        }
        return List.copyOf(words);
    }

    private static void dearer(final OptionalDouble closest, final OptionalDouble other, final List<Message> words) {
        if (closest.isPresent()
                && other.isPresent()
                && other.getAsDouble() > closest.getAsDouble() * (1 + COST_WORTH)) {
            words.add(FindSentence.DEARER.with(
                    Quantity.of(Dimension.SHARE, other.getAsDouble() / Math.max(1e-6, closest.getAsDouble()) - 1, 0)));
        }
    }

    static boolean peaty(final Recipe recipe) {
        return recipe.parts().stream().map(Recipe.Part::material).anyMatch(each -> each.is(Nature.PEAT));
    }

    /** A fit without decimals. */
    static Quantity fit(final double fit) {
        return Quantity.of(Dimension.NUMBER, fit, 0);
    }

    /** A number of recipes: "48 million". */
    static Message count(final long recipes) {
        if (recipes < THOUSANDS_FROM) {
            return FindSentence.COUNT.with(recipes);
        }
        return recipes < MILLIONS_FROM
                ? FindSentence.THOUSAND.with(Math.round(recipes / 1e3))
                : FindSentence.MILLION.with(
                        Quantity.of(Dimension.NUMBER, recipes / 1e6, recipes < WHOLE_MILLIONS_FROM ? 1 : 0));
    }
}
