package looseknit.core.batch;

import static looseknit.core.Materials.amendment;
import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import looseknit.core.assay.Beliefs;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class BinTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);
    private static final Recipe RECIPE = recipe("peat 3 perlite_med 1 bark_fine 1", dose("dolomite", 2));
    private static final List<String> MATERIALS = List.of("peat", "perlite_med", "bark_fine", "orch_med", "castings");

    private static Bin bin() {
        final Fill fill = new Fill(8, Pot.ordinary(16, PotWall.PLASTIC), 0);
        return Bin.of(BatchPlan.of(new BatchOrder(RECIPE, List.of(fill), 0, 0.5, 20, Map.of())), DAY);
    }

    private static double grams(final Bin bin) {
        return bin.given().stream().mapToDouble(Bin.Given::grams).sum();
    }

    @Test
    void aPlannedBatchIsWhatItWasPlannedToBe() {
        final Bin bin = bin();
        final Recipe is = bin.recipe().orElseThrow();

        assertThat(bin.litres()).isCloseTo(8 * Pot.ordinary(16, PotWall.PLASTIC).mixLitres(), within(1e-9));
        assertThat(is.doses())
                .singleElement()
                .satisfies(each -> assertThat(each.gPerL()).isCloseTo(2, within(1e-9)));
        assertThat(is.parts().get(0).amount() / is.sum()).isCloseTo(0.6, within(1e-12));
    }

    /** Whatever is done, every litre and gram that went in is either in one of the bins or was taken out. */
    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsLostAndNothingComesFromNowhere(final long seed) {
        final Random random = new Random(seed);
        Bin bin = bin();
        final List<Bin> others = new ArrayList<>();
        double loose = bin.looseSum();
        double grams = grams(bin);
        for (int step = 0; step < 30; step++) {
            switch (random.nextInt(4)) {
                case 0 -> {
                    final double litres = 0.25 + random.nextDouble();
                    bin = bin.with(material(MATERIALS.get(random.nextInt(MATERIALS.size()))), litres);
                    loose += litres;
                }
                case 1 -> {
                    final double more = 1 + random.nextDouble();
                    bin = bin.with(amendment("lime"), more, DAY.plusDays(step));
                    grams += more;
                }
                case 2 -> {
                    final double taken = random.nextDouble() * 0.3 * bin.litres();
                    others.add(bin.part(taken));
                    bin = bin.without(taken);
                }
                default -> {
                    if (!others.isEmpty()) {
                        bin = bin.with(others.remove(random.nextInt(others.size())));
                    }
                }
            }
            assertThat(bin.looseSum()
                            + others.stream().mapToDouble(Bin::looseSum).sum())
                    .as("seed %d, step %d", seed, step)
                    .isCloseTo(loose, within(1e-9));
            assertThat(grams(bin) + others.stream().mapToDouble(BinTest::grams).sum())
                    .isCloseTo(grams, within(1e-9));
        }
    }

    static List<Long> seeds() {
        return new Random(15).longs(40).boxed().toList();
    }

    @Test
    void whatIsTakenOutIsTheSameMix() {
        final Bin some = bin().part(3);

        assertThat(some.litres()).isCloseTo(3, within(1e-9));
        assertThat(some.recipe().orElseThrow().doses().get(0).gPerL()).isCloseTo(2, within(1e-9));
        assertThat(bin().without(bin().litres()).isEmpty()).isTrue();
    }

    @Test
    void noMoreCanBeTakenThanThereIs() {
        assertThatThrownBy(() -> bin().without(100)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> bin().part(-1)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> Bin.EMPTY.acidity(DAY, 20)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void aDoseIsAsOldAsItIs() {
        final Bin once = bin();
        final Acidity fresh =
                Acidity.of(Mix.of(RECIPE), once.recipe().orElseThrow().doses(), 20);
        final Bin twice = once.with(amendment("dolomite"), 10, DAY.plusWeeks(4));

        assertThat(once.acidity(DAY.plusWeeks(4), 20).ph(2)).isCloseTo(fresh.ph(6), within(1e-9));
        assertThat(twice.acidity(DAY.plusWeeks(4), 20).ph(0))
                .isCloseTo(once.acidity(DAY.plusWeeks(4), 20).ph(0), within(1e-9));
        assertThat(twice.acidity(DAY.plusWeeks(4), 20).ph(8))
                .isGreaterThan(once.acidity(DAY.plusWeeks(4), 20).ph(8));
        assertThat(twice.acidity(DAY, 20).ph(3)).isCloseTo(once.acidity(DAY, 20).ph(3), within(1e-9));
    }

    @Test
    void aDoseThatWentInTodayHasHadNoTimeToWork() {
        assertThat(Correction.stillWorking(bin(), DAY, 20))
                .hasValueSatisfying(each -> assertThat(each.today()).isTrue());
        assertThat(Correction.stillWorking(bin(), DAY.plusDays(10), 20)).hasValueSatisfying(each -> {
            assertThat(each.today()).isFalse();
            assertThat(each.until()).isEqualTo(DAY.plusDays(Correction.daysToWork(amendment("dolomite"), 20)));
        });
        assertThat(Correction.stillWorking(bin(), DAY.plusDays(100), 20)).isEmpty();
    }

    /** Two half-times at 20 °C, twice as fast ten degrees warmer. */
    @ParameterizedTest
    @CsvSource({"lime, 20, 56", "lime_flour, 20, 21", "hydrated_lime, 20, 4", "lime, 30, 28"})
    void aDoseTakesItsTime(final String id, final double celsius, final int days) {
        assertThat(Correction.daysToWork(amendment(id), celsius)).isEqualTo(days);
    }

    @Test
    void everyWayToMoreLimeGetsThereAndTheGentlestComesFirst() {
        final Bin bin = bin();
        final Recipe recipe = bin.recipe().orElseThrow();
        final LimePlan.Subject subject =
                new LimePlan.Subject(Mix.of(recipe), bin.acidity(DAY.plusWeeks(10), 20), Beliefs.UNTESTED, "");
        final double now = subject.corrected().ph(8);
        final List<Correction> ways = Correction.of(
                subject,
                List.of(amendment("lime"), amendment("dolomite"), amendment("sulfur"), amendment("gypsum")),
                new LimePlan.Goal(now + 0.5, 8, now + 1, bin.litres()),
                DAY.plusWeeks(10));

        assertThat(ways).extracting(way -> way.plan().amendment().id()).containsExactlyInAnyOrder("lime", "dolomite");
        assertThat(ways)
                .isSortedAccordingTo((a, b) ->
                        Double.compare(a.plan().overshootRisk(), b.plan().overshootRisk()))
                .allSatisfy(way -> {
                    assertThat(way.reads()).extracting(Correction.ReadsAt::days).containsExactly(1, 7, 28);
                    assertThat(way.reads().get(2).ph())
                            .isGreaterThan(way.reads().get(2).without());
                    assertThat(way.split()).isEqualTo(way.plan().risky());
                });
    }

    @Test
    void howLongItKeeps() {
        assertThat(Storage.of(RECIPE).weeks()).isEqualTo(52);
        assertThat(Storage.of(recipe("peat 3 castings 1")).weeks()).isEqualTo(12);
        assertThat(Storage.of(recipe("pumice_med 3 grit_3_6 1")).weeks()).isEqualTo(260);
        assertThat(Storage.of(recipe("peat 3", dose("granules", 3))).weeks()).isEqualTo(4);
        assertThat(Storage.of(RECIPE).advice()).hasSizeGreaterThan(2);
    }

    @Test
    void aBinOfAMaterialThatNobodyKnowsIsNothing() {
        assertThat(new Bin(Map.of(material("peat"), 0.0), List.of()).isEmpty()).isTrue();
        assertThat(Bin.EMPTY.recipe()).isEmpty();
        assertThat(Bin.EMPTY.part(0).litres()).isZero();
        final Material peat = material("peat");
        assertThatThrownBy(() -> Bin.EMPTY.with(peat, 0)).isInstanceOf(OutOfRangeException.class);
    }
}
