package looseknit.core.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Verdict;

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
    public record Column(Message words, Recipe recipe, boolean asIs) {}

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
    public record Cell(double days, Verdict verdict, Message words, boolean fits, List<Message> misses) {}

    /**
     * Works the table out.
     *
     * @throws OutOfRangeException if the brief names no plant, pot or place, without which nothing dries
     */
    public static PotAndMix of(final Recipe recipe, final Brief brief, final Knowledge known) {
        final PottedMix mix = new PottedMix(recipe, brief, known);
        final Map<Property, Double> now = mix.values();
        if (!now.containsKey(Property.DRY_DAYS)) {
            throw new OutOfRangeException(
                    "brief", ChangeSentence.WITHOUT_POT.with(), ChangeSentence.PLANT_POT_PLACE.with());
        }
        final List<Column> columns = columns(mix, now.get(Property.DRY_DAYS));
        final Pot pot = brief.pot().orElseThrow();
        final List<Row> rows = Stream.concat(PotWall.ORDINARY.stream(), Stream.of(pot.wall()))
                .distinct()
                .map(wall -> {
                    final Brief there = new Change.Wall(wall).briefAfter(brief);
                    final PottedMix inIt = mix.with(there);
                    final List<Target> targets = Targets.of(there);
                    return new Row(
                            wall,
                            wall == pot.wall(),
                            columns.stream()
                                    .map(column ->
                                            cell(inIt.with(column.recipe()).values(), targets))
                                    .toList());
                })
                .toList();
        return new PotAndMix(columns, rows);
    }

    private static double value(final Target target, final Map<Property, Double> values) {
        return Objects.requireNonNull(values.get(target.property()));
    }

    private static Cell cell(final Map<Property, Double> values, final List<Target> targets) {
        final double days = Objects.requireNonNull(values.get(Property.DRY_DAYS));
        final Verdict verdict = targets.stream()
                .filter(target -> target.property() == Property.DRY_DAYS)
                .findFirst()
                .map(target -> Verdict.of(days, target))
                .orElse(Verdict.NO_TARGET);
        final List<Message> misses = targets.stream()
                .filter(target -> target.property() != Property.DRY_DAYS && values.containsKey(target.property()))
                .filter(target -> target.penalty(value(target, values)) > 0)
                .map(target -> Verdict.of(value(target, values), target).words(target.property()))
                .toList();
        final ChangeSentence words = switch (verdict) {
            case TOO_HIGH -> ChangeSentence.TOO_WET;
            case TOO_LOW -> ChangeSentence.TOO_DRY;
            case NO_TARGET -> ChangeSentence.NOTHING;
            default -> ChangeSentence.RIGHT;
        };
        final boolean dries = verdict != Verdict.TOO_HIGH && verdict != Verdict.TOO_LOW;
        return new Cell(days, verdict, words.with(), dries && misses.isEmpty(), misses);
    }

    private static List<Column> columns(final PottedMix mix, final double daysNow) {
        final ToDoubleFunction<Recipe> days =
                recipe -> mix.with(recipe).value(Property.DRY_DAYS).orElseThrow();
        final Recipe recipe = mix.recipe();
        final double step = StepEffect.whole(recipe);
        final List<Move> moves = IntStream.range(0, recipe.parts().size())
                .boxed()
                .flatMap(row -> DoubleStream.of(step, -step)
                        .filter(by -> possible(recipe, row, by))
                        .mapToObj(by -> new Move(row, by, days.applyAsDouble(recipe.changed(row, by)) - daysNow)))
                .filter(move -> Math.abs(move.days()) > WORTH_DAYS)
                .sorted(Comparator.comparingDouble(Move::days))
                .toList();
        final List<Column> columns = new ArrayList<>();
        columns.add(new Column(ChangeSentence.AS_IT_IS.with(), recipe, true));
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
        return new Column(
                ChangeSentence.COLUMN.with(Remedies.amount(recipe, step, times, row)),
                new Change.Amount(row, times * step).recipeAfter(recipe),
                false);
    }
}
