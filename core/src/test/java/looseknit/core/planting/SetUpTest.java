package looseknit.core.planting;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.dry.TopDressing;
import looseknit.core.message.Message;
import looseknit.core.planting.SetUp.Bed;
import looseknit.core.planting.SetUp.Holes;
import looseknit.core.planting.SetUp.Pole;
import looseknit.core.planting.SetUp.PoleKind;
import looseknit.core.planting.SetUp.RootBall;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SetUpTest {

    private static final Pot POT = Pot.ordinary(20, PotWall.PLASTIC);
    private static final Message NAME = TemplateSentence.RICH_MIX.with();

    private static SetUp with(
            final Holes holes,
            final List<Bed> beds,
            final Optional<RootBall> ball,
            final Optional<Pole> pole,
            final double dressingCm) {
        return new SetUp(
                PotForm.POT,
                true,
                holes,
                HoleCover.MESH,
                beds,
                ball,
                pole,
                0,
                dressingCm > 0 ? TopDressing.BARK : TopDressing.NONE,
                dressingCm,
                FeedPlace.NONE,
                0);
    }

    private static SetUp with(final RootBall ball) {
        return with(new Holes(4, 8), List.of(), Optional.of(ball), Optional.empty(), 0);
    }

    private static SetUp with(final Pole pole) {
        return with(new Holes(4, 8), List.of(), Optional.empty(), Optional.of(pole), 0);
    }

    private static SetUp with(final double bedCm) {
        return with(
                new Holes(4, 8),
                List.of(new Bed(NAME, recipe("pumice_coarse 1"), bedCm)),
                Optional.empty(),
                Optional.empty(),
                0);
    }

    @Test
    void aPoleIsNoWiderThanHalfThePot() {
        assertThat(with(new Pole(PoleKind.FILLED, 10, 80)).checkedIn(POT)).isNotNull();
        assertThatThrownBy(() -> with(new Pole(PoleKind.FILLED, 22, 80)).checkedIn(POT))
                .hasMessageContaining("at most 10 cm, so that roots have room beside it");
        assertThat(with(new Pole(PoleKind.TRELLIS, 20, 80)).checkedIn(POT)).isNotNull();
    }

    @Test
    void aBallGoesInOrIsRefused() {
        assertThat(with(new RootBall(12, 12, 0)).checkedIn(POT)).isNotNull();
        assertThatThrownBy(() -> with(new RootBall(12, 20, 0)).checkedIn(POT))
                .hasMessageContaining("at most 16.9 cm deep");
        assertThat(with(new RootBall(12, 20, 4)).checkedIn(POT)).isNotNull();
        assertThatThrownBy(() -> with(new RootBall(21, 5, 0)).checkedIn(POT)).hasMessageContaining("19.6 cm wide");
    }

    @Test
    void layersStayUnderTheSurface() {
        assertThat(with(16).checkedIn(POT).underMixCm(POT)).isEqualTo(16);
        assertThatThrownBy(() -> with(17.5).checkedIn(POT)).hasMessageContaining("at most 16.4 cm in all");
    }

    @Test
    void aPotThatDrainsHasAHole() {
        assertThatThrownBy(() -> with(new Holes(0, 8), List.of(), Optional.empty(), Optional.empty(), 0)
                        .checkedIn(POT))
                .hasMessageContaining("bog tub or the closed glass");
        assertThat(with(new Holes(0, 8), List.of(), Optional.empty(), Optional.empty(), 0)
                        .checkedIn(POT.with(PotBase.NO_HOLES)))
                .isNotNull();
        assertThatThrownBy(() -> new Holes(3, 0)).hasMessageContaining("holes.mm");
    }

    @Test
    void dressingStaysUnderTheRim() {
        assertThatThrownBy(() -> with(new Holes(4, 8), List.of(), Optional.empty(), Optional.empty(), 3)
                        .checkedIn(POT))
                .hasMessageContaining("the room under the rim");
    }

    /** A ball of a pot 12 cm wide, 9 cm below and 10 cm high: π/12 · 10 · (144 + 108 + 81) cm³, worked out by hand. */
    @Test
    void theBallTakesItsVolume() {
        assertThat(new RootBall(12, 10, 0).litres()).isCloseTo(0.87179, within(1e-5));
        assertThat(new RootBall(12, 10, 10).buriedLitres()).isZero();
        assertThat(with(new RootBall(12, 10, 0)).mixLitres(POT)).isCloseTo(POT.mixLitres() - 0.87179, within(1e-5));
    }

    @Test
    void aFilledPoleTakesMixOfItsOwn() {
        final double above = 100 - POT.fillCm();

        assertThat(with(new Pole(PoleKind.FILLED, 5, 100)).mixLitres(POT))
                .isCloseTo(POT.mixLitres() + Math.PI / 4 * 25 * above / 1000, within(1e-9));
        assertThat(with(new Pole(PoleKind.STAKE, 2, 100)).mixLitres(POT))
                .isCloseTo(POT.mixLitres() - Math.PI * POT.fillCm() / 1000, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(PotForm.class)
    void aVesselIsKnownByWidthOrVolume(final PotForm form) {
        final Pot byWidth = form.byWidth(18);
        final Pot byVolume = form.byVolume(byWidth.litresToRim());

        assertThat(byVolume.topCm()).isCloseTo(18, within(1e-6));
        assertThat(byWidth.measuredByWater(byWidth.litresToRim()).bottomCm())
                .isCloseTo(byWidth.bottomCm(), within(1e-6));
    }

    @Test
    void anOddPotIsMeasuredByWater() {
        final Pot odd = Pot.ordinary(18, PotWall.GLAZED).measuredByWater(3.1);

        assertThat(odd.litresToRim()).isCloseTo(3.1, within(1e-9));
        assertThat(odd.topCm()).isEqualTo(18);
        assertThatThrownBy(() -> Pot.ordinary(18, PotWall.GLAZED).measuredByWater(90))
                .hasMessageContaining("to the rim, for this mouth and height");
    }

    /** A box four times as long as wide holds four square ones and has two and a half times their rim. */
    @Test
    void aLongBoxIsSoManySquareOnes() {
        final Pot box = PotForm.LONG_BOX.byWidth(15);
        final Pot square =
                new Pot(box.shape(), 15, box.bottomCm(), box.heightCm(), box.wall(), box.base(), 0, Optional.empty());

        assertThat(box.mixLitres()).isCloseTo(4 * square.mixLitres(), within(1e-9));
        assertThat(box.surfaceM2()).isCloseTo(4 * square.surfaceM2(), within(1e-9));
        assertThat(box.wallM2()).isCloseTo(2.5 * square.wallM2(), within(1e-9));
    }
}
