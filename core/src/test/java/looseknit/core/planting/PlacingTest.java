package looseknit.core.planting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.planting.Placing.Facing;
import looseknit.core.planting.Placing.Pattern;
import looseknit.core.planting.Placing.Spot;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PlacingTest {

    private static final Pot POT = Pot.ordinary(24, PotWall.CLAY);

    /**
     * Radius of a circle that holds so many equal circles of radius 1: the best packings known. Graham, R. L. et al. (1998), Dense packings of
     * congruent circles in a circle, Discrete Mathematics 181, and tables after it; values from memory.
     */
    @ParameterizedTest
    @CsvSource({
        "2, 2",
        "3, 2.1547",
        "4, 2.4142",
        "5, 2.7013",
        "6, 3",
        "7, 3",
        "8, 3.3048",
        "9, 3.6131",
        "10, 3.8130",
        "11, 3.9238",
        "12, 4.0296",
        "13, 4.2361",
        "14, 4.3284",
        "15, 4.5214",
        "16, 4.6154",
        "17, 4.7920",
        "18, 4.8637",
        "19, 4.8637",
        "20, 5.1223"
    })
    void theClosestPackingComesNearTheBestThatIsKnown(final int count, final double published) {
        final Placing placed = Placing.of(POT, count, 0.5, 0, Pattern.CLOSEST, Facing.INWARD);
        final double reach = placed.spots().stream()
                .mapToDouble(spot -> Math.hypot(spot.x(), spot.y()))
                .max()
                .orElseThrow();
        final double ratio = (reach + placed.apartCm() / 2) / (placed.apartCm() / 2);

        assertThat(ratio).isBetween(published - 0.0005, published * 1.01);
    }

    @Test
    void oneStandsInTheMiddle() {
        assertThat(Placing.of(POT, 1, 5, 1, Pattern.CLOSEST, Facing.INWARD).spots())
                .containsExactly(new Spot(0, 0, 90));
    }

    @Test
    void sevenAreOneInTheMiddleAndARing() {
        final Placing seven = Placing.of(POT, 7, 4, 1, Pattern.RINGS, Facing.INWARD);

        assertThat(seven.spots())
                .filteredOn(spot -> Math.hypot(spot.x(), spot.y()) < 1e-9)
                .hasSize(1);
        assertThat(seven.spots())
                .filteredOn(spot -> Math.hypot(spot.x(), spot.y()) > 1)
                .hasSize(6)
                .allSatisfy(spot -> assertThat(Math.cos(Math.toRadians(spot.facingDeg())) * spot.x()
                                + Math.sin(Math.toRadians(spot.facingDeg())) * spot.y())
                        .isNegative());
    }

    /** Whatever fits stands apart and within the wall; whatever does not is refused with how many would. */
    @ParameterizedTest
    @EnumSource(Pattern.class)
    void nothingOverlapsOrLeavesThePot(final Pattern pattern) {
        final Random random = new Random(4711);
        int placedOnes = 0;
        for (int i = 0; i < (pattern == Pattern.CLOSEST ? 40 : 120); i++) {
            final PotForm form = PotForm.values()[random.nextInt(PotForm.values().length)];
            final Pot pot = form.byWidth(8 + random.nextInt(40));
            final int count = 1 + random.nextInt(pattern == Pattern.CLOSEST ? 12 : 60);
            final double width = 1 + 5 * random.nextDouble();
            final double wall = 2 * random.nextDouble();
            try {
                final Placing placing = Placing.of(pot, count, width, wall, pattern, Facing.OUTWARD);
                placedOnes++;
                assertThat(placing.spots()).hasSize(count);
                assertThat(placing.fromWallCm()).isGreaterThanOrEqualTo(wall + width / 2 - 1e-6);
                if (count > 1) {
                    assertThat(placing.apartCm()).isGreaterThanOrEqualTo(width - 1e-6);
                }
            } catch (OutOfRangeException tooMany) {
                assertThat(count).isGreaterThan(Placing.mostIn(pot, width, wall, pattern));
            }
        }
        assertThat(placedOnes).isGreaterThan(12);
    }

    @Test
    void rowsStandInALongBox() {
        final Pot box = PotForm.LONG_BOX.byWidth(16);
        final Placing rows = Placing.of(box, 10, 6, 1, Pattern.ROWS, Facing.AHEAD);

        assertThat(rows.spots())
                .anySatisfy(spot -> assertThat(Math.abs(spot.x())).isGreaterThan(20));
        assertThat(rows.spots())
                .allSatisfy(spot -> assertThat(Math.abs(spot.y())).isLessThan(8));
    }

    @Test
    void whatCreepsStandsAtOneSideAndLooksAhead() {
        final Placing creeping = Placing.of(POT, 3, 4, 0.5, Pattern.ONE_SIDE, Facing.AHEAD);

        assertThat(creeping.spots()).allSatisfy(spot -> {
            assertThat(spot.x()).isNegative();
            assertThat(spot.facingDeg()).isZero();
        });
    }

    @Test
    void saysHowManyWouldFit() {
        final int most = Placing.mostIn(POT, 6, 0, Pattern.RINGS);

        assertThatThrownBy(() -> Placing.of(POT, most + 1, 6, 0, Pattern.RINGS, Facing.INWARD))
                .hasMessageContaining("at most " + most);
        assertThatThrownBy(() -> Placing.of(POT, 1, 40, 0, Pattern.RINGS, Facing.INWARD))
                .hasMessageContaining("not one fits");
    }

    @Test
    void crowdedIsWhatStandsCloserThanTold() {
        final Placing two = Placing.in(POT, List.of(new Spot(-2, 0, 0), new Spot(2, 0, 0)));

        assertThat(two.crowds(4, 1)).isFalse();
        assertThat(two.crowds(4.2, 1)).isTrue();
        assertThat(two.crowds(4, 9)).isTrue();
        assertThat(Placing.in(POT, List.of(new Spot(0, 0, 0))).crowds(8, 1)).isFalse();
        assertThat(Placing.Spacing.BULBS_APART.roomCm(3)).isEqualTo(6);
    }

    @Test
    void placesThatWereMovedAreMeasured() {
        final Placing moved = Placing.in(POT, List.of(new Spot(0, 0, 0), new Spot(3, 4, 0)));

        assertThat(moved.apartCm()).isCloseTo(5, within(1e-12));
        assertThat(moved.fromWallCm()).isCloseTo(POT.widthAtCm(POT.fillCm()) / 2 - 5, within(1e-12));
    }
}
