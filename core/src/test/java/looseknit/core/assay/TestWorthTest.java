package looseknit.core.assay;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.measure.Scoop;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TestWorthTest {

    private static final Recipe RECIPE = recipe("peat 3 perlite_med 1 coir_pith 1", dose("dolomite", 2));
    private static final Mix MIX = Mix.of(RECIPE);
    private static final Acidity ACIDITY = Acidity.of(MIX, RECIPE.doses(), 20);
    private static final String BLEND = "sill";
    private static final String HEAP = "sill, the bin by the stairs";

    private static Map<TestKind, TestWorth> worth(final Beliefs beliefs) {
        return TestWorth.of(beliefs, MIX, BLEND, HEAP, ACIDITY).stream()
                .collect(Collectors.toMap(TestWorth::kind, Function.identity()));
    }

    private static double share(final TestKind kind, final Property what) {
        return worth(Beliefs.UNTESTED).get(kind).narrows().stream()
                .filter(each -> each.what() == what)
                .mapToDouble(TestWorth.Narrowing::share)
                .findFirst()
                .orElse(0);
    }

    @Test
    void aDrainTestTellsMoreOfAirThanASqueezeAndASlurryMoreOfAcidityThanAProbe() {
        assertThat(share(TestKind.DRAINAGE, Property.AIR))
                .isGreaterThan(share(TestKind.PONDING, Property.AIR))
                .isGreaterThan(share(TestKind.SQUEEZE, Property.AIR));
        assertThat(share(TestKind.PH_SLURRY, Property.PH)).isGreaterThan(share(TestKind.PH_PROBE, Property.PH));
        assertThat(share(TestKind.WEIGHING, Property.DENSITY)).isPositive();
        assertThat(share(TestKind.SALTS, Property.SALTS)).isPositive();
        assertThat(worth(Beliefs.UNTESTED).get(TestKind.MOISTURE).narrows()).isEmpty();
    }

    /** What is promised before the test is what the test then does, whatever it shows. */
    @ParameterizedTest
    @CsvSource({"5.0", "5.6", "6.4"})
    void theNarrowingIsWhatWasPromised(final double reads) {
        final double promised = worth(Beliefs.UNTESTED).get(TestKind.PH_SLURRY).narrows().stream()
                .filter(each -> each.what() == Property.PH)
                .findFirst()
                .orElseThrow()
                .sdAfter();
        Beliefs after = Beliefs.UNTESTED;
        for (final Finding finding : new Assay.Ph(reads, Assay.Ph.Method.SLURRY, 0).findings(MIX, ACIDITY)) {
            after = after.after(finding, MIX, BLEND, HEAP);
        }

        assertThat(TestWorth.spreads(after, MIX, BLEND, HEAP, ACIDITY).get(Property.PH))
                .isCloseTo(promised, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(TestKind.class)
    void noTestMakesAnythingLessSure(final TestKind kind) {
        assertThat(worth(Beliefs.UNTESTED).get(kind).narrows())
                .allSatisfy(each -> assertThat(each.sdAfter()).isLessThanOrEqualTo(each.sdBefore()));
        assertThat(kind.minutes()).isPositive();
    }

    @Test
    void aFindingFarOffAsksWhatWentWrong() {
        final double predicted = ACIDITY.ph(0);
        final Surprise near = surprise(predicted + 0.3);
        final Surprise far = surprise(predicted + 2.5);

        assertThat(near.asks()).isFalse();
        assertThat(near.mayBe()).isEmpty();
        assertThat(far.deviations()).isGreaterThan(3);
        assertThat(far.mayBe()).contains(AssaySentence.MAYBE_TOO_EARLY.with());
    }

    private static Surprise surprise(final double reads) {
        return Surprise.of(
                new Assay.Ph(reads, Assay.Ph.Method.SLURRY, 0)
                        .findings(MIX, ACIDITY)
                        .get(0),
                Beliefs.UNTESTED,
                MIX,
                BLEND,
                HEAP);
    }

    /** A slurry thins the salts; published ranges for slurry and saturated paste differ by about so much (from memory). */
    @Test
    void saltsAreReadInTheWaterThatTheyAreReadIn() {
        final double predicted = Assay.Salts.predicted(MIX, ACIDITY);
        final double shown = Assay.Salts.Extract.SLURRY.shows(predicted);

        assertThat(new Assay.Salts(shown, Assay.Salts.Extract.SLURRY)
                        .findings(MIX, ACIDITY)
                        .get(0)
                        .measured())
                .isCloseTo(predicted, within(1e-9));
        assertThat(shown).isLessThan(predicted / 2);
        assertThatThrownBy(() -> new Assay.Salts(-1, Assay.Salts.Extract.SLURRY))
                .isInstanceOf(OutOfRangeException.class);
    }

    /** The reading of salts is corrected by a test, and never below nothing. */
    @Test
    void aSaltsTestCorrectsTheReading() {
        final double predicted = Assay.Salts.predicted(MIX, ACIDITY);
        final double high = corrected(predicted + 1);
        final double low = corrected(0);

        assertThat(high).isGreaterThan(predicted).isLessThan(predicted + 1);
        assertThat(low).isLessThan(predicted).isGreaterThanOrEqualTo(0);
    }

    private static double corrected(final double found) {
        final Beliefs after =
                Beliefs.UNTESTED.after(Finding.salts(Assay.Salts.predicted(MIX, ACIDITY), found, 0.05), MIX, BLEND);
        return Reading.estimate(
                        new PottedMix(
                                RECIPE, Brief.OPEN, new Knowledge(after, BLEND, Scoop.LEVEL, MaterialBook.shipped())),
                        Property.SALTS)
                .value();
    }

    /** What is read in a limed heap tells of its lime; the materials of other blends are hardly blamed for it. */
    @Test
    void aLimedHeapIsKnownByItsTestAndOtherHeapsAreNot() {
        final double predicted = ACIDITY.ph(8);
        Beliefs after = Beliefs.UNTESTED;
        for (final Finding finding : new Assay.Ph(predicted + 0.8, Assay.Ph.Method.SLURRY, 8).findings(MIX, ACIDITY)) {
            after = after.after(finding, MIX, BLEND, HEAP);
        }
        final double dosesSd = PhSpread.dosesSd(MIX, predicted, predicted - ACIDITY.plainPh());

        assertThat(after.phOfHeap(MIX, BLEND, HEAP, dosesSd).value()).isBetween(0.6, 0.8);
        assertThat(after.phOfHeap(MIX, BLEND, HEAP, dosesSd).sd()).isLessThan(0.2);
        assertThat(after.phOfHeap(MIX, BLEND, "another heap", dosesSd).value())
                .isLessThan(after.phOfHeap(MIX, BLEND, HEAP, dosesSd).value());
        assertThat(after.phOfHeap(MIX, BLEND, "another heap", dosesSd).sd()).isGreaterThan(0.3);
    }

    @ParameterizedTest
    @CsvSource({"0.05, DRY", "0.4, MOIST", "0.7, WET"})
    void howMoistAHeapIs(final double water, final Assay.Moisture.State state) {
        final Assay.Moisture moisture = new Assay.Moisture(water);

        assertThat(moisture.state(MIX)).isEqualTo(state);
        assertThat(moisture.findings(MIX, ACIDITY)).isEqualTo(List.of());
    }
}
