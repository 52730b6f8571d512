package looseknit.core.reading;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.assay.Beliefs;
import looseknit.core.bench.Evaluation;
import looseknit.core.bench.Evaluator;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Scoop;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MonteCarloTest {

    private static final int DRAWS = 3000;

    /** Readings whose quick interval should hold 80 % of the draws; pH where carbonates stop it, and years, are cut off and left out. */
    private static final List<Property> STRAIGHT = List.of(
            Property.AIR,
            Property.WATER,
            Property.EASY_WATER,
            Property.DRY_DAYS,
            Property.PH,
            Property.FOOD,
            Property.SALTS,
            Property.WEIGHT);

    @ParameterizedTest
    @CsvSource({
        "peat 3 perlite_med 1 bark_fine 1, 2, LEVEL",
        "peat 3 perlite_med 1 bark_fine 1, 0, HANDFUL",
        "orch_med 3 coir_pith 2 perlite_coarse 1 charcoal_fine 1, 0, HEAPED",
        "coir_pith 2 pumice_med 2 grit_3_6 1, 0, LEVEL"
    })
    void quickIntervalsHoldFourFifthsOfTheDraws(final String parts, final double limeGPerL, final Scoop scoop) {
        final Map<Property, MonteCarlo.Check> checks = MonteCarlo.check(
                        recipe(parts, dose("lime", limeGPerL)),
                        brief(),
                        new Knowledge(Beliefs.UNTESTED, "", scoop, MaterialBook.shipped()),
                        DRAWS,
                        20261123)
                .stream()
                .collect(Collectors.toMap(MonteCarlo.Check::property, Function.identity()));

        for (final Property quality : STRAIGHT) {
            assertThat(checks.get(quality).coverage()).as(quality.name()).isCloseTo(0.80, within(0.05));
        }
    }

    @Test
    void theSameSeedGivesTheSameDraws() {
        assertThat(MonteCarlo.check(recipe("peat 1 perlite_med 1"), Brief.OPEN, Knowledge.NOTHING, 200, 7))
                .isEqualTo(MonteCarlo.check(recipe("peat 1 perlite_med 1"), Brief.OPEN, Knowledge.NOTHING, 200, 7));
    }

    @Test
    void handfulsWidenAndNameThemselves() {
        final Evaluation level = Evaluator.evaluate(recipe("orch_med 2 peat 2"), brief());
        final Evaluation handfuls = Evaluator.evaluate(
                recipe("orch_med 2 peat 2"),
                brief(),
                new Knowledge(Beliefs.UNTESTED, "", Scoop.HANDFUL, MaterialBook.shipped()));

        assertThat(handfuls.readings().get(0).estimate().sd())
                .isGreaterThan(level.readings().get(0).estimate().sd());
        assertThat(handfuls.readings().get(0).explanation().causes())
                .anyMatch(cause -> said(cause.name()).equals("measuring by handfuls") && cause.share() > 0.02);
    }

    private static Brief brief() {
        return new Brief(
                PlantBook.shipped().plant("peace_lily"),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(14, PotWall.PLASTIC)),
                Optional.of(new Place("north window", 21, 50, Light.MEDIUM, Draught.STILL)),
                Optional.of(new Habit(6, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
    }
}
