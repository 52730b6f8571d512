package looseknit.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import looseknit.core.bench.Evaluation;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.MonteCarlo;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;
import looseknit.core.reading.Score;

/** Makes proposals of what a search found. */
final class Proposals {

    private static final int DRAWS = 200;
    private static final long SEED = 5;

    private final CandidateTables meter;
    private final Question question;

    Proposals(final CandidateTables meter) {
        this.meter = meter;
        this.question = meter.question;
    }

    /** The recipe that was found, on top of what is fixed, with its doses. */
    Recipe recipe(final FoundRecipe find) {
        final Map<Material, Double> amounts = new LinkedHashMap<>();
        question.fixed().forEach(part -> amounts.merge(part.material(), part.amount(), Double::sum));
        for (int s = 0; s < find.support().length; s++) {
            amounts.merge(
                    question.candidates().get(find.support()[s]).material(), (double) find.parts()[s], Double::sum);
        }
        final List<Recipe.Part> parts = amounts.entrySet().stream()
                .map(entry -> new Recipe.Part(entry.getKey(), entry.getValue()))
                .sorted(Comparator.comparingDouble(
                        (Recipe.Part part) -> question.fixed().isEmpty() ? -part.amount() : 0))
                .toList();
        final List<Recipe.Dose> doses = new ArrayList<>();
        dose(question.doses().lime(), find.doseSteps().lime(), doses);
        dose(question.doses().acidifier(), find.doseSteps().acidifier(), doses);
        dose(question.doses().feed(), find.doseSteps().feed(), doses);
        return new Recipe(Recipe.Measure.PARTS, parts, doses);
    }

    private static void dose(final Optional<Amendment> amendment, final int steps, final List<Recipe.Dose> doses) {
        if (steps > 0) {
            doses.add(new Recipe.Dose(amendment.orElseThrow(), Math.rint(steps * Dosing.STEP_G_PER_L * 100) / 100));
        }
    }

    /** A proposal with nothing said yet about what it gives up. */
    Proposal of(final FoundRecipe find, final Set<Respect> titles) {
        return of(find, titles, List.of());
    }

    /** The same with further doses that count for what is read off it, though they were not searched for. */
    Proposal of(final FoundRecipe find, final Set<Respect> titles, final List<Recipe.Dose> further) {
        final Recipe found = recipe(find);
        final List<Recipe.Dose> doses = new ArrayList<>(found.doses());
        doses.addAll(further);
        final Recipe recipe = new Recipe(found.measure(), found.parts(), doses);
        final CandidateReader reader = meter.reader();
        final int size = find.support().length;
        reader.load(find.support(), size);
        reader.press(find.support(), find.parts(), size);
        reader.read();
        reader.penalty(Double.POSITIVE_INFINITY);
        final Evaluation evaluation = Evaluator.evaluate(recipe, question.brief(), question.known());
        return new Proposal(
                titles,
                recipe,
                find.penalty(),
                Score.fit(find.penalty()),
                FindPhrases.summary(evaluation, question.targets()),
                List.of(),
                priced(recipe) ? OptionalDouble.of(reader.costPerLitre()) : OptionalDouble.empty(),
                reader.wetKgPerL(),
                reader.lifeYears(),
                MonteCarlo.chanceThatAllFits(
                        recipe, question.brief(), question.known(), question.targets(), DRAWS, SEED),
                recipe.parts().stream()
                        .map(Recipe.Part::material)
                        .filter(material -> question.candidates().stream()
                                .anyMatch(each -> each.material().equals(material) && !each.onShelf()))
                        .toList(),
                TradeOffs.mostLitres(meter, reader, find.support(), find.parts(), size),
                reasons(recipe),
                evaluation);
    }

    private boolean priced(final Recipe recipe) {
        return recipe.parts().stream()
                .allMatch(part -> question.candidates().stream()
                        .anyMatch(each -> each.material().equals(part.material())
                                && each.pricePerLitre().isPresent()));
    }

    /** What each part is there for: the target that suffers most without it, or else the reading that moves most. */
    private List<Proposal.Reason> reasons(final Recipe recipe) {
        if (recipe.parts().size() < 2) {
            return List.of();
        }
        final Map<Property, Double> now = figures(recipe);
        final List<Proposal.Reason> reasons = new ArrayList<>();
        for (int row = 0; row < recipe.parts().size(); row++) {
            final List<Recipe.Part> rest = new ArrayList<>(recipe.parts());
            final Material material = rest.remove(row).material();
            final Map<Property, Double> without = figures(new Recipe(Recipe.Measure.PARTS, rest, recipe.doses()));
            question.targets().stream()
                    .filter(target -> now.containsKey(target.property()))
                    .max(Comparator.comparingDouble(target -> matters(target, now, without)))
                    .ifPresent(target -> reasons.add(reason(material, target.property(), now, without)));
        }
        return List.copyOf(reasons);
    }

    private static double matters(
            final Target target, final Map<Property, Double> now, final Map<Property, Double> without) {
        final double a = Objects.requireNonNull(now.get(target.property()));
        final double b = Objects.requireNonNull(without.get(target.property()));
        return target.penalty(b) - target.penalty(a) + 0.02 * target.weight() * Math.abs(b - a) / target.scale();
    }

    private static Proposal.Reason reason(
            final Material material,
            final Property property,
            final Map<Property, Double> now,
            final Map<Property, Double> without) {
        return new Proposal.Reason(
                material,
                property,
                FindSentence.WITHOUT_IT.with(
                        property.brief(),
                        property.quantity(Objects.requireNonNull(now.get(property))),
                        property.quantity(Objects.requireNonNull(without.get(property)))));
    }

    private Map<Property, Double> figures(final Recipe recipe) {
        return new PottedMix(recipe, question.brief(), question.known()).values();
    }

    /** Whether every reading of a recipe is bearable. */
    boolean bearable(final FoundRecipe find) {
        return Score.bearable(question.targets(), figures(recipe(find)));
    }

    /** Whether what is in a recipe goes beyond what is bearable for the plant. */
    boolean unusual(final FoundRecipe find) {
        final Map<Property, Double> figures = figures(recipe(find));
        return question.targets().stream()
                .filter(target -> target.property() == Property.MAKE_UP)
                .anyMatch(target -> !target.bearable().contains(figures.getOrDefault(Property.MAKE_UP, 0.0)));
    }

    /** Spread of the readings of a blend. */
    Map<Property, Double> spread(final FoundRecipe find) {
        return Reading.spreads(new PottedMix(recipe(find), question.brief(), question.known()));
    }

    /** The proposals that differ, each with all its titles, with what it gives up against the first. */
    List<Proposal> distinct(
            final Map<Respect, FoundRecipe> found,
            final List<FoundRecipe> further,
            final int most,
            final int filledTo) {
        final Map<String, FoundRecipe> finds = new LinkedHashMap<>();
        final Map<String, Set<Respect>> titles = new LinkedHashMap<>();
        found.forEach((title, find) -> {
            final String key = FindPhrases.key(recipe(find));
            if (finds.containsKey(key) || finds.size() < most) {
                finds.putIfAbsent(key, find);
                titles.computeIfAbsent(key, any -> EnumSet.noneOf(Respect.class))
                        .add(title);
            }
        });
        for (final FoundRecipe find : further) {
            final String key = FindPhrases.key(recipe(find));
            if (!finds.containsKey(key) && finds.size() < filledTo) {
                finds.put(key, find);
                titles.put(key, EnumSet.noneOf(Respect.class));
            }
        }
        final List<Proposal> proposals = new ArrayList<>();
        finds.forEach((key, find) -> proposals.add(of(find, titles.getOrDefault(key, Set.of()))));
        return said(worthShowing(safest(proposals), filledTo));
    }

    /** Leaves out what another is at least as good as in everything, and what is the best of nothing once there are enough ideas. */
    @SuppressWarnings("ReferenceEquality")
    private static List<Proposal> worthShowing(final List<Proposal> proposals, final int enough) {
        final List<Proposal> worth = proposals.stream()
                .filter(each -> each == proposals.get(0)
                        || proposals.stream().noneMatch(other -> other != each && outdone(each, other)))
                .toList();
        final long titled =
                worth.stream().filter(each -> !each.titles().isEmpty()).count();
        return titled < enough
                ? worth
                : worth.stream().filter(each -> !each.titles().isEmpty()).toList();
    }

    private static boolean outdone(final Proposal one, final Proposal other) {
        return one.titles().isEmpty()
                && other.penalty() <= one.penalty()
                && other.recipe().parts().size() <= one.recipe().parts().size()
                && other.costPerLitre().orElse(0) <= one.costPerLitre().orElse(0)
                && other.wetKgPerL() <= one.wetKgPerL()
                && other.lifeYears() >= one.lifeYears()
                && other.chance() >= one.chance();
    }

    /** The most forgiving is the one that most draws by chance bear out. */
    private static List<Proposal> safest(final List<Proposal> proposals) {
        if (proposals.stream().noneMatch(each -> each.titles().contains(Respect.SAFEST))) {
            return proposals;
        }
        final double best =
                proposals.stream().mapToDouble(Proposal::chance).max().orElse(0);
        final List<Proposal> result = new ArrayList<>();
        boolean given = false;
        for (final Proposal each : proposals) {
            final Set<Respect> titles = EnumSet.noneOf(Respect.class);
            titles.addAll(each.titles());
            titles.remove(Respect.SAFEST);
            if (!given && each.chance() == best) {
                titles.add(Respect.SAFEST);
                given = true;
            }
            result.add(each.with(titles, each.givesUp()));
        }
        return result;
    }

    private static List<Proposal> said(final List<Proposal> proposals) {
        final List<Proposal> result = new ArrayList<>();
        for (final Proposal each : proposals) {
            result.add(result.isEmpty() ? each : each.with(each.titles(), FindPhrases.givesUp(proposals.get(0), each)));
        }
        return List.copyOf(result);
    }
}
