package looseknit.core.change;

import static looseknit.core.Materials.recipe;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Band;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Property;
import looseknit.core.need.School;
import looseknit.core.need.Stage;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.need.Wishes;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContradictionsTest {

    private static final Place CELLAR = new Place("cistern cellar", 18, 75, Light.DIM, Draught.STILL);
    private static final Place ROOM = new Place("sitting room", 21, 50, Light.BRIGHT, Draught.STILL);

    private static Brief brief(final String plant, final Pot pot, final Place place, final double every) {
        return new Brief(
                PlantBook.shipped().plant(plant),
                Stage.ESTABLISHED,
                Optional.of(pot),
                Optional.of(place),
                Optional.of(new Habit(every, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
    }

    private static Wishes wishes(final Wishes.Fibre fibre, final boolean mineralOnly, final boolean light) {
        return new Wishes(
                fibre, true, Optional.empty(), mineralOnly, false, light, OptionalInt.of(2), OptionalDouble.of(6));
    }

    private static List<Contradiction> of(final Brief brief) {
        return Contradictions.of(Optional.empty(), brief, Knowledge.NOTHING);
    }

    @Test
    void aHandThatWatersBeforeThePotHasDriedIsToldWaysOut() {
        final Brief brief = brief("cheese_plant", Pot.ordinary(17, PotWall.PLASTIC), CELLAR, 3);
        final Contradiction slow = of(brief).stream()
                .filter(each -> each.id().equals("slow"))
                .findFirst()
                .orElseThrow();

        assertThat(said(slow.says()))
                .startsWith("You water every 3 days; this plastic pot in the cistern cellar takes about ")
                .contains("to get half dry");
        assertThat(slow.waysOut())
                .anyMatch(way -> way.change().orElseThrow() instanceof Change.Wall)
                .anyMatch(way -> way.change().orElseThrow() instanceof Change.Interval);
        assertThat(slow.waysOut())
                .hasSizeBetween(2, 4)
                .allSatisfy(way -> assertThat(said(way.words())).isNotBlank());
    }

    /** Every way out that is offered brings the days that it says, and those that are not marked as falling short dissolve it. */
    @ParameterizedTest
    @CsvSource({
        "cheese_plant, 17, PLASTIC, 3, peat 3 perlite_med 1",
        "pothos, 13, PLASTIC, 6, peat 3 perlite_coarse 2 orch_fine 2",
        "patio_rose, 12, CLAY, 14, peat 3 bark_fine 2",
        "jade, 20, PLASTIC, 4, peat 2 coir_pith 2"
    })
    void waysOutBringWhatTheySay(
            final String plant, final double width, final PotWall wall, final double every, final String parts) {
        final Brief brief = brief(plant, Pot.ordinary(width, wall), CELLAR, every);
        final Recipe mix = recipe(parts);
        final Contradiction clash = drying(mix, brief).orElseThrow();

        assertThat(clash.waysOut()).hasSizeGreaterThanOrEqualTo(2);
        for (final WayOut way : clash.waysOut()) {
            final Change change = way.change().orElseThrow();
            final Setup taken = change.apply(new Setup(mix, brief));
            final Optional<Contradiction> left = drying(taken.recipe(), taken.brief());
            if (!(change instanceof Change.Interval)) {
                final double days = days(taken.recipe(), taken.brief());
                assertThat(said(way.words()))
                        .contains(
                                days < 1.95 ? String.format(Locale.ROOT, "%.1f day", days) : Math.round(days) + " day");
            }
            assertThat(left.isPresent())
                    .as(said(way.words()))
                    .isEqualTo(said(way.words()).endsWith("still slow")
                            || said(way.words()).endsWith("then too quick"));
        }
    }

    @Test
    void whereOneChangeOvershootsASecondGoesWithIt() {
        final Brief brief = brief("pothos", Pot.ordinary(13, PotWall.PLASTIC), CELLAR, 7);
        final Contradiction slow =
                drying(recipe("peat 3 perlite_coarse 2 orch_fine 2"), brief).orElseThrow();

        assertThat(slow.waysOut()).anySatisfy(way -> {
            assertThat(way.change()).containsInstanceOf(Change.Together.class);
            assertThat(((Change.Together) way.change().orElseThrow()).changes())
                    .hasSize(2)
                    .first()
                    .isInstanceOf(Change.Wall.class);
        });
    }

    private static Optional<Contradiction> drying(final Recipe mix, final Brief brief) {
        return Contradictions.of(Optional.of(mix), brief, Knowledge.NOTHING).stream()
                .filter(each -> each.id().equals("slow") || each.id().equals("fast"))
                .findFirst();
    }

    @Test
    void aThirstyPotIsNamedToo() {
        final Brief brief = brief("patio_rose", Pot.ordinary(10, PotWall.CLAY), ROOM, 14);

        assertThat(of(brief)).extracting(Contradiction::id).contains("fast");
    }

    @Test
    void aPlainMixStandsInOnlyWhileNothingIsComposed() {
        final Brief brief = brief("cheese_plant", Pot.ordinary(17, PotWall.PLASTIC), CELLAR, 3);

        assertThat(of(brief)).anyMatch(each -> said(each.says()).contains("even with a plain mix"));
        assertThat(Contradictions.of(Optional.of(recipe("peat 3 perlite_med 1")), brief, Knowledge.NOTHING))
                .noneMatch(each -> said(each.says()).contains("even with a plain mix"));
    }

    @ParameterizedTest
    @CsvSource({
        "raffles_pitcher, 14, 50, BRIGHT, cold",
        "cobra_lily, 30, 50, BRIGHT, hot",
        "golden_none, 21, 50, DIM, ''",
        "barrel_cactus, 21, 50, DIM, dark",
        "maidenhair, 21, 50, SUN, bright"
    })
    void plantAndPlace(
            final String plant, final double temperature, final double humidity, final Light light, final String id) {
        final Brief brief = brief(
                plant,
                Pot.ordinary(14, PotWall.PLASTIC),
                new Place("landing", temperature, humidity, light, Draught.STILL),
                7);

        if (id.isEmpty()) {
            assertThat(of(brief)).isEmpty();
        } else {
            assertThat(of(brief)).extracting(Contradiction::id).contains(id);
        }
    }

    @Test
    void hardWaterAndBogPlants() {
        final Brief bog = brief("cape_sundew", Pot.ordinary(12, PotWall.CLAY), ROOM, 3);
        final Brief hard = bog.with(new Habit(3, Habit.Amount.FROM_BELOW, Habit.Hand.STEADY, Habit.Water.HARD_TAP));

        assertThat(of(hard)).extracting(Contradiction::id).contains("water", "leaching");
        assertThat(of(bog)).extracting(Contradiction::id).contains("leaching").doesNotContain("water");
    }

    @Test
    void potsThatAreTooShallowOrClosed() {
        final Pot low = new Pot(PotShape.ROUND, 20, 18, 6, PotWall.PLASTIC, PotBase.NO_HOLES, 0, Optional.empty());

        assertThat(of(brief("lemon", low, ROOM, 7)))
                .extracting(Contradiction::id)
                .contains("shallow", "drowned");
        assertThat(of(brief("lemon", Pot.ordinary(30, PotWall.PLASTIC), ROOM, 7)))
                .extracting(Contradiction::id)
                .doesNotContain("shallow", "drowned");
    }

    @Test
    void wishesAgainstThePlant() {
        final Brief fern = brief("maidenhair", Pot.ordinary(12, PotWall.PLASTIC), ROOM, 3);
        final Brief sundew = brief("cape_sundew", Pot.ordinary(12, PotWall.PLASTIC), ROOM, 3);
        final Brief spurge = brief("candelabra", Pot.ordinary(20, PotWall.PLASTIC), ROOM, 14);

        assertThat(of(fern.with(wishes(Wishes.Fibre.EITHER, true, false))))
                .extracting(Contradiction::id)
                .contains("stone_dry");
        assertThat(of(sundew.with(wishes(Wishes.Fibre.NO_PEAT, false, false))))
                .extracting(Contradiction::id)
                .contains("no_acid_base");
        assertThat(of(spurge.with(wishes(Wishes.Fibre.EITHER, false, true))))
                .extracting(Contradiction::id)
                .contains("light_tips");
        assertThat(of(fern)).extracting(Contradiction::id).doesNotContain("stone_dry");
    }

    @Test
    void wishesThatTheBlendDoesNotKeepAreSaid() {
        final Brief brief = brief("peace_lily", Pot.ordinary(14, PotWall.PLASTIC), ROOM, 7)
                .with(wishes(Wishes.Fibre.NO_PEAT, false, false));

        assertThat(said(Evaluator.evaluate(recipe("peat 3 castings 1 perlite_med 1"), brief)
                        .notices()))
                .contains(
                        "You want no peat, but it is in: sphagnum peat.",
                        "You want no compost in it, but there is: worm castings.",
                        "You want at most 2 materials; the blend has 3.");
        assertThat(said(Evaluator.evaluate(recipe("coir_pith 3 perlite_med 1"), brief)
                        .notices()))
                .noneMatch(each -> each.startsWith("You want"));
    }

    @Test
    void wishesShiftTargetsWithABecause() {
        final Brief plain = brief("peace_lily", Pot.ordinary(14, PotWall.PLASTIC), ROOM, 7);
        final Brief wished = plain.with(wishes(Wishes.Fibre.EITHER, false, true));

        assertThat(target(plain, Property.LIFE).band().low()).isEqualTo(1.5);
        assertThat(target(wished, Property.LIFE).band().low()).isEqualTo(6);
        assertThat(said(target(wished, Property.LIFE).because())).contains("You want it to last 6 years.");
        assertThat(target(wished, Property.WEIGHT).band().high())
                .isLessThan(target(plain, Property.WEIGHT).band().high());
        assertThat(said(target(wished, Property.WEIGHT).because())).contains("You want it light.");
    }

    @Test
    void plantsThatShareAPotShareItsMix() {
        final Brief alone = brief("peace_lily", Pot.ordinary(20, PotWall.PLASTIC), ROOM, 7);
        final Brief fits =
                alone.beside(List.of(PlantBook.shipped().plant("cast_iron").orElseThrow()));
        final Brief clashes = alone.beside(List.of(
                PlantBook.shipped().plant("vanda").orElseThrow(),
                PlantBook.shipped().plant("living_stones").orElseThrow()));
        final Band shared = fits.needs().orElseThrow().ph();

        assertThat(of(fits)).extracting(Contradiction::id).doesNotContain("company");
        assertThat(shared.low())
                .isGreaterThanOrEqualTo(alone.needs().orElseThrow().ph().low());
        assertThat(of(clashes))
                .filteredOn(each -> each.id().equals("company"))
                .extracting(each -> said(each.says()))
                .anyMatch(each -> each.equals("Blue vanda wants air of at least 55 %, peace lily at most 28 %."))
                .anyMatch(each -> each.startsWith("As to drying, for peace lily"));
    }

    private static Target target(final Brief brief, final Property quality) {
        return Targets.of(brief).stream()
                .filter(each -> each.property() == quality)
                .findFirst()
                .orElseThrow();
    }

    private static double days(final Recipe recipe, final Brief brief) {
        return Evaluator.evaluate(recipe, brief).readings().stream()
                .filter(each -> each.property() == Property.DRY_DAYS)
                .findFirst()
                .orElseThrow()
                .estimate()
                .value();
    }

    /** A wish for a school that such plants do not have is said, not dropped silently; giving it up resolves it. */
    @ParameterizedTest
    @CsvSource({"barrel_cactus, MOSS, true", "barrel_cactus, MINERAL, false", "cheese_plant, BARK, false"})
    void aSchoolThatHasNothingForThePlantIsSaid(final String plant, final School school, final boolean said) {
        final Brief plain = brief(plant, Pot.ordinary(14, PotWall.PLASTIC), ROOM, 9);
        final Brief wished = plain.with(plain.wishes().of(Optional.of(school)));
        final Optional<Contradiction> found =
                of(wished).stream().filter(each -> each.id().equals("school")).findFirst();

        assertThat(found.isPresent()).isEqualTo(said);
        found.ifPresent(each -> {
            assertThat(said(each.says())).contains("moss mixes").contains("desert cacti");
            final Brief after = each.waysOut().get(0).change().orElseThrow().briefAfter(wished);
            assertThat(of(after)).noneMatch(other -> other.id().equals("school"));
        });
    }
}
