package looseknit.core.proof;

import static looseknit.core.Materials.amendment;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import looseknit.core.blend.Mix;
import looseknit.core.measure.Band;
import looseknit.core.need.PlantBook;
import looseknit.core.pot.Column;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Classes and limits that growers and standards print, beside the tables and the model. All from memory. */
class TradeFiguresTest {

    /** Neutralising value of pure stuff from molar masses; what is sold is a few per cent weaker. */
    @ParameterizedTest
    @CsvSource({"lime, 1.000", "dolomite, 1.086", "hydrated_lime, 1.351", "quicklime, 1.785"})
    void whatIsSoldIsALittleWeakerThanThePureStuff(final String id, final double pure) {
        assertThat(amendment(id).neutralising()).isBetween(0.93 * pure, pure + 1e-9);
    }

    /** Johnson (1968) and Bunt (1988): air that groups of plants want, % by volume. */
    @ParameterizedTest
    @CsvSource({"bark_orchid, 20, 100", "gesneriad, 10, 26", "heavy_feeder, 5, 25", "palm, 2, 34"})
    void groupsWantTheAirThatTheClassesPrint(final String group, final double low, final double high) {
        final Band air = PlantBook.shipped().plants().stream()
                .filter(plant -> plant.group().id().equals(group))
                .findFirst()
                .orElseThrow()
                .needs()
                .air();

        assertThat(100 * air.low()).isGreaterThanOrEqualTo(low);
        assertThat(100 * air.high()).isLessThanOrEqualTo(high);
    }

    /** Recommended nursery media: TP 50–85, AS 10–30, CC 45–65 %, BD 0.19–0.70 kg/L (Bilderback et al. 2005). */
    @Test
    void barkWithALittleSandIsANurseryMedium() {
        final Mix mix = Mix.of(recipe("bark_comp 8 sand_coarse 1"));
        final Column column = Column.free(13.5, .75);

        assertThat(mix.totalPorosity()).isBetween(.50, .85);
        assertThat(column.airFilledPorosity(mix)).isBetween(.10, .31);
        assertThat(column.containerCapacity(mix)).isBetween(.45, .65);
        assertThat(mix.bulkDensityGPerL()).isBetween(190.0, 700.0);
    }

    /**
     * Capillary rise times grain size in gravel and sand (Atterberg): about 0.8 cm². The suction at a capillary break takes half of
     * it, by judgement.
     */
    @Test
    void theBreakTakesHalfOfTheCapillaryRise() {
        final double[][] riseAndEnds = {{2.5, .2, .5}, {6.5, .1, .2}, {13.5, .05, .1}, {24.6, .02, .05}};
        double sum = 0;
        for (final double[] each : riseAndEnds) {
            sum += each[0] * Math.sqrt(each[1] * each[2]);
        }

        assertThat(sum / riseAndEnds.length).isCloseTo(0.8, within(0.1));
        assertThat(looseknit.core.pot.Breaks.suctionCm(10, 4.3)).isCloseTo(0.4 / 0.43, within(1e-9));
    }

    /** AS 3743 asks for at least 13 % of air in a column of 12 cm (low confidence): a potting mix has it, loam has not. */
    @ParameterizedTest
    @CsvSource({"peat 3 perlite_med 1 bark_fine 1, true", "loam 1, false"})
    void leastAirOfThePottingMixStandard(final String parts, final boolean enough) {
        assertThat(Column.free(12, 1).airFilledPorosity(Mix.of(recipe(parts))) >= .13)
                .isEqualTo(enough);
    }
}
