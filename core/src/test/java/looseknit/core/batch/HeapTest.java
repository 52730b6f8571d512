package looseknit.core.batch;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.LongStream;
import looseknit.core.batch.MixSheet.Step;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class HeapTest {

    private static final MaterialBook BOOK = MaterialBook.shipped();
    private static final Recipe RECIPE =
            recipe("orch_med 3 coir_pith 2 perlite_coarse 1 castings 1", dose("dolomite", 1.5));
    private static final double SCOOP = 0.5;

    private static MixSheet sheet(final double tubLitres) {
        final BatchOrder order = new BatchOrder(
                RECIPE, List.of(new Fill(8, Pot.ordinary(14, PotWall.PLASTIC), 0)), 0.05, SCOOP, tubLitres, Map.of());
        return MixSheet.of(BatchPlan.of(order), SCOOP);
    }

    private static Tap.Scooped scoop(final int load, final String material, final double scoops) {
        return new Tap.Scooped(UUID.randomUUID(), load, material, scoops, Optional.empty());
    }

    /** All that the sheet says, scoop by scoop. */
    private static List<Tap> all(final MixSheet sheet) {
        final List<Tap> taps = new ArrayList<>();
        for (final Step step : sheet.steps()) {
            if (step.amendment().isPresent()) {
                taps.add(new Tap.Weighed(UUID.randomUUID(), step.load(), step.thingId(), step.grams()));
            }
            for (double left = step.scoops(); left > 1e-9; left -= Math.min(1, left)) {
                taps.add(scoop(step.load(), step.thingId(), Math.min(1, left)));
            }
        }
        return taps;
    }

    /** Does what brings a heap back. */
    private static void putBack(final List<Tap> taps, final Heap heap) {
        heap.back()
                .forEach(back -> taps.add(
                        back.grams() > 0
                                ? new Tap.Weighed(UUID.randomUUID(), back.load(), back.thingId(), back.grams())
                                : scoop(back.load(), back.thingId(), back.scoops())));
    }

    @Test
    void theSheetGoesFromWhatIsWeighedOverTheDampBaseToChunks() {
        final MixSheet sheet = sheet(100);

        assertThat(sheet.loads()).isEqualTo(1);
        assertThat(sheet.steps()).extracting(Step::turn).isSorted();
        assertThat(sheet.steps())
                .extracting(Step::thingId)
                .containsExactly("dolomite", "coir_pith", "castings", "perlite_coarse", "orch_med");
        assertThat(sheet.steps())
                .filteredOn(step -> step.material().isPresent())
                .allSatisfy(step -> assertThat(step.scoops() * 4).isEqualTo(Math.rint(step.scoops() * 4)));
    }

    @ParameterizedTest
    @CsvSource({
        "sphagnum_lf, WET_BASE",
        "peat, WET_BASE",
        "castings, WET_BASE",
        "perlite_coarse, DUSTY",
        "vermiculite, DUSTY",
        "pumice_med, HEAVY",
        "sand_coarse, HEAVY",
        "orch_med, CHUNKS",
        "coir_chips, CHUNKS",
        "charcoal_coarse, CHUNKS",
        "leca, CHUNKS"
    })
    void whatGoesInWhen(final String material, final MixTurn turn) {
        assertThat(MixTurn.of(BOOK.material(material).orElseThrow())).isEqualTo(turn);
    }

    @Test
    void everyLoadIsTheSameAndTogetherTheyMakeTheBatch() {
        final MixSheet one = sheet(100);
        final MixSheet many = sheet(4);

        assertThat(many.loads()).isGreaterThan(2);
        for (int load = 1; load <= many.loads(); load++) {
            final int of = load;
            assertThat(many.steps().stream().filter(step -> step.load() == of).map(Step::scoops))
                    .containsExactlyElementsOf(many.steps().stream()
                            .filter(step -> step.load() == 1)
                            .map(Step::scoops)
                            .toList());
        }
        assertThat(many.steps().stream().mapToDouble(Step::grams).sum())
                .isCloseTo(one.steps().stream().mapToDouble(Step::grams).sum(), within(1e-9));
    }

    @Test
    void roundingIsSaidAndABetterScoopIsNamedWhereItHurts() {
        final BatchOrder small = new BatchOrder(
                RECIPE, List.of(new Fill(1, Pot.ordinary(10, PotWall.PLASTIC), 0)), 0.05, 2, 20, Map.of());
        final MixSheet rough = MixSheet.of(BatchPlan.of(small), 2);

        assertThat(rough.mostOff()).isGreaterThan(0.02);
        assertThat(rough.betterScoopLitres()).isPresent();
        assertThat(MixSheet.of(BatchPlan.of(small), rough.betterScoopLitres().getAsDouble())
                        .mostOff())
                .isLessThan(rough.mostOff() / 2);
        assertThat(sheet(100).betterScoopLitres()).isEmpty();
    }

    @Test
    void whenAllIsInTheHeapIsTheRecipeWithinTheRoundingThatIsShown() {
        final MixSheet sheet = sheet(4);
        final Heap heap = new Heap(sheet, all(sheet));
        final Recipe made = heap.recipe(BOOK).orElseThrow();

        assertThat(heap.next()).isEmpty();
        assertThat(heap.differs()).isFalse();
        assertThat(heap.back()).isEmpty();
        for (int i = 0; i < made.parts().size(); i++) {
            final Recipe.Part part = made.parts().get(i);
            final double wanted = RECIPE.parts().stream()
                    .filter(each -> each.material().equals(part.material()))
                    .mapToDouble(each -> each.amount() / RECIPE.sum())
                    .sum();
            assertThat(part.amount() / made.sum()).isCloseTo(wanted, within(sheet.mostOff() + 1e-9));
        }
        assertThat(made.doses().get(0).gPerL()).isCloseTo(1.5, within(0.1));
    }

    @Test
    void oneTooManyIsSaidWithWhatBringsItBack() {
        final MixSheet sheet = sheet(100);
        final List<Tap> taps = all(sheet);
        final double perlite = sheet.scoopsOf("perlite_coarse");
        taps.add(scoop(1, "perlite_coarse", perlite));
        final Heap heap = new Heap(sheet, taps);

        assertThat(heap.differs()).isTrue();
        assertThat(heap.back())
                .filteredOn(back -> back.thingId().equals("orch_med"))
                .singleElement()
                .satisfies(back -> assertThat(back.scoops()).isEqualTo(sheet.scoopsOf("orch_med")));
        assertThat(heap.back()).noneMatch(back -> back.thingId().equals("perlite_coarse"));
        putBack(taps, heap);
        assertThat(new Heap(sheet, taps).back()).isEmpty();
    }

    @Test
    void aSlipInAnEarlierLoadIsMendedThere() {
        final MixSheet sheet = sheet(4);
        final List<Tap> taps = all(sheet);
        taps.add(scoop(1, "perlite_coarse", sheet.scoopsOf("perlite_coarse")));
        final Heap slipped = new Heap(sheet, taps);

        assertThat(slipped.back())
                .isNotEmpty()
                .allSatisfy(back -> assertThat(back.load()).isEqualTo(1));
        putBack(taps, slipped);
        final Heap mended = new Heap(sheet, taps);
        assertThat(mended.back()).isEmpty();
        assertThat(mended.differs())
                .as("back at the shares and doses of the sheet")
                .isFalse();
        assertThat(mended.recipe(BOOK).orElseThrow().doses().get(0).gPerL()).isCloseTo(1.5, within(0.1));
    }

    @Test
    void slipsInTwoLoadsAreBothSaid() {
        final MixSheet sheet = sheet(4);
        final List<Tap> taps = all(sheet);
        taps.add(scoop(1, "perlite_coarse", sheet.scoopsOf("perlite_coarse")));
        taps.add(scoop(2, "coir_pith", sheet.scoopsOf("coir_pith")));

        assertThat(new Heap(sheet, taps).back()).extracting(Heap.Back::load).contains(1, 2);
    }

    @Test
    void aDoseThatNeverWentInMakesAnotherMix() {
        final MixSheet sheet = sheet(100);
        final List<Tap> taps = new ArrayList<>(all(sheet));
        taps.removeIf(Tap.Weighed.class::isInstance);
        assertThat(new Heap(sheet, taps).differs()).as("still to be weighed").isFalse();
        taps.add(new Tap.Stopped(UUID.randomUUID()));

        assertThat(new Heap(sheet, taps).differs()).isTrue();
    }

    @Test
    void whatRanOutIsNotAskedForAgainInAnyLoad() {
        final MixSheet sheet = sheet(4);
        final Heap heap = new Heap(sheet, List.of(new Tap.RanOut(UUID.randomUUID(), 1, "coir_pith")));

        assertThat(sheet.steps())
                .filteredOn(step -> step.thingId().equals("coir_pith"))
                .allMatch(heap::over);
        assertThat(heap.next()).map(Step::thingId).contains("dolomite");
    }

    @Test
    void whatWasUsedInsteadCountsForTheStepAndIsInTheRecipe() {
        final MixSheet sheet = sheet(100);
        final double wanted = sheet.scoopsOf("coir_pith");
        final Heap heap = new Heap(
                sheet, List.of(new Tap.Scooped(UUID.randomUUID(), 1, "peat", wanted, Optional.of("coir_pith"))));

        assertThat(heap.over(sheet.step(1, "coir_pith").orElseThrow())).isTrue();
        assertThat(heap.litres()).containsExactly(Map.entry("peat", wanted * SCOOP));
        assertThat(heap.differs()).isTrue();
    }

    @Test
    void stoppingMakesTheBatchWhatItIs() {
        final MixSheet sheet = sheet(100);
        final Heap heap = new Heap(sheet, List.of(scoop(1, "coir_pith", 2), new Tap.Stopped(UUID.randomUUID())));

        assertThat(heap.next()).isEmpty();
        assertThat(heap.recipe(BOOK).orElseThrow().parts())
                .extracting(part -> part.material().id())
                .containsExactly("coir_pith");
        assertThat(heap.madeLitres(BOOK)).isBetween(0.8 * SCOOP * 2, SCOOP * 2.0);
    }

    private static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    /** Any taps in any order, some sent twice, some taken back: what is in is what was told and not taken back. */
    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsLostOrCountedTwice(final long seed) {
        final Random random = new Random(seed);
        final MixSheet sheet = sheet(4 + random.nextInt(20));
        final List<Tap> taps = new ArrayList<>();
        double scoops = 0;
        double grams = 0;
        for (int i = 0; i < 40; i++) {
            final Step step = sheet.steps().get(random.nextInt(sheet.steps().size()));
            final Tap tap = step.amendment().isPresent()
                    ? new Tap.Weighed(new UUID(seed, i), step.load(), step.thingId(), step.grams())
                    : new Tap.Scooped(
                            new UUID(seed, i),
                            step.load(),
                            step.thingId(),
                            0.25 * (1 + random.nextInt(6)),
                            Optional.empty());
            taps.add(tap);
            if (random.nextInt(4) == 0) {
                taps.add(tap);
            }
            if (random.nextInt(4) == 0) {
                taps.add(new Tap.Undone(new UUID(~seed, i), tap.id()));
            } else if (tap instanceof Tap.Scooped scooped) {
                scoops += scooped.scoops();
            } else if (tap instanceof Tap.Weighed weighed) {
                grams += weighed.grams();
            }
        }
        final Heap heap = new Heap(sheet, taps);

        assertThat(heap.litres().values().stream().mapToDouble(each -> each).sum())
                .isCloseTo(scoops * SCOOP, within(1e-9));
        assertThat(heap.grams().values().stream().mapToDouble(each -> each).sum())
                .isCloseTo(grams, within(1e-9));
    }

    @Test
    void whatHasToBeDoneFirstBeginsWithHandsAndLungs() {
        final BatchOrder order = new BatchOrder(
                RECIPE, List.of(new Fill(8, Pot.ordinary(14, PotWall.PLASTIC), 0)), 0.05, SCOOP, 20, Map.of());
        final List<Preparation.Task> tasks = Preparation.of(BatchPlan.of(order), Optional.empty());

        assertThat(tasks).extracting(Preparation.Task::key).doesNotHaveDuplicates();
        assertThat(tasks.get(0).key()).startsWith("guard-");
        assertThat(tasks)
                .extracting(Preparation.Task::key)
                .contains("swell-coir_pith", "rinse-coir_pith", "prepare-orch_med")
                .endsWith("holes");
        assertThat(tasks)
                .filteredOn(task -> task.key().equals("swell-coir_pith"))
                .singleElement()
                .satisfies(task -> assertThat(task.minutes()).containsExactly(10, 40));
    }
}
