package looseknit.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import looseknit.core.find.Candidate;
import looseknit.core.find.FindMixes;
import looseknit.core.find.Limits;
import looseknit.core.find.Question;
import looseknit.core.find.SearchListener;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;

/** Whole runs of the search, beside plain enumeration and beside a mixed-integer solver, all in one run. */
final class FindTimes {

    /** A fit from which on a blend counts as good. */
    private static final double GOOD_PENALTY = 0.3;

    private static final List<String> IDS = Stream.of(
                    "peat coir_pith orch_fine orch_med orch_coarse pine_fines perlite_fine perlite_med perlite_coarse",
                    "pumice_fine pumice_med pumice_coarse grit_1_3 grit_3_6 sand_coarse leaf_mould compost castings",
                    "vermiculite akadama calc_clay leca zeolite sphagnum_lf lava_coarse scoria coir_chips coir_fibre",
                    "peat_coarse sand_fine gravel_fine pine_large rice_hull biochar loam tree_fern green_waste peat_fine",
                    "zeolite_coarse pebbles")
            .flatMap(line -> Stream.of(line.split(" ")))
            .filter(id -> MaterialBook.shipped()
                    .material(id)
                    .filter(Material::forRecipes)
                    .isPresent())
            .toList();

    private FindTimes() {}

    /** Runs all and prints a line for each. */
    public static void main(final String[] arguments) {
        System.out.println("warming up ...");
        run("warm-up", question(15, 12, 9), true);
        for (final double days : new double[] {9, 4}) {
            final String brief = days == 9 ? "a brief that something fits" : "a brief that nothing fits";
            run("15 materials, 12 parts, " + brief, question(15, 12, days), true);
            run("15 materials, 12 parts, every recipe read, " + brief, question(15, 12, days), false);
            run("25 materials, 12 parts, " + brief, question(25, 12, days), true);
            run("40 materials, 16 parts, " + brief, question(40, 16, days), true);
            MixedInteger.run(question(15, 12, days));
            MixedInteger.run(question(25, 12, days));
        }
    }

    private static void run(final String name, final Question question, final boolean bounding) {
        final long began = System.nanoTime();
        final AtomicLong good = new AtomicLong();
        final FindMixes.Measured measured = FindMixes.measure(question, bounding, new SearchListener() {
            @Override
            public boolean cancelled() {
                return false;
            }

            @Override
            public void progress(final Progress progress) {
                if (progress.bestPenalty() < GOOD_PENALTY) {
                    good.compareAndSet(0, System.nanoTime());
                }
            }
        });
        final double seconds = (System.nanoTime() - began) / 1e9;
        System.out.printf(
                "%s: %s after %.2f s; a good one told after %s; %,d recipes, %.2f %% read, %.1f million settled a second; fit %.2f%n",
                name,
                measured.proof().proved()
                        ? "proved"
                        : "not proved, gap %.1f points"
                                .formatted(measured.proof().gap()),
                seconds,
                good.get() == 0 ? "(none)" : "%.2f s".formatted((good.get() - began) / 1e9),
                measured.proof().total(),
                100.0 * measured.proof().read() / measured.proof().total(),
                measured.proof().total() / seconds / 1e6,
                measured.fit());
    }

    static Question question(final int materials, final int parts, final double days) {
        final Brief brief = new Brief(
                Optional.of(PlantBook.shipped().plant("velvet_anthurium").orElseThrow()),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(14, PotWall.PLASTIC)),
                Optional.of(new Place("cellar", 18, 75, Light.DIM, Draught.STILL)),
                Optional.of(new Habit(days, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
        return Question.of(brief, candidates(materials), new Limits(5, parts, OptionalDouble.empty(), 120_000));
    }

    /** The first so many materials of the list. */
    static List<Candidate> candidates(final int materials) {
        return IDS.subList(0, Math.min(materials, IDS.size())).stream()
                .map(id -> Candidate.of(MaterialBook.shipped().material(id).orElseThrow()))
                .toList();
    }

    /** The fit that the search would give a recipe. */
    static double fit(final Question question, final Map<Integer, Integer> parts) {
        return FindMixes.fit(question, parts);
    }
}
