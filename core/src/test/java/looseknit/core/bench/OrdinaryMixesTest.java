package looseknit.core.bench;

import static looseknit.core.Materials.recipe;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.CsvTable;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Property;
import looseknit.core.need.School;
import looseknit.core.need.Stage;
import looseknit.core.need.Wishes;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Reading;
import org.junit.jupiter.api.Test;

/** Mixes as people make them, of our own invention, over all groups of plants and schools: bearable for what they are for, marked for what they are not. */
class OrdinaryMixesTest {

    /** Doses are left out: a recipe is told without its lime and feed, which people add by their own custom. */
    private static final List<Property> BY_THE_MIX =
            List.of(Property.AIR, Property.WATER, Property.MAKE_UP, Property.GRAIN, Property.SALTS, Property.LIFE);

    private record Ordinary(
            String name, School school, String plant, Pot pot, double everyDays, Recipe recipe, String notFor) {

        /** What the bench says of it for a plant, in the hand of somebody of that school. */
        Evaluation forPlant(final String id) {
            final Brief brief = new Brief(
                    PlantBook.shipped().plant(id),
                    Stage.ESTABLISHED,
                    Optional.of(pot),
                    Optional.of(new Place("room", 20, 55, Light.MEDIUM, Draught.STILL)),
                    Optional.of(new Habit(everyDays, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
            return Evaluator.evaluate(recipe, brief.with(Wishes.NONE.of(Optional.of(school))));
        }
    }

    private static List<Ordinary> mixes() {
        return CsvTable.resource(
                OrdinaryMixesTest.class,
                "ordinary-mixes.csv",
                row -> new Ordinary(
                        row.filled("name"),
                        School.valueOf(
                                row.filled("school").toUpperCase(Locale.ROOT).replace('-', '_')),
                        row.filled("plant"),
                        Pot.ordinary(row.number("top_cm", 4, 90), row.oneOf("wall", PotWall.class)),
                        row.number("every_days", 0.5, 60),
                        recipe(row.filled("mix")),
                        row.filled("not_for")));
    }

    @Test
    void areManyOverAllGroupsAndSchools() {
        final List<Ordinary> all = mixes();

        assertThat(all).hasSizeGreaterThanOrEqualTo(60);
        assertThat(all.stream()
                        .map(each -> PlantBook.shipped()
                                .plant(each.plant())
                                .orElseThrow()
                                .group())
                        .distinct())
                .containsExactlyInAnyOrderElementsOf(PlantBook.shipped().groups());
        assertThat(all).extracting(Ordinary::school).contains(School.values());
    }

    @Test
    void areBearableForWhatTheyAreFor() {
        assertThat(mixes()).allSatisfy(each -> {
            final List<String> bad = each.forPlant(each.plant()).readings().stream()
                    .filter(reading -> BY_THE_MIX.contains(reading.property()))
                    .filter(reading -> !reading.verdict().good())
                    .map(OrdinaryMixesTest::words)
                    .toList();
            assertThat(bad).as(each.name()).isEmpty();
        });
    }

    /** The wrong plant is refused by a stop or told that something is beyond what is bearable. */
    @Test
    void areMarkedForWhatTheyAreNotFor() {
        assertThat(mixes()).allSatisfy(each -> {
            final Evaluation wrong = each.forPlant(each.notFor());
            assertThat(wrong.fits()).as("%s for %s", each.name(), each.notFor()).isFalse();
            assertThat(said(wrong.headline())).isNotBlank();
        });
    }

    private static String words(final Reading reading) {
        return "%s: %s (%.3f)"
                .formatted(
                        reading.property(),
                        said(reading.words()),
                        reading.estimate().value());
    }
}
