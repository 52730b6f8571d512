package looseknit.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
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
    public static PotAndMix of(final Recipe recipe, final Brief brief, final Knowledge known) {
        final double leastAir = Figures.leastAir(brief);
        final Figures figures = new Figures(recipe, brief, known);
        final Map<Property, Double> now = figures.all(leastAir);
        if (!now.containsKey(Property.DRY_DAYS)) {
            throw new OutOfRangeException(
                    "brief", "without plant, pot or place", "a brief that names plant, pot and place");
        }
        final List<Column> columns = columns(figures, now.get(Property.DRY_DAYS), leastAir);
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

    private static Cell cell(final Map<Property, Double> figures, final List<Target> targets) {
        final double days = figures.get(Property.DRY_DAYS);
        final Verdict verdict = targets.stream()
                .filter(target -> target.quality() == Property.DRY_DAYS)
                .findFirst()
                .map(target -> Verdict.of(days, target.band()))
                .orElse(Verdict.NO_TARGET);
        final List<String> misses = targets.stream()
                .filter(target -> target.quality() != Property.DRY_DAYS
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

    private static List<Column> columns(final Figures figures, final double daysNow, final double leastAir) {
        final ToDoubleFunction<Recipe> days =
                recipe -> figures.with(recipe).all(leastAir).get(Property.DRY_DAYS);
        final Recipe recipe = figures.recipe();
        final double step = recipe.measure() == Recipe.Measure.PARTS ? 1 : 5;
        final List<Move> moves = IntStream.range(0, recipe.parts().size())
                .boxed()
                .flatMap(row -> DoubleStream.of(step, -step)
                        .filter(by -> possible(recipe, row, by))
                        .mapToObj(by -> new Move(row, by, days.applyAsDouble(recipe.changed(row, by)) - daysNow)))
                .filter(move -> Math.abs(move.days()) > WORTH_DAYS)
                .sorted(Comparator.comparingDouble(Move::days))
                .toList();
        final List<Column> columns = new ArrayList<>();
        columns.add(new Column("as it is", recipe, true));
        moves.stream().findFirst().filter(move -> move.days() < 0).ifPresent(move -> steps(recipe, move, columns));
        moves.stream()
                .reduce((first, last) -> last)
                .filter(move -> move.days() > 0)
                .ifPresent(move -> steps(recipe, move, columns));
        return columns.stream()
                .sorted(Comparator.comparingDouble(column -> days.applyAsDouble(column.recipe())))
                .toList();
    }

    /** A step of one material with the days by which it moves the drying. */
    private record Move(int row, double step, double days) {}

    private static boolean possible(final Recipe recipe, final int row, final double by) {
        return recipe.parts().get(row).amount() + by >= 0 && recipe.sum() + by > 0;
    }

    /** One step of a move, and as many more as there are. */
    private static void steps(final Recipe recipe, final Move move, final List<Column> columns) {
        for (int times = 1; times <= STEPS && possible(recipe, move.row(), times * move.step()); times++) {
            columns.add(column(recipe, move.row(), move.step(), times));
        }
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
