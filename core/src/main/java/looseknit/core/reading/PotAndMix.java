package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.Quality;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;

/**
 * How the wall of the pot and the mix stand in for each other: days to dry for every wall beside the mix as it is and mixes a few
 * steps drier and wetter.
 *
 * @param columns the mixes, from the one that dries soonest to the one that dries latest
 * @param rows the walls
 */
public record PotAndMix(List<Column> columns, List<Row> rows) {

    /** Steps to either side of the mix as it is. */
    private static final int STEPS = 2;

    /** Fewer days than this make no difference worth a column. */
    private static final double WORTH_DAYS = 0.1;

    /**
     * A mix.
     *
     * @param words what was done to the mix as it is
     * @param recipe its recipe
     * @param asIs whether it is the mix as it is
     */
    public record Column(String words, Recipe recipe, boolean asIs) {}

    /** A wall with its cells, in the order of the columns. */
    public record Row(PotWall wall, boolean asIs, List<Cell> cells) {}

    /**
     * A pot of this wall with this mix.
     *
     * @param days days from a watering to dry enough
     * @param verdict how that lies to the hand that waters
     * @param words the verdict in words
     * @param fits whether every target is met
     * @param misses other readings that miss, in words
     */
    public record Cell(double days, Verdict verdict, String words, boolean fits, List<String> misses) {}

    /**
     * Works the table out.
     *
     * @throws OutOfRangeException if the brief names no plant, pot or place, without which nothing dries
     */
    public static PotAndMix of(final Recipe recipe, final Brief brief, final Known known) {
        final double leastAir = Figures.leastAir(brief);
        final Figures figures = new Figures(recipe, brief, known);
        final Map<Quality, Double> now = figures.all(leastAir);
        if (!now.containsKey(Quality.DRY_DAYS)) {
            throw new OutOfRangeException(
                    "brief", "without plant, pot or place", "a brief that names plant, pot and place");
        }
        final List<Column> columns = columns(figures, now, leastAir);
        final Pot pot = brief.pot().orElseThrow();
        final List<Row> rows = Arrays.stream(PotWall.values())
                .map(wall -> {
                    final Brief there = brief.with(pot.with(wall));
                    final Figures inIt = figures.with(there);
                    final List<Target> targets = Targets.of(there);
                    return new Row(
                            wall,
                            wall == pot.wall(),
                            columns.stream()
                                    .map(column ->
                                            cell(inIt.with(column.recipe()).all(leastAir), targets))
                                    .toList());
                })
                .toList();
        return new PotAndMix(columns, rows);
    }

    private static Cell cell(final Map<Quality, Double> figures, final List<Target> targets) {
        final double days = figures.get(Quality.DRY_DAYS);
        final Verdict verdict = targets.stream()
                .filter(target -> target.quality() == Quality.DRY_DAYS)
                .findFirst()
                .map(target -> Verdict.of(days, target.band()))
                .orElse(Verdict.NO_TARGET);
        final List<String> misses = targets.stream()
                .filter(target -> target.quality() != Quality.DRY_DAYS
                        && figures.containsKey(target.quality())
                        && target.penalty(figures.get(target.quality())) > 0)
                .map(target ->
                        Phrases.verdict(target.quality(), Verdict.of(figures.get(target.quality()), target.band())))
                .toList();
        final String words = switch (verdict) {
            case TOO_HIGH -> "too wet";
            case TOO_LOW -> "too dry";
            case NO_TARGET -> "";
            default -> "right";
        };
        final boolean dries = verdict != Verdict.TOO_HIGH && verdict != Verdict.TOO_LOW;
        return new Cell(days, verdict, words, dries && misses.isEmpty(), misses);
    }

    private static List<Column> columns(final Figures figures, final Map<Quality, Double> now, final double leastAir) {
        final Column asIs = new Column("as it is", figures.recipe(), true);
        final List<Column> all = new ArrayList<>();
        all.addAll(stepping(figures, now, leastAir, -1));
        all.add(asIs);
        all.addAll(stepping(figures, now, leastAir, 1));
        final Map<Column, Double> days = new java.util.IdentityHashMap<>();
        all.forEach(column ->
                days.put(column, figures.with(column.recipe()).all(leastAir).get(Quality.DRY_DAYS)));
        return all.stream().sorted(Comparator.comparingDouble(days::get)).toList();
    }

    /** One and two steps of the change that moves the drying most in a direction, without throwing more out than it mends. */
    private static List<Column> stepping(
            final Figures figures, final Map<Quality, Double> now, final double leastAir, final int sign) {
        final Recipe recipe = figures.recipe();
        final double step = recipe.measure() == Recipe.Measure.PARTS ? 1 : 5;
        final Map<Quality, Double> was = new EnumMap<>(now);
        Optional<Column> best = Optional.empty();
        int bestRow = -1;
        double bestBy = WORTH_DAYS;
        double bestStep = 0;
        for (int row = 0; row < recipe.parts().size(); row++) {
            for (final double by : new double[] {step, -step}) {
                if (by < 0 && (recipe.parts().get(row).amount() < step || recipe.sum() <= step)) {
                    continue;
                }
                final double moved = sign
                        * (figures.with(recipe.changed(row, by)).all(leastAir).get(Quality.DRY_DAYS)
                                - was.get(Quality.DRY_DAYS));
                if (moved > bestBy) {
                    bestBy = moved;
                    bestRow = row;
                    bestStep = by;
                    best = Optional.of(column(recipe, row, by, 1));
                }
            }
        }
        final List<Column> columns = new ArrayList<>();
        best.ifPresent(columns::add);
        for (int times = 2; times <= STEPS && best.isPresent(); times++) {
            final double amount = recipe.parts().get(bestRow).amount() + times * bestStep;
            if (amount >= 0 && (amount > 0 || recipe.parts().size() > 1)) {
                columns.add(column(recipe, bestRow, bestStep, times));
            }
        }
        return columns;
    }

    private static Column column(final Recipe recipe, final int row, final double step, final int times) {
        final boolean parts = recipe.measure() == Recipe.Measure.PARTS;
        final String name = recipe.parts().get(row).material().name().toLowerCase(Locale.ROOT);
        final String amount =
                parts ? (times == 1 ? "one part" : "two parts") : "%.0f %%".formatted(Math.abs(step) * times);
        return new Column(
                "%s %s %s".formatted(amount, step > 0 ? "more" : "less", name),
                recipe.changed(row, times * step),
                false);
    }
}
