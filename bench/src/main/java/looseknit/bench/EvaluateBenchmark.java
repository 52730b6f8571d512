package looseknit.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Book;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Evaluation;
import looseknit.core.reading.Evaluator;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long a mix, its water in a pot, and a full evaluation take, by number of materials. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class EvaluateBenchmark {

    private static final List<String> MATERIALS = List.of(
            "orch_med",
            "coir_pith",
            "perlite_coarse",
            "charcoal_coarse",
            "castings",
            "pumice_med",
            "peat",
            "bark_fine",
            "grit_3_6",
            "leaf_mould",
            "vermiculite",
            "akadama");

    @Param({"5", "12"})
    private int materials;

    private Recipe recipe;
    private Brief brief;
    private Mix mix;
    private Column column;

    /** Prepares a recipe and a brief. */
    @Setup
    public void prepare() {
        final int[] amounts = {4, 2, 2, 1, 1, 2, 1, 2, 1, 1, 1, 1};
        final List<Recipe.Part> parts = Arrays.asList(new Recipe.Part[materials]);
        for (int i = 0; i < materials; i++) {
            parts.set(
                    i, new Recipe.Part(Book.shipped().material(MATERIALS.get(i)).orElseThrow(), amounts[i]));
        }
        final Pot pot = Pot.ordinary(14, PotWall.PLASTIC);
        recipe = new Recipe(Recipe.Measure.PARTS, parts, List.of());
        brief = new Brief(
                PlantBook.shipped().plant("velvet_anthurium"),
                Stage.ESTABLISHED,
                Optional.of(pot),
                Optional.of(new Place("cellar", 18, 75, Light.DIM, Draught.STILL)),
                Optional.of(new Habit(9, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
        mix = Mix.of(recipe);
        column = Column.in(pot, mix);
    }

    /** Packing and pores. */
    @Benchmark
    public Mix mix() {
        return Mix.of(recipe);
    }

    /** Container capacity in the pot, at 24 heights. */
    @Benchmark
    public double containerCapacity() {
        return column.containerCapacity(mix);
    }

    /** Every reading with explanation, one step more and less of each material, remedies and cautions. */
    @Benchmark
    public Evaluation fullEvaluation() {
        return Evaluator.evaluate(recipe, brief);
    }
}
