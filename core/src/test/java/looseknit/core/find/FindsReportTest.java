package looseknit.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Component;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.CsvTable;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.Property;
import looseknit.core.need.Stage;
import looseknit.core.need.UsualMakeUp;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;
import org.junit.jupiter.api.Test;

/**
 * Searches for plants of all groups on four shelves, judged by rule and written down to be read by a grower: docs/finds.md. Each plant is
 * looked for on two of the shelves, in turn, and found as it is written there; on all, and written anew, with {@code looseknit.finds.write}.
 */
class FindsReportTest {

    private static final Path REPORT = Path.of("..", "docs", "finds.md");
    private static final Wording WORDING = Wording.english(MeasureSystem.METRIC);
    private static final int SHOWN = 3;
    private static final Limits LIMITS = new Limits(3, 6, OptionalDouble.empty(), 600_000);

    /** Share of what a mix hardly ever has, and of what holds and opens, that a proposal must keep to [vol/vol]. */
    private static final double SELDOM = 0.05;

    private static final Map<String, List<String>> SHELVES = shelves();

    private static Map<String, List<String>> shelves() {
        final Map<String, List<String>> shelves = new LinkedHashMap<>();
        shelves.put(
                "well stocked",
                List.of(
                        "peat coir_pith leaf_mould bark_fine orch_fine orch_med bark_comp perlite_med perlite_coarse pumice_med pumice_fine grit_3_6 sand_coarse vermiculite charcoal_fine castings compost loam sphagnum_lf zeolite akadama coir_chips leca lava_coarse bog_silica"
                                .split(" ")));
        shelves.put(
                "six things that every shop sells",
                List.of("peat", "perlite_med", "bark_comp", "compost", "sand_coarse", "sphagnum_lf"));
        shelves.put(
                "peat-free",
                List.of(
                        "coir_pith bark_fine bark_comp leaf_mould perlite_med pumice_med grit_1_3 compost castings wood_fibre"
                                .split(" ")));
        shelves.put(
                "mineral and bark only",
                List.of(
                        "pumice_med pumice_fine akadama lava_coarse grit_3_6 perlite_coarse orch_fine orch_med bark_coarse calc_clay zeolite"
                                .split(" ")));
        return shelves;
    }

    private static Brief brief(final CsvTable.Row row) {
        return new Brief(
                Optional.of(Shelves.plant(row.filled("plant"))),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(row.number("top_cm", 4, 90), row.oneOf("wall", PotWall.class))),
                Optional.of(new Place(
                        "its place",
                        row.number("temperature_c", -10, 50),
                        row.number("humidity_percent", 5, 100),
                        row.oneOf("light", Light.class),
                        row.oneOf("draught", Draught.class))),
                Optional.of(new Habit(
                        row.number("every_days", 0.5, 60),
                        Habit.Amount.THOROUGHLY,
                        Habit.Hand.STEADY,
                        Habit.Water.RAIN)));
    }

    private static Question question(final Brief brief, final List<String> shelf) {
        final MaterialBook book = MaterialBook.shipped();
        final List<Candidate> candidates = shelf.stream()
                .map(Shelves::material)
                .filter(each -> Exclusions.reason(each, brief, book).isEmpty())
                .map(Candidate::of)
                .toList();
        return Question.of(brief, candidates, LIMITS)
                .dosing(new Question.Doses(
                        amendment("dolomite", brief), Optional.empty(), amendment("granules", brief)));
    }

    private static Optional<Amendment> amendment(final String id, final Brief brief) {
        return MaterialBook.shipped()
                .amendment(id)
                .filter(each ->
                        Exclusions.reason(each, brief, MaterialBook.shipped()).isEmpty());
    }

    @Test
    void whatIsProposedIsWhatAGrowerWouldMix() throws IOException {
        final StringBuilder report = new StringBuilder("""
                # What the search proposes

                Written by `./loose-knit finds`, half of it done again by each run of the tests: plants of all groups in their usual pot and room, on four shelves, the first three proposals with what is read off them.
                Lime and feed may be dosed. Nothing here is somebody's published recipe; it is there to be read line by line by people who mix.
                """);
        final List<Brief> briefs =
                CsvTable.resource(FindsReportTest.class, "report-plants.csv", FindsReportTest::brief);
        assertThat(briefs).hasSizeGreaterThanOrEqualTo(30);
        final boolean write = Boolean.getBoolean("looseknit.finds.write");
        final String before = write ? "" : Files.readString(REPORT);
        int inside = 0;
        int asked = 0;
        for (int plant = 0; plant < briefs.size(); plant++) {
            final Brief brief = briefs.get(plant);
            report.append(heading(brief));
            int turn = plant;
            for (final Map.Entry<String, List<String>> shelf : SHELVES.entrySet()) {
                turn++;
                if (!write && turn % 2 == 0) {
                    continue;
                }
                asked++;
                final Question question = question(brief, shelf.getValue());
                final Answer answer = FindMixes.find(question, SearchListener.NOBODY);
                final boolean usual = answer.proposals().stream().allMatch(each -> outside(each, brief) == 0);
                assertThat(usual)
                        .as("%s, %s: unusual only where it is said", name(brief), shelf.getKey())
                        .isEqualTo(answer.said().isEmpty());
                if (usual) {
                    inside++;
                    answer.proposals().forEach(each -> judge(each, brief));
                }
                final String written = written(shelf.getKey(), answer);
                report.append(written);
                if (!write) {
                    assertThat(section(before, brief))
                            .as("docs/finds.md is stale: run ./loose-knit finds")
                            .contains(written);
                }
            }
        }
        assertThat(inside).as("answers made of what is usual").isGreaterThan(asked * 3 / 4);
        if (write) {
            Files.writeString(REPORT, report.toString());
        }
    }

    /** What stands below the heading of a plant. */
    private static String section(final String report, final Brief brief) {
        final String heading = heading(brief);
        assertThat(report).as("docs/finds.md").contains(heading);
        return report.substring(report.indexOf(heading) + heading.length()).split("\n## ", 2)[0];
    }

    private static double outside(final Proposal proposal, final Brief brief) {
        return new PottedMix(proposal.recipe(), brief, Knowledge.NOTHING)
                .value(Property.MAKE_UP)
                .orElseThrow();
    }

    /** Something that holds water and something that opens, where the table asks for them, and next to nothing of what such mixes never have. */
    private static void judge(final Proposal proposal, final Brief brief) {
        final UsualMakeUp usual = brief.usual().get(0);
        assertThat(usual.ways().stream().anyMatch(way -> keeps(way, proposal.recipe())))
                .as("%s: %s", name(brief), parts(proposal.recipe()))
                .isTrue();
    }

    private static boolean keeps(final UsualMakeUp.Way way, final Recipe recipe) {
        final boolean bounds = way.bounds().stream()
                .filter(bound -> bound.component() == Component.WATERY || bound.component() == Component.OPENER)
                .allMatch(bound -> share(recipe, bound.component()) >= bound.low() - 1e-9);
        return bounds
                && recipe.parts().stream()
                        .filter(part -> way.seldom().contains(part.material().id()))
                        .allMatch(part -> part.amount() / recipe.sum() <= SELDOM + 1e-9);
    }

    private static double share(final Recipe recipe, final Component component) {
        return recipe.parts().stream()
                        .mapToDouble(part -> part.amount() * component.of(part.material()))
                        .sum()
                / recipe.sum();
    }

    private static String name(final Brief brief) {
        return brief.plant().orElseThrow().name();
    }

    private static String heading(final Brief brief) {
        final Pot pot = brief.pot().orElseThrow();
        return "%n## %s%n%n%s; %.0f cm, %s, watered every %.0f days.%n"
                .formatted(
                        name(brief),
                        brief.plant().orElseThrow().group().name(),
                        pot.topCm(),
                        WORDING.of(pot.wall()),
                        brief.habit().orElseThrow().everyDays());
    }

    private static String written(final String shelf, final Answer answer) {
        final List<String> lines = new ArrayList<>();
        lines.add("%n**%s**%n".formatted(shelf));
        answer.said().forEach(said -> lines.add("%s%n".formatted(WORDING.of(said))));
        answer.proposals().stream().limit(SHOWN).forEach(each -> lines.add(line(each)));
        answer.clash().ifPresent(clash -> lines.add("%n%s".formatted(WORDING.of(clash.says()))));
        return lines.stream().map(each -> each + "\n").collect(Collectors.joining());
    }

    private static String line(final Proposal proposal) {
        return "- %s *(%s, fits %.0f)* %s %s"
                .formatted(
                        parts(proposal.recipe()),
                        proposal.titles().stream()
                                .map(title -> WORDING.of(title.words()))
                                .collect(Collectors.joining(", ")),
                        proposal.fit(),
                        WORDING.of(proposal.summary()),
                        Stream.of(Property.AIR, Property.WATER, Property.DRY_DAYS, Property.PH, Property.LIFE)
                                .map(property -> figure(proposal, property))
                                .collect(Collectors.joining(", ", "(", ")")));
    }

    private static String figure(final Proposal proposal, final Property property) {
        final double value = proposal.evaluation().readings().stream()
                .filter(reading -> reading.property() == property)
                .map(Reading::estimate)
                .findFirst()
                .orElseThrow()
                .value();
        return WORDING.of(property.brief()) + " " + WORDING.of(property.quantity(value));
    }

    private static String parts(final Recipe recipe) {
        return Stream.concat(
                        recipe.parts().stream()
                                .map(part -> "%.0f %s"
                                        .formatted(
                                                part.amount(), part.material().name())),
                        recipe.doses().stream()
                                .map(dose -> "%.1f g/L %s"
                                        .formatted(
                                                dose.gPerL(), dose.amendment().name())))
                .collect(Collectors.joining(", "));
    }
}
