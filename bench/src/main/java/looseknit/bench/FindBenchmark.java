package looseknit.bench;

import java.util.concurrent.TimeUnit;
import looseknit.core.find.FindMixes;
import looseknit.core.find.Question;
import looseknit.core.find.SearchListener;
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

/** The search for the closest blend, from question to proof. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class FindBenchmark {

    @Param({"10", "15"})
    private int materials;

    /** Days between waterings: with nine something fits, with four nothing does. */
    @Param({"9", "4"})
    private int days;

    private Question question;

    /** Puts the question. */
    @Setup
    public void prepare() {
        question = FindTimes.question(materials, 12, days);
    }

    /** With bounds. Aim: under 200 ms for ten materials. */
    @Benchmark
    public double proved() {
        return FindMixes.measure(question, true, SearchListener.NOBODY).fit();
    }

    /** Every recipe read. */
    @Benchmark
    public double everyRecipe() {
        return FindMixes.measure(question, false, SearchListener.NOBODY).fit();
    }
}
