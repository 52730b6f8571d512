package looseknit.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.Nature;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.Evaluation;
import looseknit.core.reading.Phrases;
import looseknit.core.reading.Reading;

/** What a search has to say, in words. */
final class Words {

    /** A miss of less than this penalty is a little one: about a sixth of the width of an ordinary band. */
    private static final double LITTLE = 0.03;

    /** Differences that are worth a word. */
    private static final double COST_WORTH = 0.05;

    private static final double WEIGHT_WORTH = 0.08;
    private static final double LIFE_WORTH = 0.5;
    private static final double CHANCE_WORTH = 0.08;

    private Words() {}

    /** What a reading is called in a sentence. */
    static String of(final Property quality) {
        return switch (quality) {
            case AIR -> "air";
            case WATER -> "water held";
            case EASY_WATER -> "easily used water";
            case DRY_DAYS -> "days until dry";
            case PH -> "acidity";
            case FOOD -> "food";
            case SALTS -> "salts";
            case WEIGHT -> "weight";
            case LIFE -> "life";
        };
    }

    /** How a blend fits: "Fits all.", "Fits all but food.", "A little too wet." */
    static String summary(final Evaluation evaluation, final List<Target> targets) {
        final List<Reading> missed = evaluation.readings().stream()
                .filter(reading -> penalty(reading, targets) > 0)
                .sorted((a, b) -> Double.compare(penalty(b, targets), penalty(a, targets)))
                .toList();
        if (missed.isEmpty()) {
            return "Fits all.";
        }
        if (missed.stream().allMatch(reading -> penalty(reading, targets) < LITTLE)) {
            return "A little off: %s."
                    .formatted(missed.stream()
                            .map(reading -> Phrases.verdict(reading.quality(), reading.verdict()))
                            .collect(Collectors.joining(", ")));
        }
        final String names =
                and(missed.stream().map(reading -> of(reading.quality())).toList());
        return missed.size() <= 2 ? "Fits all but %s.".formatted(names) : "Misses %s.".formatted(names);
    }

    private static double penalty(final Reading reading, final List<Target> targets) {
        return targets.stream()
                .filter(target -> target.quality() == reading.quality())
                .mapToDouble(target -> target.penalty(reading.estimate().value()))
                .sum();
    }

    /** "a", "a and b", "a, b and c". */
    static String and(final List<String> names) {
        return names.size() < 2
                ? String.join("", names)
                : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.get(names.size() - 1);
    }

    /** What is in a recipe: "4 orchid bark, 2 perlite". */
    static String parts(final Recipe recipe) {
        return recipe.parts().stream()
                .map(part -> "%s %s"
                        .formatted(amount(part.amount()), part.material().name().toLowerCase(Locale.ROOT)))
                .collect(Collectors.joining(", "));
    }

    private static String amount(final double amount) {
        return amount == Math.rint(amount)
                ? String.format(Locale.ROOT, "%.0f", amount)
                : String.format(Locale.ROOT, "%.1f", amount);
    }

    /** What a proposal has less of than the closest. */
    static List<String> givesUp(final Proposal closest, final Proposal other) {
        final List<String> words = new ArrayList<>();
        if (Math.rint(other.fit()) < Math.rint(closest.fit())) {
            words.add("fits %s".formatted(points(closest.fit() - other.fit()) + " less well"));
        }
        final int more =
                other.recipe().parts().size() - closest.recipe().parts().size();
        if (more > 0) {
            words.add(more == 1 ? "one material more" : "%d materials more".formatted(more));
        }
        cost(closest.costPerLitre(), other.costPerLitre(), words);
        if (other.wetKgPerL() > closest.wetKgPerL() * (1 + WEIGHT_WORTH)) {
            words.add(
                    String.format(Locale.ROOT, "%.0f %% heavier", 100 * (other.wetKgPerL() / closest.wetKgPerL() - 1)));
        }
        if (other.lifeYears() < closest.lifeYears() - LIFE_WORTH) {
            words.add(String.format(
                    Locale.ROOT, "keeps its air %.1f years less", closest.lifeYears() - other.lifeYears()));
        }
        if (other.chance() < closest.chance() - CHANCE_WORTH) {
            words.add("less sure to fit");
        }
        if (peaty(other.recipe()) && !peaty(closest.recipe())) {
            words.add("has peat in it");
        }
        return List.copyOf(words);
    }

    private static void cost(final OptionalDouble closest, final OptionalDouble other, final List<String> words) {
        if (closest.isPresent()
                && other.isPresent()
                && other.getAsDouble() > closest.getAsDouble() * (1 + COST_WORTH)) {
            words.add(String.format(
                    Locale.ROOT,
                    "%.0f %% dearer",
                    100 * (other.getAsDouble() / Math.max(1e-6, closest.getAsDouble()) - 1)));
        }
    }

    static boolean peaty(final Recipe recipe) {
        return recipe.parts().stream().map(Recipe.Part::material).anyMatch(each -> each.is(Nature.PEAT));
    }

    /** "2 points". */
    static String points(final double points) {
        final long whole = Math.max(1, Math.round(points));
        return whole == 1 ? "1 point" : whole + " points";
    }

    static String capital(final String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    static String lower(final Material material) {
        return material.name().toLowerCase(Locale.ROOT);
    }

    /** A number of recipes: "48 million". */
    static String count(final long recipes) {
        if (recipes < 10_000) {
            return String.format(Locale.ROOT, "%,d", recipes);
        }
        return recipes < 1_000_000
                ? String.format(Locale.ROOT, "%d thousand", Math.round(recipes / 1e3))
                : String.format(Locale.ROOT, recipes < 10_000_000 ? "%.1f million" : "%.0f million", recipes / 1e6);
    }
}
