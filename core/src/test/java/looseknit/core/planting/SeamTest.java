package looseknit.core.planting;

import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.dry.TopDressing;
import looseknit.core.material.MaterialBook;
import looseknit.core.planting.SetUp.Bed;
import looseknit.core.planting.SetUp.Holes;
import looseknit.core.planting.SetUp.RootBall;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SeamTest {

    private static final Pot POT = Pot.ordinary(20, PotWall.CLAY)
            .over(Optional.of(new DrainageLayer(material("pebbles"), 2)))
            .filledTo(0.85);

    private static SetUp layered(final double lowerCm, final double upperCm, final double dressingCm) {
        return new SetUp(
                PotForm.POT,
                false,
                new Holes(4, 8),
                HoleCover.MESH,
                List.of(
                        new Bed(TemplateSentence.RICH_MIX.with(), recipe("pumice_coarse 1"), lowerCm),
                        new Bed(TemplateSentence.RICH_MIX.with(), recipe("peat 1"), upperCm)),
                Optional.of(new RootBall(9, 8, 0)),
                Optional.empty(),
                0,
                TopDressing.BARK,
                dressingCm,
                FeedPlace.NONE,
                0);
    }

    private static Seam seam(final Pot pot, final SetUp setUp, final Seam.Part part, final int bed) {
        return Seam.of(pot, setUp).stream()
                .filter(each -> each.part() == part && each.bed() == bed)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void liesWhereItsLayersEnd() {
        final SetUp setUp = layered(3, 1.5, 1);

        assertThat(Seam.of(POT, setUp))
                .extracting(Seam::part)
                .containsExactly(
                        Seam.Part.LAYER,
                        Seam.Part.BED,
                        Seam.Part.BED,
                        Seam.Part.SURFACE,
                        Seam.Part.DRESSING,
                        Seam.Part.BALL);
        assertThat(seam(POT, setUp, Seam.Part.BED, 1).atCm()).isCloseTo(6.5, within(1e-12));
        assertThat(seam(POT, setUp, Seam.Part.BED, 1).valueCm()).isEqualTo(1.5);
        assertThat(seam(POT, setUp, Seam.Part.BALL, 0).atCm()).isCloseTo(POT.fillCm() - 8, within(1e-12));
    }

    /** However far a layer is drawn within what it says, all still goes into the pot. */
    @Test
    void whatItAllowsGoesIn() {
        final SetUp setUp = layered(3, 1.5, 1);
        for (final int bed : new int[] {0, 1}) {
            final Seam seam = seam(POT, setUp, Seam.Part.BED, bed);
            for (final double at : new double[] {seam.lowCm(), seam.highCm()}) {
                final double deep = seam.valueCm() + at - seam.atCm();
                final SetUp moved = bed == 0 ? layered(deep, 1.5, 1) : layered(3, deep, 1);
                assertThat(moved.underMixCm(POT)).isLessThanOrEqualTo(POT.fillCm() - 1 + 1e-9);
                new SetUp(
                                moved.form(),
                                false,
                                moved.holes(),
                                moved.cover(),
                                moved.beds(),
                                Optional.empty(),
                                Optional.empty(),
                                0,
                                moved.dressing(),
                                moved.dressingCm(),
                                moved.feed(),
                                0)
                        .checkedIn(POT);
            }
        }
        final Seam layer = seam(POT, setUp, Seam.Part.LAYER, 0);
        assertThat(POT.over(Optional.of(new DrainageLayer(material("pebbles"), layer.highCm())))
                        .layerCm())
                .isEqualTo(layer.highCm());
        final Seam surface = seam(POT, setUp, Seam.Part.SURFACE, 0);
        assertThat(setUp.checkedIn(POT.filledTo(surface.highCm() / POT.heightCm())))
                .isNotNull();
    }

    /** What is usual for a pot can be taken together, and begins with holes that are covered. */
    @ParameterizedTest
    @EnumSource(PotForm.class)
    void whatIsUsualGoesIn(final PotForm form) {
        for (final double width : new double[] {7, 14, 30, 60}) {
            final Pot pot = form.byWidth(width);
            final UsualParts usual = UsualParts.of(pot);

            assertThat(usual.start().checkedIn(pot).holes().count() == 0)
                    .isEqualTo(SetUpKind.CLOSED_GLASS.closedBelow() && form == PotForm.GLASS);
            usual.dressings().stream()
                    .filter(dressed -> pot.heightCm() > 2 * dressed.depthCm())
                    .forEach(dressed -> assertThat(dressed.fill() * pot.heightCm() + dressed.depthCm())
                            .isLessThanOrEqualTo(pot.heightCm() + 1e-9));
            assertThat(usual.poles()).hasSize(SetUp.PoleKind.values().length);
            assertThat(usual.ballOutOfIt().litres()).isLessThan(pot.litresToRim());
        }
    }

    @Test
    void aBallOfTheUsualSizeSuitsItsPot() {
        final Pot pot = Pot.ordinary(16, PotWall.PLASTIC);

        assertThat(pot.mixLitres() / UsualParts.of(pot).ball().litres()).isBetween(1.8, 3.2);
    }

    @Test
    void templatesMoveToo() {
        final Template bog =
                Template.of(SetUpKind.BOG_TUB, PotForm.TUB.byWidth(45), Optional.empty(), MaterialBook.shipped());

        assertThat(Seam.of(bog.pot(), bog.setUp()))
                .extracting(Seam::part)
                .containsExactly(Seam.Part.LAYER, Seam.Part.SURFACE, Seam.Part.OVERFLOW);
    }
}
