package looseknit.core.assay;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AssayTest {

    private static final Mix MIX = Mix.of(recipe("peat 3 perlite_med 1 bark_fine 1"));
    private static final Acidity LIMED = Acidity.of(MIX, List.of(dose("lime", 4)), 20);

    /** Worked by hand: 1 L takes up 0.8 L beside 0.05 L that it had, and lets 0.2 L go. */
    @Test
    void drainageGivesPoresAndAir() {
        final List<Finding> found = new Assay.Drainage(1, 12, 0.8, 0.2, 0.05).findings(MIX, LIMED);

        assertThat(found).extracting(Finding::what).containsExactly(Property.POROSITY, Property.AIR);
        assertThat(found.get(0).measured()).isCloseTo(0.85, within(1e-12));
        assertThat(found.get(1).measured()).isCloseTo(0.20, within(1e-12));
        assertThat(found.get(0).predicted()).isCloseTo(MIX.totalPorosity(), within(1e-12));
    }

    /** Worked by hand: 2 L weigh 1.5 kg wet and 0.3 kg dry. */
    @Test
    void weighingGivesDensityAndWater() {
        final List<Finding> found = new Assay.Weighing(2, 12, 1500, 300).findings(MIX, LIMED);

        assertThat(found.get(0).measured()).isCloseTo(150, within(1e-12));
        assertThat(found.get(1).measured()).isCloseTo(0.6, within(1e-12));
    }

    /** A meter in calcium chloride reads half a unit lower; lime counts by how far it has worked. */
    @Test
    void phIsComparedWithWhatTheLimeHasDoneSoFar() {
        final Finding early = new Assay.Ph(4.4, Assay.Ph.Method.SLURRY, 1)
                .findings(MIX, LIMED)
                .get(0);
        final Finding salt = new Assay.Ph(4.4, Assay.Ph.Method.CALCIUM_CHLORIDE, 8)
                .findings(MIX, LIMED)
                .get(0);

        assertThat(early.predicted()).isCloseTo(LIMED.ph(1), within(1e-12));
        assertThat(early.measured()).isEqualTo(4.4);
        assertThat(salt.measured()).isCloseTo(4.9, within(1e-12));
        assertThat(salt.predicted()).isGreaterThan(early.predicted() + 1);
    }

    @Test
    void aSqueezeNarrowsOnlyALittle() {
        final Finding finding = new Assay.Squeeze(Assay.Squeeze.Shows.HOLDS_SHAPE)
                .findings(MIX, LIMED)
                .get(0);
        final double before = Beliefs.UNTESTED.waterCorrection(MIX, "a").sd();
        final double after = Beliefs.UNTESTED
                .after(finding, MIX, "a")
                .waterCorrection(MIX, "a")
                .sd();

        assertThat(after).isBetween(0.8 * before, before);
    }

    /** Worked from K = 15 a³: a mix with a tenth of air at 10 cm lets 0.015 cm/s through, 67 s for each centimetre. */
    @ParameterizedTest
    @CsvSource({
        "peat 1, 0.29",
        "bark_comp 1, 0.95",
        "sand_coarse 1, 0.065",
        "loam 1, 0.011",
        "peat 3 perlite_med 1 bark_fine 1, 0.46"
    })
    void waterSinksAsInTheWorkedTable(final String parts, final double cmPerS) {
        assertThat(Seepage.of(Mix.of(recipe(parts))).conductivityCmPerS())
                .isCloseTo(cmPerS, within(0.03 * cmPerS + 0.001));
    }

    @Test
    void pondingIsTheInverseOfSeepage() {
        final Seepage seepage = Seepage.of(MIX);
        final Finding finding = new Assay.Ponding(2, 2 * seepage.secondsPerCm())
                .findings(MIX, LIMED)
                .get(0);

        assertThat(finding.measured()).isCloseTo(MIX.totalPorosity() - MIX.waterAt(10), within(1e-9));
        assertThat(seepage.speed()).isEqualTo(Seepage.Speed.GOOD);
    }

    @Test
    void impossibleTestsAreNamed() {
        assertThatThrownBy(() -> new Assay.Drainage(1, 12, 1, 0.2, 0.5))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("at most 0.49 L");
        assertThatThrownBy(() -> new Assay.Drainage(1, 12, 0.5, 0.8, 0))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("test.drainedL");
        assertThatThrownBy(() -> new Assay.Weighing(1, 12, 200, 300))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("test.wetG");
        assertThatThrownBy(() -> new Assay.Ph(Double.NaN, Assay.Ph.Method.PROBE, 0))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("test.reading is not a number");
    }
}
