package looseknit.core.batch;

import static looseknit.core.Materials.amendment;
import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Finding;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.measure.Band;
import looseknit.core.measure.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimePlanTest {

    private static final Mix MIX = Mix.of(recipe("peat 3 perlite_med 1 bark_fine 1"));
    private static final Acidity PLAIN = Acidity.of(MIX, List.of(), 20);

    @ParameterizedTest
    @CsvSource({
        "lime, 5.8, 8",
        "dolomite, 5.5, 12",
        "lime_flour, 6.0, 3",
        "hydrated_lime, 6.2, 2",
        "oyster_shell, 5, 20"
    })
    void theDoseBringsTheMixThere(final String id, final double target, final double weeks) {
        final LimePlan plan = plan(id, target, weeks, target + 0.5);
        final double reached =
                Acidity.of(MIX, List.of(dose(id, plan.gPerL())), 20).ph(weeks);

        assertThat(reached).isCloseTo(target, within(1e-6));
        assertThat(plan.grams()).isCloseTo(40 * plan.gPerL(), within(1e-9));
        assertThat(plan.overshootRisk()).isBetween(0.0, 1.0);
        assertThat(plan.highest().value()).isGreaterThanOrEqualTo(target - 1e-9);
    }

    /** Common practice lifts a potting mix by about 0.7 with 1 to 2 g/L of lime and 0.4 to 0.6 g/L of hydrated lime; no source. */
    @ParameterizedTest
    @CsvSource({"lime, 1.0, 2.0", "hydrated_lime, 0.35, 0.65"})
    void fromFiveEightToSixFive(final String id, final double low, final double high) {
        final Acidity from = new Acidity(5.8, MIX.bufferMeqPerLPerPh(), List.of(), 20, Acidity.Drift.NONE);
        final LimePlan plan = LimePlan.of(
                new LimePlan.Subject(MIX, from, Beliefs.UNTESTED, ""),
                amendment(id),
                new LimePlan.Goal(6.5, 52, 7, 40));

        assertThat(plan.gPerL()).isBetween(low, high);
    }

    @Test
    void aSlowLimeInAHurryOvershootsLater() {
        final LimePlan hurried = plan("dolomite", 5.8, 2, 6.3);
        final LimePlan patient = plan("dolomite", 5.8, 30, 6.3);

        assertThat(hurried.gPerL()).isGreaterThan(2 * patient.gPerL());
        assertThat(hurried.overshootRisk()).isGreaterThan(0.7).isGreaterThan(patient.overshootRisk());
        assertThat(hurried.highestWeek()).isGreaterThan(4);
    }

    @Test
    void aTestedMixGetsTheDoseThatItNeeds() {
        final Beliefs tested = Beliefs.UNTESTED.after(Finding.ph(MIX.plainPh(), MIX.plainPh() + 0.8, 0.1), MIX, "sill");
        final LimePlan plan = LimePlan.of(
                new LimePlan.Subject(MIX, PLAIN, tested, "sill"),
                amendment("lime"),
                new LimePlan.Goal(5.8, 8, 6.3, 40));

        assertThat(plan.gPerL()).isLessThan(0.8 * plan("lime", 5.8, 8, 6.3).gPerL());
        assertThat(plan.atDate().sd())
                .isLessThan(plan("lime", 5.8, 8, 6.3).atDate().sd());
    }

    @Test
    void sulfurBringsAMixDown() {
        final Acidity sweet = new Acidity(6.8, 20, List.of(), 22, Acidity.Drift.NONE);
        final LimePlan plan = LimePlan.of(
                new LimePlan.Subject(MIX, sweet, Beliefs.UNTESTED, ""),
                amendment("sulfur"),
                new LimePlan.Goal(6.0, 20, 6.9, 10));

        assertThat(plan.gPerL()).isBetween(0.1, 0.6);
    }

    @ParameterizedTest
    @CsvSource({"lime, 3.5", "sulfur, 5.5", "gypsum, 5.5"})
    void theWrongMeansIsRefusedWithWhatCanBeReached(final String id, final double target) {
        assertThatThrownBy(() -> plan(id, target, 8, 7))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("goal.targetPh is " + target)
                .hasMessageContaining("can bring this mix in 8 weeks");
    }

    private static LimePlan plan(final String id, final double target, final double weeks, final double highest) {
        return LimePlan.of(
                new LimePlan.Subject(MIX, PLAIN, Beliefs.UNTESTED, ""),
                amendment(id),
                new LimePlan.Goal(target, weeks, highest, 40));
    }

    @Test
    void whatIsAskedForWhereNothingElseIs() {
        final LimePlan.Goal usual = LimePlan.goal(Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty(), 10);
        final LimePlan.Goal above =
                LimePlan.goal(Optional.of(new Band(4.8, 5.4)), OptionalDouble.of(6), OptionalDouble.of(3), 10);

        assertThat(usual).isEqualTo(new LimePlan.Goal(6, 8, 6.5, 10));
        assertThat(above).isEqualTo(new LimePlan.Goal(6, 3, 6, 10));
    }
}
