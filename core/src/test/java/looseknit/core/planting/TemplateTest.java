package looseknit.core.planting;

import static looseknit.core.planting.Step.CLEAN_GRIT;
import static looseknit.core.planting.Step.COVER_CUTTINGS;
import static looseknit.core.planting.Step.COVER_HOLES;
import static looseknit.core.planting.Step.CUT_FLOWERS;
import static looseknit.core.planting.Step.DRESS;
import static looseknit.core.planting.Step.DRILL_OVERFLOW;
import static looseknit.core.planting.Step.ENLARGE_HOLES;
import static looseknit.core.planting.Step.FEED_BELOW;
import static looseknit.core.planting.Step.FEED_HALFWAY;
import static looseknit.core.planting.Step.FEED_ON_TOP;
import static looseknit.core.planting.Step.FILL_HALF;
import static looseknit.core.planting.Step.FILL_POLE;
import static looseknit.core.planting.Step.FILL_ROUND;
import static looseknit.core.planting.Step.FIRST_PLACE;
import static looseknit.core.planting.Step.HEADSPACE;
import static looseknit.core.planting.Step.LABEL;
import static looseknit.core.planting.Step.LAY_BED;
import static looseknit.core.planting.Step.LAY_DRAINAGE;
import static looseknit.core.planting.Step.LAY_MESH;
import static looseknit.core.planting.Step.SET;
import static looseknit.core.planting.Step.SMALL_LAST;
import static looseknit.core.planting.Step.STAND_CHANNEL;
import static looseknit.core.planting.Step.STAND_SUPPORT;
import static looseknit.core.planting.Step.STAND_WHERE_IT_STAYS;
import static looseknit.core.planting.Step.TAKE_OUT;
import static looseknit.core.planting.Step.TIE_IN;
import static looseknit.core.planting.Step.WAIT_WITH_WATER;
import static looseknit.core.planting.Step.WASH_VESSEL;
import static looseknit.core.planting.Step.WATCH;
import static looseknit.core.planting.Step.WATER_IN;
import static looseknit.core.planting.Step.WEIGH;
import static looseknit.core.planting.Step.WHEELS;
import static looseknit.core.planting.Step.WORK_IN;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.planting.PottingPlan.Subject;
import looseknit.core.planting.SetUp.PoleKind;
import looseknit.core.planting.SetUp.RootBall;
import looseknit.core.planting.Template.Aspect;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class TemplateTest {

    private static final MaterialBook BOOK = MaterialBook.shipped();

    private static Template of(final SetUpKind kind, final Pot pot) {
        return Template.of(kind, pot, Optional.empty(), BOOK);
    }

    private static List<Step> steps(final SetUpKind kind, final Pot pot, final String plant) {
        final Template template = of(kind, pot);
        return PottingPlan.of(
                        kind,
                        template.pot(),
                        template.setUp(),
                        new Subject(PlantBook.shipped().plant(plant), true, Optional.empty(), 12))
                .steps();
    }

    /** Whatever pot is in hand, the set-up goes into it and every choice has its reason. */
    @ParameterizedTest
    @EnumSource(SetUpKind.class)
    void fitsAnyPot(final SetUpKind kind) {
        for (final PotForm form : PotForm.values()) {
            for (final double width : new double[] {6, 11, 19, 33, 70}) {
                for (final Optional<RootBall> ball :
                        List.of(Optional.<RootBall>empty(), Optional.of(new RootBall(0.6 * width, 0.7 * width, 0)))) {
                    final Template template = Template.of(kind, form.byWidth(width), ball, BOOK);
                    template.setUp().checkedIn(template.pot());
                    assertThat(template.choices()).hasSizeGreaterThan(2);
                    assertThat(template.pot().topCm()).isEqualTo(width);
                    assertThat(kind.closedBelow()).isEqualTo(template.pot().base() == PotBase.NO_HOLES);
                }
            }
        }
    }

    /** 5 to 8 cm of coarse base, overflow 2.5 to 5 cm under the surface; common practice, no source. */
    @ParameterizedTest
    @EnumSource(
            value = PotForm.class,
            names = {"TUB", "POT", "SQUARE_POT"})
    void theBogTubHasItsMeasures(final PotForm form) {
        for (final double width : new double[] {30, 45, 70}) {
            final Template bog = of(SetUpKind.BOG_TUB, form.byWidth(width));

            assertThat(bog.pot().layerCm()).isBetween(5.0, 8.0);
            assertThat(bog.pot().fillCm() - bog.pot().baseCm()).isBetween(2.0, 5.3);
            assertThat(bog.setUp().channelCm()).isPositive();
            assertThat(bog.setUp().feed()).isEqualTo(FeedPlace.NONE);
            assertThat(bog.setUp().holes().count()).isZero();
        }
    }

    @Test
    void aBogDoesNotStandInClay() {
        assertThat(of(SetUpKind.BOG_TUB, Pot.ordinary(30, PotWall.CLAY)).choices())
                .filteredOn(choice -> choice.aspect() == Aspect.WALL)
                .allMatch(choice -> !choice.suits());
        assertThat(of(SetUpKind.BOG_TUB, Pot.ordinary(30, PotWall.PLASTIC)).choices())
                .allMatch(Template.Choice::suits);
    }

    @Test
    void theGlassHasStonesMeshAndALittleCharcoal() {
        final Template glass = of(SetUpKind.CLOSED_GLASS, PotForm.GLASS.byWidth(18));

        assertThat(glass.pot().layerCm()).isCloseTo(5, within(1e-9));
        assertThat(glass.setUp().cover()).isEqualTo(HoleCover.MESH);
        assertThat(glass.setUp().beds())
                .singleElement()
                .satisfies(bed -> assertThat(bed.depthCm()).isLessThan(2));
    }

    @Test
    void theNeckOfACaudexStandsProudOverFeedAtTheBottom() {
        final Template caudex =
                Template.of(SetUpKind.CAUDEX, Pot.ordinary(12, PotWall.CLAY), Optional.of(new RootBall(5, 6, 0)), BOOK);

        assertThat(caudex.setUp().ball().orElseThrow().aboveCm()).isPositive();
        assertThat(caudex.setUp().feed()).isEqualTo(FeedPlace.AT_THE_BOTTOM);
        assertThat(caudex.pot().fill()).isGreaterThan(0.9);
    }

    @Test
    void thePoleOfAClimberIsFilledAndATrellisIsNot() {
        assertThat(of(SetUpKind.POLE_CLIMBER, Pot.ordinary(20, PotWall.PLASTIC))
                        .setUp()
                        .pole()
                        .orElseThrow()
                        .kind())
                .isEqualTo(PoleKind.FILLED);
        assertThat(of(SetUpKind.GIANT_TUB, PotForm.TUB.byWidth(60))
                        .setUp()
                        .pole()
                        .orElseThrow()
                        .kind())
                .isEqualTo(PoleKind.TRELLIS);
    }

    /** What must come before what; from the work itself, common practice. */
    static Stream<Arguments> order() {
        final Pot tub = PotForm.TUB.byWidth(50);
        final Pot pot = Pot.ordinary(16, PotWall.CLAY);
        return Stream.of(
                Arguments.of(
                        SetUpKind.GIANT_TUB,
                        tub,
                        "dragon_fruit",
                        List.of(
                                WHEELS,
                                COVER_HOLES,
                                STAND_SUPPORT,
                                FILL_HALF,
                                SET,
                                FILL_ROUND,
                                HEADSPACE,
                                FEED_ON_TOP,
                                DRESS,
                                WATER_IN)),
                Arguments.of(
                        SetUpKind.BOG_TUB,
                        tub,
                        "cape_sundew",
                        List.of(
                                STAND_WHERE_IT_STAYS,
                                DRILL_OVERFLOW,
                                LAY_DRAINAGE,
                                STAND_CHANNEL,
                                FILL_HALF,
                                SET,
                                WORK_IN,
                                WATER_IN)),
                Arguments.of(
                        SetUpKind.CLOSED_GLASS,
                        PotForm.GLASS.byWidth(20),
                        "peace_lily",
                        List.of(WASH_VESSEL, LAY_DRAINAGE, LAY_MESH, LAY_BED, FILL_HALF, SET, WATER_IN)),
                Arguments.of(
                        SetUpKind.CAUDEX,
                        pot,
                        "desert_rose",
                        List.of(COVER_HOLES, LAY_BED, FEED_BELOW, CLEAN_GRIT, FILL_HALF, SET, DRESS, WAIT_WITH_WATER)),
                Arguments.of(
                        SetUpKind.BULB_PAN,
                        PotForm.BOWL.byWidth(24),
                        "amaryllis",
                        List.of(
                                ENLARGE_HOLES,
                                COVER_HOLES,
                                LAY_DRAINAGE,
                                FILL_HALF,
                                FEED_HALFWAY,
                                SET,
                                FILL_ROUND,
                                LABEL)),
                Arguments.of(
                        SetUpKind.POLE_CLIMBER,
                        pot,
                        "pink_monstera",
                        List.of(
                                COVER_HOLES,
                                STAND_SUPPORT,
                                FILL_HALF,
                                FILL_POLE,
                                CUT_FLOWERS,
                                TAKE_OUT,
                                SET,
                                TIE_IN,
                                FILL_ROUND)),
                Arguments.of(
                        SetUpKind.ROSETTE_BOWL,
                        PotForm.BOWL.byWidth(30),
                        "echeveria",
                        List.of(SET, SMALL_LAST, FILL_ROUND, DRESS, WAIT_WITH_WATER)),
                Arguments.of(
                        SetUpKind.CUTTINGS,
                        pot,
                        "pothos",
                        List.of(WASH_VESSEL, FILL_HALF, SET, WATER_IN, COVER_CUTTINGS)),
                Arguments.of(
                        SetUpKind.BARK_ORCHID,
                        pot,
                        "moth_orchid",
                        List.of(ENLARGE_HOLES, TAKE_OUT, SET, FILL_ROUND, WORK_IN, WATER_IN, WEIGH)),
                Arguments.of(
                        SetUpKind.HANGING_BASKET,
                        PotForm.HANGING_BASKET.byWidth(25),
                        "pothos",
                        List.of(COVER_HOLES, FILL_HALF, SET, DRESS, WATER_IN, WEIGH)),
                Arguments.of(
                        SetUpKind.SHALLOW_TRAY,
                        PotForm.TRAY.byWidth(30),
                        "fig_tray",
                        List.of(ENLARGE_HOLES, COVER_HOLES, FILL_HALF, SET, WORK_IN)),
                Arguments.of(
                        SetUpKind.PLAIN,
                        pot,
                        "peace_lily",
                        List.of(
                                COVER_HOLES,
                                FILL_HALF,
                                TAKE_OUT,
                                SET,
                                FILL_ROUND,
                                HEADSPACE,
                                LABEL,
                                WATER_IN,
                                WEIGH,
                                FIRST_PLACE,
                                WATCH)));
    }

    @ParameterizedTest
    @MethodSource
    void order(final SetUpKind kind, final Pot pot, final String plant, final List<Step> mustFollow) {
        assertThat(steps(kind, pot, plant)).containsSubsequence(mustFollow);
    }

    @Test
    void theOrderIsCheckedForEveryKind() {
        assertThat(order().map(each -> (SetUpKind) each.get()[0])).containsAll(Set.of(SetUpKind.values()));
    }

    @Test
    void nobodyWatersTwiceOrNotAtAll() {
        for (final SetUpKind kind : EnumSet.allOf(SetUpKind.class)) {
            for (final String plant : List.of("peace_lily", "barrel_cactus", "cape_sundew")) {
                assertThat(steps(kind, Pot.ordinary(18, PotWall.PLASTIC), plant))
                        .filteredOn(step -> step == WATER_IN || step == WAIT_WITH_WATER)
                        .hasSize(1);
            }
        }
    }

    @Test
    void knowsWhatIsUsualForAPlant() {
        final PlantBook plants = PlantBook.shipped();

        assertThat(SetUpKind.usualFor(plants.plant("cape_sundew").orElseThrow(), Stage.ESTABLISHED))
                .containsExactly(SetUpKind.BOG_TUB);
        assertThat(SetUpKind.usualFor(plants.plant("moth_orchid").orElseThrow(), Stage.CUTTINGS))
                .containsExactlyInAnyOrder(SetUpKind.CUTTINGS, SetUpKind.BARK_ORCHID);
        assertThat(SetUpKind.usualFor(plants.plant("echeveria").orElseThrow(), Stage.ESTABLISHED))
                .containsExactly(SetUpKind.ROSETTE_BOWL);
        assertThat(SetUpKind.usualFor(plants.plant("peace_lily").orElseThrow(), Stage.ESTABLISHED))
                .containsExactly(SetUpKind.PLAIN);
    }

    @Test
    void aBogIsNeverFedAndNeverDressedWithStone() {
        assertThat(steps(SetUpKind.BOG_TUB, PotForm.TUB.byWidth(50), "cape_sundew"))
                .doesNotContain(FEED_BELOW, FEED_HALFWAY, FEED_ON_TOP, DRESS);
    }
}
