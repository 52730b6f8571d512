package looseknit.bench;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import looseknit.core.bench.Evaluation;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.Reservoir;
import looseknit.core.dry.Season;
import looseknit.core.dry.Sun;
import looseknit.core.dry.TopDressing;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotTable;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.MonteCarlo;
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

/** How long a blend in a pot, the full answer, a season and the check by chance take, by number of materials. */
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
    private double[] amounts;
    private Column column;
    private PotTable table;
    private PotTable.Scratch scratch;
    private Season.Plan plan;
    private Season.Subject subject;

    /** Prepares a recipe, a brief and a season. */
    @Setup
    public void prepare() {
        final int[] parts = {4, 2, 2, 1, 1, 2, 1, 2, 1, 1, 1, 1};
        amounts = IntStream.range(0, materials).mapToDouble(i -> parts[i]).toArray();
        recipe = new Recipe(
                Recipe.Measure.PARTS,
                IntStream.range(0, materials)
                        .mapToObj(i -> new Recipe.Part(
                                MaterialBook.shipped()
                                        .material(MATERIALS.get(i))
                                        .orElseThrow(),
                                parts[i]))
                        .toList(),
                List.of());
        final Pot pot = Pot.ordinary(14, PotWall.PLASTIC);
        final Place place = new Place("cellar", 18, 75, Light.DIM, Draught.STILL);
        final Plant plant = PlantBook.shipped().plant("velvet_anthurium").orElseThrow();
        brief = new Brief(
                Optional.of(plant),
                Stage.ESTABLISHED,
                Optional.of(pot),
                Optional.of(place),
                Optional.of(new Habit(9, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
        final Mix mix = Mix.of(recipe);
        column = Column.in(pot, mix);
        table = new PotTable(mix.ingredients(), column, Column.Rule.QUICK);
        scratch = new PotTable.Scratch(table);
        plan = new Season.Plan(120, 9, 2, Season.Way.THOROUGHLY, 0, 0, Optional.of(new Sun(52, 80)), 1);
        subject = new Season.Subject(
                pot,
                Reservoir.of(mix, pot),
                place.weather(),
                brief.foliage().orElseThrow(),
                TopDressing.NONE,
                plant.needs().trigger());
    }

    /** A blend in a given pot: volume, pores, air, water at four suctions, weight, acidity. Aim: under 1 µs for five materials. */
    @Benchmark
    public double blendInPot() {
        table.read(amounts, scratch);
        return scratch.airFilledPorosity();
    }

    /** The air of the same blend by the formulas written down straight. */
    @Benchmark
    public double blendInPotNaively() {
        return NaiveReading.air(recipe, column.heightCm(), column.bottomOverTop());
    }

    /**
     * Every reading with spread and explanation, one step more and less of each material, remedies and cautions. Aim: under 200 µs
     * for five materials.
     */
    @Benchmark
    public Evaluation fullAnswer() {
        return Evaluator.evaluate(recipe, brief);
    }

    /** A season of 120 days. Aim: under 1 ms. */
    @Benchmark
    public Season season() {
        return Season.of(plan, subject);
    }

    /** Four thousand draws. */
    @Benchmark
    public List<MonteCarlo.Check> monteCarlo() {
        return MonteCarlo.check(recipe, brief, Knowledge.NOTHING, 4000, 1);
    }
}
