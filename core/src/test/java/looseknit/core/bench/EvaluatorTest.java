package looseknit.core.bench;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Finding;
import looseknit.core.blend.Mix;
import looseknit.core.blend.RandomRecipes;
import looseknit.core.blend.Recipe;
import looseknit.core.change.Change;
import looseknit.core.change.Remedy;
import looseknit.core.change.StepEffect;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.measure.Scoop;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Explanation;
import looseknit.core.reading.Gauge;
import looseknit.core.reading.Gauges;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.Reading;
import looseknit.core.reading.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class EvaluatorTest {

    private static final Place CELLAR = new Place("cistern cellar", 17, 75, Light.DIM, Draught.STILL);
    private static final Recipe TIGHT = recipe("peat 5 castings 1");

    @Test
    void readsEverythingUnderAFullBrief() {
        final Evaluation evaluation = Evaluator.evaluate(TIGHT, brief("velvet_anthurium", 14, 6));

        assertThat(evaluation.readings())
                .extracting(Reading::property)
                .containsExactlyInAnyOrderElementsOf(
                        Gauges.ALL.stream().map(Gauge::property).toList());
        assertThat(evaluation.readings()).isNotEmpty().allSatisfy(reading -> {
            assertThat(reading.low80()).isLessThanOrEqualTo(reading.estimate().value());
            assertThat(reading.high80())
                    .isGreaterThanOrEqualTo(reading.estimate().value());
            assertThat(said(reading.explanation().formula())).isNotBlank();
            assertThat(said(reading.explanation().reference())).isNotBlank();
            assertThat(reading.explanation().inputs().size()
                            + reading.explanation().steps().size()
                            + reading.explanation().contributions().size())
                    .isPositive();
        });
        assertThat(evaluation.fits()).isFalse();
        assertThat(said(reading(evaluation, Property.WATER).words())).isEqualTo("too wet");
        assertThat(said(reading(evaluation, Property.AIR).words())).isEqualTo("too little air");
        assertThat(evaluation.remedies()).isNotEmpty().hasSizeLessThanOrEqualTo(3);
    }

    @Test
    void openingTheMixMovesItFromTooWetToFits() {
        final Evaluation open = Evaluator.evaluate(
                recipe("orch_med 3 coir_pith 2 perlite_coarse 1 castings 1"), brief("velvet_anthurium", 14, 6));

        assertThat(said(reading(open, Property.WATER).words())).startsWith("fits");
    }

    @Test
    void withoutABriefItReadsWhatCanBeRead() {
        final Evaluation evaluation = Evaluator.evaluate(TIGHT, Brief.OPEN);

        assertThat(evaluation.readings())
                .extracting(Reading::property)
                .doesNotContain(Property.DRY_DAYS, Property.WEIGHT)
                .contains(Property.AIR, Property.WATER, Property.PH);
        assertThat(evaluation.readings()).isNotEmpty().allMatch(reading -> reading.verdict() == Verdict.NO_TARGET);
        assertThat(said(evaluation.headline())).contains("Name a plant");
        assertThat(evaluation.remedies()).isEmpty();
    }

    @Test
    void contributionsAddUpToTheReading() {
        final Evaluation evaluation = Evaluator.evaluate(
                recipe("orch_med 3 peat 2 grit_3_6 1", dose("granules", 2)), brief("cheese_plant", 18, 7));

        for (final Property quality :
                List.of(Property.AIR, Property.WATER, Property.EASY_WATER, Property.FOOD, Property.WEIGHT)) {
            final Reading reading = reading(evaluation, quality);
            assertThat(reading.explanation().contributions().stream()
                            .mapToDouble(Explanation.Contribution::value)
                            .sum())
                    .as(quality.name())
                    .isCloseTo(reading.estimate().value(), within(1e-6));
        }
    }

    @Test
    void oneMoreSaysWhatTheNextEvaluationSays() {
        final Evaluation now = Evaluator.evaluate(TIGHT, brief("peace_lily", 14, 6));
        final Evaluation then = Evaluator.evaluate(TIGHT.changed(0, 1), brief("peace_lily", 14, 6));
        final StepEffect more = now.oneMore().get(0);

        more.moves()
                .forEach((quality, change) -> assertThat(
                                reading(then, quality).estimate().value()
                                        - reading(now, quality).estimate().value())
                        .as(quality.name())
                        .isCloseTo(change, within(1e-9)));
        assertThat(now.oneLess()).hasSize(2);
    }

    @Test
    void aRemedyDoesWhatItSays() {
        final Evaluation before = Evaluator.evaluate(recipe("peat 4 orch_med 2"), brief("velvet_anthurium", 14, 6));
        final Remedy remedy = before.remedies().stream()
                .filter(each -> each.change() instanceof Change.Amount)
                .findFirst()
                .orElseThrow();
        final Evaluation after =
                Evaluator.evaluate(remedy.after().recipe(), remedy.after().brief());

        assertThat(Math.abs(miss(after))).isLessThan(Math.abs(miss(before)));
    }

    @Test
    void proposesLimeForAMixThatIsTooAcid() {
        final Brief rose = new Brief(
                PlantBook.shipped().plant("patio_rose"),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(20, PotWall.PLASTIC)),
                Optional.of(CELLAR),
                Optional.empty());
        final Evaluation evaluation = Evaluator.evaluate(recipe("peat 3 perlite_coarse 2 castings 0.5"), rose);
        final Recipe limed = recipe("peat 3 perlite_coarse 2 castings 0.5", dose("dolomite", 4));

        assertThat(said(reading(evaluation, Property.PH).words())).isEqualTo("too acid");
        assertThat(reading(Evaluator.evaluate(limed, rose), Property.PH)
                        .estimate()
                        .value())
                .isGreaterThan(reading(evaluation, Property.PH).estimate().value() + 0.8);
        assertThat(evaluation.remedies())
                .extracting(Remedy::change)
                .hasAtLeastOneElementOfType(Change.Dose.class)
                .filteredOn(Change.Dose.class::isInstance)
                .isNotEmpty()
                .allSatisfy(change ->
                        assertThat(((Change.Dose) change).amendment().id()).isEqualTo("dolomite"));
    }

    @Test
    void percentagesThatMissAHundredAreNoticed() {
        final Recipe recipe = new Recipe(
                Recipe.Measure.PERCENT,
                List.of(new Recipe.Part(material("peat"), 60), new Recipe.Part(material("perlite_med"), 35)),
                List.of());
        final Evaluation evaluation = Evaluator.evaluate(recipe, Brief.OPEN);

        assertThat(said(evaluation.notices())).anyMatch(notice -> notice.contains("95 %") && notice.contains("5 %"));
        assertThat(evaluation.shares()).containsExactly(0.6, 0.35);
        assertThat(evaluation.unnamedShare()).isCloseTo(0.05, within(1e-9));
    }

    /** Absurd but finite input gives numbers in range, or an error that names what is wrong. */
    @ParameterizedTest
    @MethodSource("seeds")
    void absurdInputGivesNumbersInRangeOrANamedError(final long seed) {
        final Random random = new Random(seed);
        try {
            final Recipe recipe = absurdRecipe(random, seed);
            final Brief brief = absurdBrief(random);
            final Knowledge known = new Knowledge(
                    Beliefs.UNTESTED.after(Finding.air(0.2, random.nextDouble(), 0.01), Mix.of(recipe), "absurd"),
                    random.nextBoolean() ? "absurd" : "",
                    Scoop.values()[random.nextInt(3)],
                    MaterialBook.shipped());

            final Evaluation evaluation = Evaluator.evaluate(recipe, brief, known);

            assertThat(reading(evaluation, Property.AIR).estimate().value()).isBetween(-1e-9, 0.99);
            assertThat(reading(evaluation, Property.WATER).estimate().value()).isBetween(0.0, 0.99);
            assertThat(reading(evaluation, Property.DRY_DAYS).estimate().value())
                    .isBetween(0.0, 120.0);
            assertThat(reading(evaluation, Property.PH).estimate().value()).isBetween(0.0, 14.0);
            assertThat(reading(evaluation, Property.LIFE).estimate().value()).isBetween(0.0, 10.0);
            assertThat(evaluation.readings()).isNotEmpty().allSatisfy(each -> {
                assertThat(each.estimate().sd()).isGreaterThanOrEqualTo(0).isFinite();
                assertThat(each.explanation().steps())
                        .allMatch(step -> Double.isFinite(step.quantity().value()));
                assertThat(each.explanation().causes()).allMatch(cause -> Double.isFinite(cause.sd()));
            });
            assertThat(evaluation.wetZoneCm()).isBetween(0.0, 200.0);
        } catch (final OutOfRangeException e) {
            assertThat(e.field()).as("seed %d", seed).isNotBlank();
            assertThat(said(e.allowed())).as("seed %d", seed).isNotBlank();
        }
    }

    private static Recipe absurdRecipe(final Random random, final long seed) {
        final Recipe plain = new RandomRecipes(seed).next(1, 39);
        return new Recipe(
                plain.measure(),
                plain.parts().stream()
                        .map(part -> new Recipe.Part(part.material(), Math.pow(10, 12 * random.nextDouble() - 8)))
                        .toList(),
                List.of(dose("lime", 100 * random.nextDouble()), dose("sulfur", 50 * random.nextDouble())));
    }

    private static Brief absurdBrief(final Random random) {
        final double height = 2 + random.nextDouble() * 198;
        final PotBase base = PotBase.values()[random.nextInt(4)];
        final Pot pot = new Pot(
                PotShape.values()[random.nextInt(2)],
                2 + random.nextDouble() * 198,
                1 + random.nextDouble() * 199,
                height,
                PotWall.values()[random.nextInt(3)],
                base,
                random.nextDouble() * Math.min(15, height),
                random.nextBoolean()
                        ? Optional.empty()
                        : Optional.of(new DrainageLayer(material("pebbles"), 0.1 + random.nextDouble() * height)));
        final Place place = new Place(
                "somewhere",
                -10 + random.nextDouble() * 60,
                5 + random.nextDouble() * 95,
                Light.values()[random.nextInt(4)],
                Draught.values()[random.nextInt(4)]);
        final List<Plant> plants = PlantBook.shipped().plants();
        return new Brief(
                Optional.of(plants.get(random.nextInt(plants.size()))),
                Stage.values()[random.nextInt(6)],
                Optional.of(pot),
                Optional.of(place),
                Optional.of(new Habit(
                        0.5 + random.nextDouble() * 119,
                        Habit.Amount.values()[random.nextInt(3)],
                        Habit.Hand.OFTEN_TOO_SOON,
                        Habit.Water.RAIN)));
    }

    @Test
    void notANumberNeverGetsIn() {
        assertThatThrownBy(() -> new Recipe.Part(material("peat"), Double.NaN))
                .hasMessageContaining("amount of Sphagnum peat is not a number");
        assertThatThrownBy(() -> dose("lime", Double.POSITIVE_INFINITY)).hasMessageContaining("∞");
        assertThatThrownBy(() -> new Place("x", Double.NaN, 50, Light.DIM, Draught.STILL))
                .hasMessageContaining("place.temperatureC is not a number");
    }

    @Test
    void testsMoveTheReadingsAndSaySo() {
        final Brief brief = brief("peace_lily", 14, 6);
        final Mix mix = Mix.of(TIGHT);
        final Beliefs beliefs = Beliefs.UNTESTED.after(Finding.air(0.15, 0.25, 0.02), mix, "porch");
        final Evaluation plain = Evaluator.evaluate(TIGHT, brief);
        final Evaluation tested =
                Evaluator.evaluate(TIGHT, brief, new Knowledge(beliefs, "porch", Scoop.LEVEL, MaterialBook.shipped()));

        assertThat(reading(tested, Property.AIR).estimate().value())
                .isGreaterThan(reading(plain, Property.AIR).estimate().value() + 0.05);
        assertThat(reading(tested, Property.AIR).estimate().sd())
                .isLessThan(reading(plain, Property.AIR).estimate().sd());
        assertThat(reading(tested, Property.AIR).explanation().steps())
                .anyMatch(step -> said(step.name()).equals("Corrected by tests")
                        && step.quantity().value() > 0.05);
    }

    @Test
    void causesAddUpToTheWhole() {
        final Evaluation evaluation = Evaluator.evaluate(
                recipe("orch_med 3 peat 2 grit_3_6 1", dose("lime", 2)), brief("cheese_plant", 18, 7));

        assertThat(evaluation.readings())
                .isNotEmpty()
                .allSatisfy(reading -> assertThat(reading.explanation().causes().stream()
                                .mapToDouble(Explanation.Cause::share)
                                .sum())
                        .isBetween(0.0, 1.0 + 1e-9));
        assertThat(said(reading(evaluation, Property.AIR)
                        .explanation()
                        .causes()
                        .get(0)
                        .name()))
                .isEqualTo("Orchid bark, medium");
    }

    @Test
    void fortyMaterialsAtOnce() {
        final List<Recipe.Part> parts = MaterialBook.shipped().materials().stream()
                .filter(Material::forRecipes)
                .limit(Recipe.MOST_PARTS)
                .map(each -> new Recipe.Part(each, 1))
                .toList();
        final Evaluation evaluation =
                Evaluator.evaluate(new Recipe(Recipe.Measure.PARTS, parts, List.of()), brief("fern", 20, 5));

        assertThat(evaluation.shares()).hasSize(parts.size());
    }

    static List<Long> seeds() {
        return new Random(7).longs(80).boxed().toList();
    }

    private static double miss(final Evaluation evaluation) {
        return evaluation.readings().stream()
                .filter(reading -> reading.target().isPresent())
                .mapToDouble(reading -> {
                    final var band = reading.target().orElseThrow().band();
                    final double scale = Double.isInfinite(band.width()) ? band.low() : band.width();
                    return Math.pow(band.miss(reading.estimate().value()) / scale, 2)
                            * reading.target().orElseThrow().weight();
                })
                .sum();
    }

    private static Reading reading(final Evaluation evaluation, final Property quality) {
        return evaluation.readings().stream()
                .filter(each -> each.property() == quality)
                .findFirst()
                .orElseThrow();
    }

    private static Brief brief(final String plant, final double potCm, final double everyDays) {
        return new Brief(
                PlantBook.shipped().plant(plant),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(potCm, PotWall.PLASTIC)),
                Optional.of(CELLAR),
                Optional.of(new Habit(everyDays, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
    }
}
