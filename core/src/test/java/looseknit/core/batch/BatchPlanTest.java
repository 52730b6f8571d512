package looseknit.core.batch;

import static looseknit.core.Materials.dose;
import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;

class BatchPlanTest {

    private static final Pot POT = Pot.ordinary(14, PotWall.PLASTIC);
    private static final Recipe RECIPE =
            recipe("orch_med 3 coir_pith 2 perlite_coarse 1 castings 1", dose("dolomite", 1.5));

    @Test
    void makesEnoughForThePotsAfterSettlingAndShrinking() {
        final BatchPlan plan = BatchPlan.of(order(RECIPE, new Fill(6, POT, 0.2)));

        assertThat(plan.settledLitres()).isCloseTo(6 * (POT.mixLitres() - 0.2), within(1e-9));
        assertThat(plan.litresToMake()).isCloseTo(1.05 * plan.settledLitres(), within(1e-9));
        assertThat(plan.looseLitres() * Mix.of(RECIPE).yield()).isCloseTo(plan.litresToMake(), within(1e-9));
        assertThat(plan.materials().stream().mapToDouble(BatchPlan.Line::litres).sum())
                .isCloseTo(plan.looseLitres(), within(1e-9));
        assertThat(plan.materials().get(0).litres() / plan.materials().get(2).litres())
                .isCloseTo(3, within(1e-9));
    }

    @Test
    void aHeapTakesExactlyWhatWasCounted() {
        final Recipe counted = recipe("coir_pith 3 perlite_coarse 2");
        final BatchPlan plan = BatchPlan.of(
                new BatchOrder(counted, List.of(), BatchOrder.Store.counted(counted, 7.5), 0, 0.5, 20, Map.of()));

        assertThat(plan.looseLitres()).isCloseTo(7.5, within(1e-9));
    }

    @Test
    void countsScoopsInQuartersAndWholePacks() {
        final BatchPlan plan = BatchPlan.of(order(RECIPE, new Fill(6, POT, 0)));

        assertThat(plan.materials()).allSatisfy(line -> {
            assertThat(line.scoops() * 4).isCloseTo(Math.rint(line.scoops() * 4), within(1e-9));
            assertThat(line.scoops()).isCloseTo(line.litres() / 0.5, within(0.126));
            assertThat(line.packs()).isEqualTo((int) Math.ceil(line.litres() / line.packLitres()));
        });
        assertThat(plan.doses().get(0).grams()).isCloseTo(1.5 * plan.litresToMake(), within(1e-9));
        assertThat(plan.doses().get(0).gramsPerLoad() * plan.loads())
                .isCloseTo(plan.doses().get(0).grams(), within(1e-9));
    }

    /** Common practice, no source: a 650 g brick of coir swells to about 8 to 9 litres in 3 to 4 litres of water. */
    @Test
    void swellsCoirBricks() {
        final BatchPlan.Brick brick = BatchPlan.of(order(RECIPE, new Fill(6, POT, 0)))
                .materials()
                .get(1)
                .brick()
                .orElseThrow();
        final double litres = BatchPlan.of(order(RECIPE, new Fill(6, POT, 0)))
                .materials()
                .get(1)
                .litres();

        assertThat(litres / brick.dryKg() * 0.65).isBetween(7.5, 9.5);
        assertThat(brick.waterLitres() / brick.dryKg() * 0.65).isBetween(3.0, 4.0);
    }

    @Test
    void costsOnlyWhatIsPriced() {
        final Fill fill = new Fill(2, POT, 0);
        final Map<String, Pack> some = Map.of("orch_med", new Pack(10, OptionalDouble.of(12)));
        final Map<String, Pack> all = Map.of(
                "orch_med", new Pack(10, OptionalDouble.of(12)),
                "coir_pith", new Pack(9, OptionalDouble.of(4.5)),
                "perlite_coarse", new Pack(20, OptionalDouble.of(9)),
                "castings", new Pack(8, OptionalDouble.of(8)));

        assertThat(BatchPlan.of(new BatchOrder(RECIPE, List.of(fill), 0, 0.5, 20, some))
                        .cost())
                .isEmpty();
        final BatchPlan plan = BatchPlan.of(new BatchOrder(RECIPE, List.of(fill), 0, 0.5, 20, all));
        assertThat(plan.toPay()).hasValue(12 + 4.5 + 9 + 8);
        assertThat(plan.cost().orElseThrow())
                .isCloseTo(
                        plan.materials().get(0).litres() * 1.2
                                + plan.materials().get(1).litres() * 0.5
                                + plan.materials().get(2).litres() * 0.45
                                + plan.materials().get(3).litres(),
                        within(1e-9));
    }

    @Test
    void mixesInEqualLoadsThatFitTheTub() {
        final BatchPlan plan =
                BatchPlan.of(new BatchOrder(RECIPE, List.of(new Fill(40, POT, 0)), 0, 0.5, 12, Map.of()));

        assertThat(plan.loads()).isEqualTo((int) Math.ceil(plan.looseLitres() / 12));
    }

    @Test
    void countsTheLayerUnderTheMix() {
        final Pot layered = new Pot(
                PotShape.ROUND,
                14,
                10.5,
                13,
                PotWall.CLAY,
                PotBase.ON_FEET,
                0,
                Optional.of(new DrainageLayer(material("pebbles"), 2)));
        final BatchPlan plan = BatchPlan.of(order(RECIPE, new Fill(3, layered, 0)));

        assertThat(plan.layers()).singleElement().satisfies(line -> {
            assertThat(line.material()).isEqualTo(material("pebbles"));
            assertThat(line.litres()).isCloseTo(3 * layered.layerLitres(), within(1e-9));
        });
    }

    @Test
    void refusesARootBallThatDoesNotFit() {
        assertThatThrownBy(() -> new Fill(1, POT, 3))
                .hasMessageContaining("rootBallLitres is 3; allowed: less than the");
        assertThatThrownBy(() -> new Fill(0, POT, 0)).hasMessage("count is 0; allowed: 1 to 10000 pots");
        assertThatThrownBy(() -> new BatchOrder(RECIPE, List.of(), 0, 0.5, 20, Map.of()))
                .hasMessageContaining("at least one kind of pot");
    }

    private static BatchOrder order(final Recipe recipe, final Fill fill) {
        return new BatchOrder(recipe, List.of(fill), BatchOrder.USUAL_RESERVE, 0.5, 20, Map.of());
    }
}
