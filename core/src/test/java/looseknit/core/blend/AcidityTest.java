package looseknit.core.blend;

import static looseknit.core.Materials.amendment;
import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import looseknit.core.material.Amendment;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AcidityTest {

    private static final double LONG = 2000;
    private static final Mix PEAT = Mix.of(recipe("peat 1"));
    private static final Mix HOUSEPLANT = Mix.of(recipe("peat 3 perlite_med 1 bark_fine 1"));

    /** Arithmetic from the molar mass of calcium carbonate, 100.087 g/mol, two equivalents. */
    @Test
    void aGramOfCarbonateNeutralisesTwentyMilliequivalents() {
        assertThat(2 * 1000 / 100.087).isCloseTo(Acidity.MEQ_PER_G_CARBONATE, within(0.005));
    }

    /** Common practice asks for 3 to 5 g/L of lime to bring peat to pH 5.5–6; no source. */
    @ParameterizedTest
    @CsvSource({"lime, 5, 5.98", "dolomite, 4, 5.60"})
    void peatLimedAsUsualReachesTheUsualRange(final String lime, final double gPerL, final double ph) {
        assertThat(limed(PEAT, lime, gPerL)).isCloseTo(ph, within(0.02)).isBetween(5.45, 6.05);
    }

    /** Known limit: the lower end of the rule, 3 g/L of garden lime, ends at 5.15 in the model, short of 5.5. */
    @Test
    void threeGramsOfGardenLimeFallShort() {
        assertThat(limed(PEAT, "lime", 3)).isCloseTo(5.15, within(0.02));
    }

    /** Worked through in a prototype: garden lime 4 g/L in three parts peat, one perlite, one fine bark. */
    @ParameterizedTest
    @CsvSource({"0, 4.13", "1, 4.50", "2, 4.81", "4, 5.29", "8, 5.87", "16, 6.30"})
    void limeWorksOverWeeks(final double weeks, final double ph) {
        assertThat(Acidity.of(HOUSEPLANT, List.of(dose("lime", 4)), 20).ph(weeks))
                .isCloseTo(ph, within(0.02));
    }

    @Test
    void warmthQuickensLime() {
        assertThat(Acidity.of(PEAT, List.of(dose("lime", 2)), 30).baseMeqPerL(4))
                .isCloseTo(Acidity.of(PEAT, List.of(dose("lime", 2)), 20).baseMeqPerL(8), within(1e-9));
    }

    /** Worked through in a prototype: sulfur 1 g/L on a mix at pH 5.7 with a buffer of 26.5 meq/L per pH. */
    @Test
    void sulfurAcidifies() {
        assertThat(new Acidity(5.7, 26.5, List.of(dose("sulfur", 1)), 20, Acidity.Drift.NONE).ph(LONG))
                .isCloseTo(3.8, within(0.1));
    }

    @ParameterizedTest
    @CsvSource({"0", "50", "-50", "1e6", "-1e6"})
    void staysOnTheScale(final double base) {
        assertThat(Acidity.moved(6, 5, 0, base, 7.6)).isBetween(0.0, 14.0);
    }

    private static double limed(final Mix mix, final String lime, final double gPerL) {
        return Acidity.of(mix, List.of(dose(lime, gPerL)), 20).ph(LONG);
    }

    /** Closed form with 3 meq/L and 0.5 % of carbon dioxide: 6.35 + log10(0.003 / (0.034 · 0.005)) = 7.60. */
    @Test
    void carbonatesStopByThemselves() {
        final Acidity heavy = Acidity.of(HOUSEPLANT, List.of(dose("lime", 30)), 20);

        assertThat(heavy.most()).isCloseTo(7.60, within(0.005));
        assertThat(heavy.phWhenDone()).isCloseTo(heavy.most(), within(1e-9));
        assertThat(Acidity.of(HOUSEPLANT, List.of(dose("hydrated_lime", 12)), 20)
                        .phWhenDone())
                .isGreaterThan(7.8);
    }

    @Test
    void sulfurAndLimeInOneMixUndoEachOther() {
        final Acidity both = Acidity.of(HOUSEPLANT, List.of(dose("lime", 4), dose("sulfur", 0.6)), 20);

        assertThat(both.phWhenDone())
                .isLessThan(limed(HOUSEPLANT, "lime", 4) - 0.4)
                .isGreaterThan(HOUSEPLANT.plainPh() - 0.1);
    }

    /** Worked in a prototype: 26 weeks of 0.6 L/L a week on the houseplant mix with 3 g/L of garden lime. */
    @ParameterizedTest
    @CsvSource({"3, 0, 7.4", "0.5, 0, 6.1"})
    void hardWaterLimesAndSoftWaterDoesNot(final double alkalinity, final double feedAcid, final double ph) {
        final Acidity watered = Acidity.of(HOUSEPLANT, List.of(dose("lime", 3)), 20)
                .with(new Acidity.Drift(alkalinity, 0.6, Acidity.Drift.USUAL_LEACHING, feedAcid));

        assertThat(watered.ph(26)).isCloseTo(ph, within(0.15));
    }

    @Test
    void acidFeedHoldsHardWaterDown() {
        final Acidity limed = Acidity.of(HOUSEPLANT, List.of(dose("lime", 3)), 20);

        assertThat(limed.with(new Acidity.Drift(3, 0.6, 0.2, 1)).ph(26))
                .isCloseTo(6.3, within(0.25))
                .isLessThan(limed.with(new Acidity.Drift(3, 0.6, 0.2, 0)).ph(26) - 0.5);
    }

    @Test
    void bacteriaSleepInTheCold() {
        final Acidity cold = Acidity.of(HOUSEPLANT, List.of(dose("sulfur", 1)), 8);

        assertThat(cold.ph(20)).isEqualTo(cold.plainPh());
        assertThat(Acidity.of(HOUSEPLANT, List.of(dose("sulfur", 1)), 22).ph(20))
                .isLessThan(cold.plainPh() - 0.3);
    }

    /** Weights of the sieve rule, from memory: a lime of which half passes 0.25 mm and the rest 0.85 mm counts three quarters. */
    @Test
    void finenessFollowsTheSieve() {
        assertThat(Amendment.finenessBySieve(0.5, 0.5, 0)).isCloseTo(0.75, within(1e-12));
        assertThat(Amendment.finenessBySieve(0, 0, 0)).isCloseTo(0.05, within(1e-12));
        assertThatThrownBy(() -> Amendment.finenessBySieve(0.6, 0.5, 0)).hasMessageContaining("sieve.sum");
        final Amendment coarse = amendment("lime").asBought(0.9, Amendment.finenessBySieve(0.2, 0.3, 0.3));
        assertThat(Acidity.of(PEAT, List.of(new Recipe.Dose(coarse, 5)), 20).phWhenDone())
                .isLessThan(limed(PEAT, "lime", 5));
    }
}
