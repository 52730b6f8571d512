package looseknit.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import looseknit.core.Materials;
import looseknit.core.blend.Mix;
import looseknit.core.measure.CsvTable;
import looseknit.core.pot.Column;
import org.junit.jupiter.api.Test;

/** Published blends beside predictions, scored as they are and written down as a report. */
class ValidationTest {

    private static final Path REPORT = Path.of("..", "docs", "validation.md");

    /** A published line and what the core predicts for it; NaN where nothing was published. */
    private record Line(String name, String grade, String source, double[] published, double[] predicted) {

        double error(final int i) {
            return predicted[i] - published[i];
        }

        double relative(final int i) {
            return predicted[i] / published[i] - 1;
        }

        boolean has(final int i) {
            return !Double.isNaN(published[i]);
        }
    }

    private static final int TP = 0;
    private static final int CC = 1;
    private static final int AS = 2;
    private static final int BD = 3;

    @Test
    void scoresThePublishedBlendsAsTheyAre() {
        final List<Line> lines = blends();
        final List<Line> scored =
                lines.stream().filter(line -> !line.grade().equals("D")).toList();

        assertThat(scored).hasSize(19);
        assertThat(rmse(scored, AS, line -> line.error(AS))).isCloseTo(.028, within(.001));
        assertThat(rmse(scored, CC, line -> line.error(CC))).isCloseTo(.044, within(.001));
        assertThat(rmse(scored, TP, line -> line.error(TP))).isCloseTo(.026, within(.001));
        assertThat(rmse(scored, BD, line -> line.relative(BD))).isCloseTo(.060, within(.002));
    }

    @Test
    void writesTheReport() throws IOException {
        final String report = report();
        Files.createDirectories(REPORT.getParent());
        Files.writeString(REPORT, report);

        assertThat(report).contains("| all but grade D |").doesNotContain("NaN");
    }

    private static List<Line> blends() {
        return CsvTable.resource(
                ValidationTest.class,
                "published-blends.csv",
                row -> line(row, row.filled("blend"), row.filled("grade"), row.filled("source")));
    }

    private static List<Line> materials() {
        return CsvTable.resource(
                ValidationTest.class, "published-materials.csv", row -> line(row, row.filled("material"), "", ""));
    }

    private static Line line(final CsvTable.Row row, final String name, final String grade, final String source) {
        final Mix mix = Mix.of(Materials.recipe(row.filled("parts")));
        final String[] column = row.filled("column").split(" ");
        final double height = Double.parseDouble(column[0]);
        final double water = switch (column[1]) {
            case "pot" -> Column.free(height, .75).containerCapacity(mix);
            case "cylinder" -> Column.free(height, 1).containerCapacity(mix);
            default -> mix.waterAt(height);
        };
        return new Line(
                name,
                grade,
                source,
                new double[] {
                    row.number("TP", 0, 1),
                    row.number("CC", 0, 1),
                    row.number("AS", 0, 1),
                    row.numberOr("BD", 0, 3, Double.NaN)
                },
                new double[] {mix.totalPorosity(), water, mix.totalPorosity() - water, mix.bulkDensityGPerL() / 1000});
    }

    private static double rmse(final List<Line> lines, final int i, final ToDoubleFunction<Line> error) {
        return Math.sqrt(lines.stream()
                .filter(line -> line.has(i))
                .mapToDouble(line -> Math.pow(error.applyAsDouble(line), 2))
                .average()
                .orElseThrow());
    }

    private static double bias(final List<Line> lines, final int i, final ToDoubleFunction<Line> error) {
        return lines.stream()
                .filter(line -> line.has(i))
                .mapToDouble(error)
                .average()
                .orElseThrow();
    }

    private static double most(final List<Line> lines, final int i, final ToDoubleFunction<Line> error) {
        return lines.stream()
                .filter(line -> line.has(i))
                .mapToDouble(line -> Math.abs(error.applyAsDouble(line)))
                .max()
                .orElseThrow();
    }

    private static String report() {
        final List<String> out = new ArrayList<>();
        out.add("# Validation");
        out.add("");
        out.add(
                "Written by the tests of the core each time they run. Every published figure here is recalled from memory and was not");
        out.add(
                "read from the paper again; read the errors as a lower limit. The material table was adjusted after seeing some of these");
        out.add(
                "lines (peat, vermiculite and loam), so the grade B row is tuning, not proof. Before that adjustment the errors were, as RMSE:");
        out.add("TP .028, CC .045, AS .029, BD 5.4 %; that is the better guess at what to expect.");
        out.add("");
        out.add(
                "TP total porosity, CC container capacity (water after draining), AS air space, all as shares of volume; BD dry bulk density,");
        out.add(
                "kg/L. Each cell: published / predicted (error). Grade B: recalled with reasonable confidence, C: vague, D: a plausible");
        out.add(
                "reconstruction, left out of the summary. A 15 cm pot holds 13.5 cm of mix, a 10 cm pot 8.5 cm, both tapered to 0.75.");
        out.add("");
        out.add("## Blends");
        out.add("");
        out.add("| blend | grade | TP | CC | AS | BD | source |");
        out.add("|---|---|---|---|---|---|---|");
        blends().forEach(line -> out.add("| %s | %s | %s | %s | %s | %s | %s |"
                .formatted(
                        line.name(),
                        line.grade(),
                        cell(line, TP),
                        cell(line, CC),
                        cell(line, AS),
                        cell(line, BD),
                        line.source())));
        out.add("");
        out.add("| lines | TP bias / RMSE / most | CC | AS | BD, % |");
        out.add("|---|---|---|---|---|");
        final List<Line> scored =
                blends().stream().filter(line -> !line.grade().equals("D")).toList();
        out.add(summary("all but grade D", scored));
        out.add(summary(
                "grade B alone",
                scored.stream().filter(line -> line.grade().equals("B")).toList()));
        out.add("");
        out.add(
                "Known misses: bark:peat:sand holds .07 more water than predicted; peat:sand at 10 cm suction has .07 less air than");
        out.add(
                "predicted; heavy sand with fluffy peat shrinks by 10 to 20 % in practice (no source) and by 4 to 5 % here.");
        out.add("");
        out.add("## Materials by themselves");
        out.add("");
        out.add("The table was set towards these, so this shows the fit, not the truth.");
        out.add("");
        out.add("| material | TP | CC | AS | BD |");
        out.add("|---|---|---|---|---|");
        materials()
                .forEach(line -> out.add("| %s | %s | %s | %s | %s |"
                        .formatted(line.name(), cell(line, TP), cell(line, CC), cell(line, AS), cell(line, BD))));
        out.add("");
        out.add("## Check values");
        out.add("");
        out.add("| figure | expected | computed | error | source |");
        out.add("|---|---|---|---|---|");
        CheckValues.all().forEach(check -> {
            final double computed = check.computed().getAsDouble();
            out.add(String.format(
                    Locale.ROOT,
                    "| %s | %s | %.4f | %+.4f | %s |",
                    check.name(),
                    check.expected(),
                    computed,
                    computed - check.expected() + 0.0,
                    check.source()));
        });
        out.add("");
        out.add(
                "Limits that are kept as tests: three sizes of shot pack to .90 in McGeary (1961) and to .836 here; 3 g/L of garden lime bring");
        out.add(
                "peat to pH 5.5 by the rule of thumb and to 5.15 here. Four intervals of drying were used to set the constants of the");
        out.add("dry-down; that they are met is calibration and proves nothing.");
        return String.join("\n", out) + "\n";
    }

    private static String cell(final Line line, final int i) {
        return line.has(i)
                ? String.format(
                        Locale.ROOT, "%.2f / %.3f (%+.3f)", line.published()[i], line.predicted()[i], line.error(i))
                : "–";
    }

    private static String summary(final String name, final List<Line> lines) {
        return String.format(
                Locale.ROOT,
                "| %s | %s | %s | %s | %+.1f / %.1f / %.1f |",
                name,
                score(lines, TP),
                score(lines, CC),
                score(lines, AS),
                100 * bias(lines, BD, line -> line.relative(BD)),
                100 * rmse(lines, BD, line -> line.relative(BD)),
                100 * most(lines, BD, line -> line.relative(BD)));
    }

    private static String score(final List<Line> lines, final int i) {
        return String.format(
                Locale.ROOT,
                "%+.3f / %.3f / %.3f",
                bias(lines, i, line -> line.error(i)),
                rmse(lines, i, line -> line.error(i)),
                most(lines, i, line -> line.error(i)));
    }
}
