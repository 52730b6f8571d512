package looseknit.core.pot;

import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Mix;
import looseknit.core.measure.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StackTest {

    private static final Mix RICH = Mix.of(recipe("peat 3 perlite_med 1 bark_fine 1"));
    private static final Mix GRITTY = Mix.of(recipe("pumice_coarse 2 grit_3_6 1"));
    private static final Pot POT = Pot.ordinary(16, PotWall.PLASTIC);

    @Test
    void twoLayersOfOneMixAreOneMix() {
        final Stack stack = Stack.in(POT, List.of(new Layer(RICH, 6), new Layer(RICH, 1)));
        final Column whole = Column.in(POT, RICH);

        assertThat(stack.water()).isCloseTo(whole.containerCapacity(RICH), within(1e-5));
        assertThat(stack.litres()).isCloseTo(POT.mixLitres(), within(1e-9));
        assertThat(stack.levels()).noneMatch(Stack.Level::overBreak);
    }

    @Test
    void aRichLayerOverAGrittyOneDrainsOnlyToTheSeam() {
        final Stack stack = Stack.in(POT, List.of(new Layer(GRITTY, 6), new Layer(RICH, 1)));
        final Stack.Level upper = stack.levels().get(1);
        final Stack alone = Stack.in(POT, List.of(new Layer(RICH, 6), new Layer(RICH, 1)));

        assertThat(upper.overBreak()).isTrue();
        assertThat(upper.column().addedSuctionCm()).isLessThan(1.5);
        assertThat(upper.water()).isGreaterThan(alone.levels().get(1).water());
    }

    @Test
    void aGrittyLayerOverARichOneHangsInOneProfile() {
        final Stack stack = Stack.in(POT, List.of(new Layer(RICH, 6), new Layer(GRITTY, 1)));

        assertThat(stack.levels().get(1).overBreak()).isFalse();
        assertThat(stack.levels().get(1).column().addedSuctionCm()).isCloseTo(6, within(1e-9));
        assertThat(stack.levels().get(1).wetZoneCm()).isLessThan(0.001);
        assertThat(stack.air() + stack.water()).isBetween(GRITTY.totalPorosity(), RICH.totalPorosity());
    }

    @Test
    void freeWaterStandsThroughTheLayers() {
        final Pot bowl = new Pot(PotShape.ROUND, 16, 12, 15, PotWall.GLAZED, PotBase.NO_HOLES, 8, Optional.empty());
        final Stack stack = Stack.in(bowl, List.of(new Layer(GRITTY, 4), new Layer(RICH, 1)));

        assertThat(stack.levels().get(0).water()).isCloseTo(GRITTY.waterPorosity(), within(1e-9));
        assertThat(stack.levels().get(1).column().freeWaterCm()).isCloseTo(4, within(1e-9));
    }

    @Test
    void aDrainageLayerLiesUnderAll() {
        final Pot drained = new Pot(
                PotShape.ROUND,
                16,
                12,
                15,
                PotWall.PLASTIC,
                PotBase.ON_FEET,
                0,
                Optional.of(new DrainageLayer(material("pebbles"), 2)));
        final Stack stack = Stack.in(drained, List.of(new Layer(RICH, 1)));

        assertThat(stack.levels().get(0).fromCm()).isEqualTo(2);
        assertThat(stack.levels().get(0).overBreak()).isTrue();
        assertThat(stack.water()).isCloseTo(Column.in(drained, RICH).containerCapacity(RICH), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"14.5", "30"})
    void layersThatLeaveNoRoomAreRefused(final double depth) {
        assertThatThrownBy(() -> Stack.in(POT, List.of(new Layer(GRITTY, depth), new Layer(RICH, 1))))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("so that the topmost has room");
    }

    /** Worked in a prototype for three parts peat, one perlite, one fine bark in straight pots. */
    @ParameterizedTest
    @CsvSource({"15, 0, .631", "12, 0.286, .654", "12, 0, .662"})
    void theLayerUnderAHouseplantMixInAPrototype(final double height, final double suction, final double capacity) {
        assertThat(new Column(height, 1, suction, 0).containerCapacity(RICH)).isCloseTo(capacity, within(.0015));
    }

    /** Mass of the dry mixes and of the water that they hold, layer by layer. */
    @Test
    void weighsWhatItsLayersWeigh() {
        final Stack stack = Stack.in(POT, List.of(new Layer(GRITTY, 4), new Layer(RICH, 1)));
        double kg = 0;
        double litres = 0;
        for (final Stack.Level level : stack.levels()) {
            kg += level.litres()
                    * (level.mix().bulkDensityGPerL() / 1000 + level.column().containerCapacity(level.mix()));
            litres += level.litres();
        }

        assertThat(litres).isCloseTo(POT.mixLitres(), within(1e-9));
        assertThat(stack.wetKg()).isCloseTo(kg, within(1e-6));
    }
}
