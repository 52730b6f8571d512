package looseknit.server.publish;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import looseknit.core.material.MakeUp.Certainty;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.BlockQuote;
import org.commonmark.node.Code;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** A blend as a text in Markdown: to publish, and read again from one, also from one that somebody wrote by hand. */
final class BlendMarkdown {

    private static final String MIX = "Mix";
    private static final String FOR = "For ";
    private static final String OWN = "A mix of its own";
    private static final String FED = ", fed";
    private static final String SPECIAL = "([\\\\`*_{}\\[\\]<>#|])";

    /** So deep are lists and quotations looked into. */
    private static final int DEEPEST = 30;

    private BlendMarkdown() {}

    /**
     * A section of a text.
     *
     * @param items the points of its lists, in order
     * @param words what else stands in it
     */
    record Section(String heading, List<String> items, String words) {}

    /**
     * What a text says.
     *
     * @param name its title; empty if it has none
     * @param note what is quoted beneath it; empty for nothing
     * @param plant the plant that it is for; empty if it names none
     * @param mix the lines of the recipe
     * @param others further sections with lists, by heading
     */
    record Read(String name, String note, String plant, List<String> mix, Map<String, Section> others) {}

    /** The text of a blend. */
    static String write(final BlendSheet sheet) {
        final StringBuilder text = new StringBuilder("# %s\n\n".formatted(escaped(sheet.name())));
        if (!sheet.note().isBlank()) {
            text.append(sheet.note().lines().map(line -> "> " + escaped(line)).collect(Collectors.joining("\n>\n")))
                    .append("\n\n");
        }
        if (!sheet.plant().isEmpty()) {
            text.append("%s%s.\n\n".formatted(FOR, escaped(sheet.plant())));
        }
        section(text, MIX, sheet.lines());
        for (final BlendSheet.OwnMix mix : sheet.mixes()) {
            text.append("## %s\n\n%s, %s%s.\n\n"
                    .formatted(
                            escaped(mix.name()),
                            OWN,
                            mix.certainty().name().toLowerCase(Locale.ROOT),
                            mix.fed() ? FED : ""));
            list(text, mix.lines());
        }
        if (!sheet.readings().isEmpty()) {
            text.append("## Expected\n\n%s\n\n| | |\n|---|---|\n".formatted(escaped(sheet.headline())));
            sheet.readings()
                    .forEach(each ->
                            text.append("| %s | %s |\n".formatted(escaped(each.name()), escaped(each.value()))));
            text.append('\n');
        }
        section(text, "Measured", sheet.measured());
        section(text, "Mind", sheet.cautions());
        return text.append("%s\n".formatted(escaped(sheet.keeping()))).toString();
    }

    private static void section(final StringBuilder text, final String heading, final List<String> lines) {
        if (!lines.isEmpty()) {
            text.append("## %s\n\n".formatted(heading));
            list(text, lines);
        }
    }

    private static void list(final StringBuilder text, final List<String> lines) {
        lines.forEach(line -> text.append("- %s\n".formatted(escaped(line))));
        text.append('\n');
    }

    /** What somebody wrote, so that nothing in it is taken for markup. */
    private static String escaped(final String words) {
        return words.replaceAll(SPECIAL, "\\\\$1").replaceAll("\\p{Cntrl}", " ");
    }

    /** What a text says; markup of other kinds, and HTML, is passed over, and what is quoted without end is quoted once. */
    static Read read(final String text) {
        final Gathering gathering = new Gathering();
        Parser.builder()
                .build()
                .parse(text.replaceAll("(?m)^[> \t]{60,}", "> "))
                .accept(gathering);
        final List<Section> listed = gathering.sections().stream()
                .filter(each -> !each.items().isEmpty())
                .toList();
        final List<String> mix = listed.stream()
                .filter(each -> each.heading().equalsIgnoreCase(MIX))
                .findFirst()
                .or(() -> listed.stream().findFirst())
                .map(Section::items)
                .orElse(List.of());
        final Map<String, Section> others = new LinkedHashMap<>();
        listed.forEach(each -> others.putIfAbsent(each.heading(), each));
        return new Read(
                gathering.title.strip(),
                String.join("\n", gathering.quoted).strip(),
                gathering.sections().stream()
                        .flatMap(each -> each.words().lines())
                        .filter(line -> line.startsWith(FOR))
                        .findFirst()
                        .map(line -> line.substring(FOR.length()).replaceFirst("\\.$", ""))
                        .orElse(""),
                mix,
                others);
    }

    /** How sure somebody was of a mix of their own, as its section says. */
    static Certainty certainty(final Section section) {
        final String words = section.words().toLowerCase(Locale.ROOT);
        for (final Certainty each : Certainty.values()) {
            if (words.contains(", " + each.name().toLowerCase(Locale.ROOT))) {
                return each;
            }
        }
        return Certainty.ESTIMATED;
    }

    /** Whether a mix of somebody's own is said to be fed. */
    static boolean fed(final Section section) {
        return section.words().contains(OWN) && section.words().contains(FED);
    }

    /** Gathers headings, quotations, points and paragraphs. */
    private static final class Gathering extends AbstractVisitor {

        private final List<Section> closed = new ArrayList<>();
        private final List<String> quoted = new ArrayList<>();
        private String title = "";
        private String heading = "";
        private List<String> items = new ArrayList<>();
        private StringBuilder words = new StringBuilder();

        private List<Section> sections() {
            final List<Section> all = new ArrayList<>(closed);
            all.add(new Section(heading, List.copyOf(items), words.toString()));
            return all;
        }

        @Override
        public void visit(final Heading found) {
            if (found.getLevel() == 1 && title.isEmpty()) {
                title = plain(found);
                return;
            }
            closed.add(new Section(heading, List.copyOf(items), words.toString()));
            heading = plain(found).strip();
            items = new ArrayList<>();
            words = new StringBuilder();
        }

        @Override
        public void visit(final BlockQuote found) {
            for (Node each = found.getFirstChild(); each != null; each = each.getNext()) {
                quoted.add(plain(each));
            }
        }

        @Override
        public void visit(final ListItem found) {
            final String words = plain(found).strip();
            if (!words.isEmpty()) {
                items.add(words);
            }
        }

        @Override
        public void visit(final Paragraph found) {
            words.append(plain(found)).append('\n');
        }

        private static String plain(final Node node) {
            final StringBuilder into = new StringBuilder();
            plain(node, into, 0);
            return into.toString();
        }

        private static void plain(final Node node, final StringBuilder into, final int depth) {
            if (node instanceof Text text) {
                into.append(text.getLiteral());
            } else if (node instanceof Code code) {
                into.append(code.getLiteral());
            } else if (node instanceof SoftLineBreak || node instanceof HardLineBreak) {
                into.append(' ');
            }
            for (Node each = node.getFirstChild(); each != null && depth < DEEPEST; each = each.getNext()) {
                plain(each, into, depth + 1);
            }
        }
    }
}
