package looseknit.core.change;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.bench.Evaluation;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.BriefChanges;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Score;
import org.junit.jupiter.api.Test;

/** Pot and mix together, swaps, remedies that swap, and briefs that differ. */
class PotAndMixTest {

    private static final Brief BRIEF = new Brief(
            PlantBook.shipped().plant("peace_lily"),
            Stage.ESTABLISHED,
            Optional.of(Pot.ordinary(14, PotWall.PLASTIC)),
            Optional.of(new Place("cellar", 17, 65, Light.DIM, Draught.STILL)),
            Optional.of(new Habit(5, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));

    private static Recipe.Part part(final String id, final double amount) {
        return new Recipe.Part(MaterialBook.shipped().material(id).orElseThrow(), amount);
    }

    private static final Recipe WET = new Recipe(
            Recipe.Measure.PARTS, List.of(part("peat", 4), part("perlite_coarse", 1), part("orch_med", 1)), List.of());

    private static double days(final Recipe recipe, final Brief brief) {
        return Evaluator.evaluate(recipe, brief).readings().stream()
                .filter(each -> each.property() == Property.DRY_DAYS)
                .findFirst()
                .orElseThrow()
                .estimate()
                .value();
    }

    @Test
    void everyCellIsWhatTheBenchWouldRead() {
        final PotAndMix table = PotAndMix.of(WET, BRIEF, Knowledge.NOTHING);

        assertThat(table.rows())
                .extracting(PotAndMix.Row::wall)
                .containsExactly(PotWall.ORDINARY.toArray(PotWall[]::new));
        assertThat(table.columns()).hasSizeBetween(3, 5);
        assertThat(table.columns().stream().filter(PotAndMix.Column::asIs))
                .singleElement()
                .satisfies(column -> assertThat(column.recipe()).isEqualTo(WET));
        for (final PotAndMix.Row row : table.rows()) {
            for (int i = 0; i < row.cells().size(); i++) {
                final Brief there = BRIEF.with(BRIEF.pot().orElseThrow().with(row.wall()));
                final Evaluation read =
                        Evaluator.evaluate(table.columns().get(i).recipe(), there);
                assertThat(row.cells().get(i).days())
                        .isCloseTo(days(table.columns().get(i).recipe(), there), within(1e-9));
                assertThat(row.cells().get(i).fits()).isEqualTo(read.fits());
            }
            if (row.asIs()) {
                assertThat(row.cells()).isSortedAccordingTo((a, b) -> Double.compare(a.days(), b.days()));
            }
        }
    }

    @Test
    void nothingDriesWithoutAPlace() {
        assertThatThrownBy(() -> PotAndMix.of(WET, Brief.OPEN, Knowledge.NOTHING))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("plant, pot and place");
    }

    @Test
    void aSwapMovesAStepFromRowToRow() {
        final List<StepEffect> swaps = StepEffect.swaps(new PottedMix(WET, BRIEF, Knowledge.NOTHING), 0);

        assertThat(swaps).extracting(StepEffect::row).containsExactly(1, 2);
        final double was = days(WET, BRIEF);
        final double then = days(WET.changed(0, -1).changed(1, 1), BRIEF);
        assertThat(swaps.get(0).moves().get(Property.DRY_DAYS)).isCloseTo(then - was, within(1e-9));
        assertThatThrownBy(() -> StepEffect.swaps(new PottedMix(WET, BRIEF, Knowledge.NOTHING), 3))
                .isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void remediesKeepWhatTheyPromise() {
        final Evaluation before = Evaluator.evaluate(WET, BRIEF);

        assertThat(before.fits()).isFalse();
        assertThat(before.remedies()).isNotEmpty().hasSizeLessThanOrEqualTo(3);
        final Remedy swap = before.remedies().stream()
                .filter(each -> each.change() instanceof Change.Swap)
                .findFirst()
                .orElseThrow();
        final Recipe swapped = swap.change().recipeAfter(WET);
        assertThat(swapped.sum()).isEqualTo(WET.sum());
        assertThat(Score.penalty(before.targets(), figures(swapped)))
                .isLessThan(Score.penalty(before.targets(), figures(WET)));
        assertThat(said(swap.words())).contains("instead of").contains("→");
    }

    private static java.util.Map<Property, Double> figures(final Recipe recipe) {
        return new PottedMix(recipe, BRIEF, Knowledge.NOTHING).values();
    }

    @Test
    void whatMattersMostComesFirst() {
        final List<Double> weights = Evaluator.evaluate(WET, BRIEF).readings().stream()
                .map(each -> each.target().map(target -> target.weight()).orElse(0.0))
                .toList();

        assertThat(weights).isSortedAccordingTo((a, b) -> Double.compare(b, a));
    }

    @Test
    void briefsThatDifferSaySo() {
        final Brief other = BRIEF.with(BRIEF.pot().orElseThrow().with(PotWall.CLAY))
                .with(BRIEF.habit().orElseThrow().every(7));

        assertThat(said(BriefChanges.between(BRIEF, other)))
                .containsExactly(
                        "pot 14 cm plastic, %s → 14 cm unglazed clay, %s"
                                .formatted(
                                        said(BRIEF.pot().orElseThrow().base().words()),
                                        said(BRIEF.pot().orElseThrow().base().words())),
                        "watering thoroughly, every 5 days, rain → thoroughly, every 7 days, rain");
        assertThat(BriefChanges.between(Brief.OPEN, Brief.OPEN)).isEmpty();
        assertThat(said(BriefChanges.between(Brief.OPEN, BRIEF)))
                .hasSize(4)
                .first()
                .asString()
                .startsWith("for no plant →");
    }
}
