package looseknit.core.written;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.OutOfRangeException;
import org.junit.jupiter.api.Test;

/** Recipes as people say them: nearly all are understood rightly, or asked about rightly, and none is taken wrongly in silence. */
class SaidRecipesTest {

    /** Share of the texts that must be understood, or asked about, rightly. */
    private static final double RIGHT = 0.95;

    private static final double SAME = 0.01;

    /** A text with what must be understood of it. */
    private record Said(String text, List<Expected> things) {

        static Said of(final String line) {
            final String[] sides = line.split(" => ");
            return new Said(
                    sides[0].replace("\\n", "\n").replace("\\t", "\t"),
                    Arrays.stream(sides[1].split("; ")).map(Expected::of).toList());
        }
    }

    /** A material or dose: ids of which it may be one, whether it must be asked about, and how much. */
    private record Expected(List<String> ids, boolean asked, boolean unknown, OptionalDouble amount, boolean dose) {

        static Expected of(final String words) {
            final boolean unknown = words.startsWith("!");
            final String[] sides = words.replaceFirst("^!", "").split("=");
            final boolean dose = sides.length > 1 && sides[1].endsWith("g/L");
            return new Expected(
                    Stream.of(sides[0].replace("?", "").split("\\|")).toList(),
                    sides[0].contains("?"),
                    unknown,
                    sides.length > 1
                            ? OptionalDouble.of(Double.parseDouble(sides[1].replace("g/L", "")))
                            : OptionalDouble.empty(),
                    dose);
        }

        boolean means(final WrittenRecipe.Line line) {
            return !line.choices().isEmpty() && fits(line.choices().get(0).id());
        }

        boolean fits(final String id) {
            return ids.stream()
                    .anyMatch(each ->
                            each.endsWith("*") ? id.startsWith(each.substring(0, each.length() - 1)) : id.equals(each));
        }
    }

    private static List<Said> corpus() throws IOException {
        try (InputStream in = SaidRecipesTest.class.getResourceAsStream("said-recipes.txt")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .map(Said::of)
                    .toList();
        }
    }

    private static WrittenRecipe read(final String text) {
        return new RecipeReader(MaterialBook.shipped(), Set.of(), 0.5, OptionalDouble.empty()).read(text);
    }

    /** What is wrong with the reading of a text; nothing if it is right. */
    private static List<String> wrong(final Said said) {
        final List<WrittenRecipe.Line> lines;
        try {
            lines = read(said.text()).lines();
        } catch (final OutOfRangeException refused) {
            return List.of("refused: " + refused.getMessage());
        }
        final List<String> wrong = new ArrayList<>();
        if (lines.size() != said.things().size()) {
            return List.of("%d things, not %d: %s"
                    .formatted(
                            lines.size(),
                            said.things().size(),
                            lines.stream().map(WrittenRecipe.Line::typed).toList()));
        }
        final double sum = lines.stream()
                .filter(line -> !line.dose())
                .mapToDouble(WrittenRecipe.Line::amount)
                .sum();
        final double wanted = said.things().stream()
                .filter(each -> !each.dose())
                .mapToDouble(each -> each.amount().orElse(Double.NaN))
                .sum();
        for (int i = 0; i < lines.size(); i++) {
            final WrittenRecipe.Line line = lines.get(i);
            final Expected expected = said.things().get(i);
            if (expected.unknown() ? line.known() : !expected.means(line)) {
                wrong.add("“%s” taken as %s"
                        .formatted(
                                line.typed(),
                                line.choices().isEmpty()
                                        ? "nothing"
                                        : line.choices().get(0).id()));
            } else if (expected.asked() && line.certain()) {
                wrong.add("“%s” not asked about".formatted(line.typed()));
            } else if (expected.amount().isPresent()) {
                final double amount = expected.amount().getAsDouble();
                final double have =
                        expected.dose() || Double.isNaN(wanted) ? line.amount() : line.amount() / sum * wanted;
                if (expected.dose() != line.dose() || Math.abs(have - amount) > SAME * amount) {
                    wrong.add("“%s” is %.3f, not %.3f".formatted(line.typed(), have, amount));
                }
            }
        }
        return wrong;
    }

    /** Whether something is taken for certain that is not what was meant. */
    private static boolean silentlyWrong(final Said said) {
        try {
            return read(said.text()).lines().stream()
                    .filter(WrittenRecipe.Line::certain)
                    .anyMatch(line -> said.things().stream().noneMatch(each -> !each.unknown() && each.means(line)));
        } catch (final OutOfRangeException refused) {
            return false;
        }
    }

    @Test
    void areUnderstoodOrAskedAboutAndNeverTakenWronglyInSilence() throws IOException {
        final List<Said> corpus = corpus();
        final List<String> wrong = corpus.stream()
                .filter(each -> !wrong(each).isEmpty())
                .map(each -> "%s: %s".formatted(each.text().replace("\n", "\\n"), wrong(each)))
                .toList();
        assertThat(corpus).hasSizeGreaterThan(100);
        assertThat(corpus.stream().filter(SaidRecipesTest::silentlyWrong).map(Said::text))
                .as("taken wrongly in silence")
                .isEmpty();
        assertThat(1 - (double) wrong.size() / corpus.size())
                .as("%d of %d wrong:%n%s", wrong.size(), corpus.size(), String.join("\n", wrong))
                .isGreaterThanOrEqualTo(RIGHT);
    }
}
