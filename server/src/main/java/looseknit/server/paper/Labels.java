package looseknit.server.paper;

import static looseknit.server.paper.Paper.plain;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import org.springframework.stereotype.Component;

/** Labels on sheets: a name that is read at arm's length, a few lines beneath, and a code. */
@Component
public class Labels {

    /** Sizes of a name [pt], the largest that fits is taken. */
    private static final List<Integer> NAME_SIZES = List.of(30, 26, 22, 19, 17, 15, 13, 11, 9);

    /** Width of a letter as a share of the size of the letters, on the average of this typeface with some room to spare. */
    private static final double LETTER_WIDTH = 0.56;

    private static final double LINE_HEIGHT = 1.12;
    private static final double MM_A_PT = 25.4 / 72;

    /** Share of the height of a label that its name may take. */
    private static final double FOR_THE_NAME = 0.5;

    private static final double PADDING_MM = 2;
    private static final double LARGEST_CODE_MM = 30;

    /** What a sheet is shorter than its paper, so that rounding never begins another. */
    private static final double SPARE_MM = 0.5;

    private static final double FLAT = 5;
    private static final double SMALL_LABEL_MM = 30;
    private static final double LARGE_LABEL_MM = 48;

    private final Paper paper;

    Labels(final Paper paper) {
        this.paper = paper;
    }

    /**
     * A label.
     *
     * @param note what stands out beneath; empty for nothing
     * @param code what its code says
     */
    public record Label(String name, List<String> lines, String note, String code) {}

    /**
     * Sheets of labels.
     *
     * @param wished the paper for labels that are cut out
     * @param first the place of the first label, from 1, for a sheet of which some are used
     */
    public byte[] sheets(
            final String title,
            final LabelSheet sheet,
            final Paper.Size wished,
            final int first,
            final List<Label> labels) {
        if (first < 1 || first > sheet.labels()) {
            throw new OutOfRangeException("first", first, TableText.said("1 to %d".formatted(sheet.labels())));
        }
        final StringBuilder body = new StringBuilder();
        for (int i = 0; i < labels.size(); i++) {
            final int place = (first - 1 + i) % sheet.labels();
            if (i == 0 || place == 0) {
                body.append(i == 0 ? "" : "</div>")
                        .append("<div class=\"sheet\"%s>"
                                .formatted(i == 0 ? "" : " style=\"page-break-before:always\""));
            }
            body.append(at(sheet, place, inside(sheet, labels.get(i))));
        }
        final Paper.Size size = sheet.paper(wished);
        return paper.pdf(
                title,
                """
                @page { size: %s; margin: 0 }
                .sheet { position: relative; width: %smm; height: %smm; overflow: hidden }
                .label { position: absolute; overflow: hidden%s }
                .name { line-height: 1.12 }
                .lines { font-size: %spt; line-height: 1.2 }
                .note { font-size: %spt; border-bottom: 0.6pt solid #1a211d }
                td { padding: 0; vertical-align: middle }
                """.formatted(
                                size.css(),
                                mm(size.widthMm()),
                                mm(size.heightMm() - SPARE_MM),
                                sheet.cut() ? "; border: 0.4pt dashed #9aa79f" : "",
                                lines(sheet),
                                lines(sheet) + 1),
                body.append("</div>").toString());
    }

    /** Whether it is so flat that its lines stand behind one another. */
    private static boolean flat(final LabelSheet sheet) {
        return sheet.width() > FLAT * sheet.height();
    }

    private static int lines(final LabelSheet sheet) {
        if (sheet.height() < SMALL_LABEL_MM && !flat(sheet)) {
            return 7;
        }
        return sheet.height() < LARGE_LABEL_MM ? 9 : 12;
    }

    private static String at(final LabelSheet sheet, final int place, final String inside) {
        return "<div class=\"label\" style=\"left:%smm;top:%smm;width:%smm;height:%smm\">%s</div>"
                .formatted(
                        mm(sheet.leftOf(place)), mm(sheet.topOf(place)), mm(sheet.width()), mm(sheet.height()), inside);
    }

    private static String inside(final LabelSheet sheet, final Label label) {
        final double code = Math.min(LARGEST_CODE_MM, Math.min(sheet.height() - 2 * PADDING_MM, sheet.width() / 3));
        final double width = sheet.width() - code - 3 * PADDING_MM;
        final int size = nameSize(label.name(), width, sheet.height() * FOR_THE_NAME);
        return """
                <table style="margin:0 %1$smm;width:%2$smm;height:%3$smm"><tr>
                <td style="width:%4$smm"><div class="name" style="font-size:%5$dpt">%6$s</div><div class="lines">%7$s</div>%8$s</td>
                <td style="width:%9$smm;text-align:right"><img style="width:%9$smm;height:%9$smm" src="%10$s" alt=""/></td>
                </tr></table>""".formatted(
                        mm(PADDING_MM),
                        mm(sheet.width() - 2 * PADDING_MM),
                        mm(sheet.height()),
                        mm(width),
                        size,
                        plain(label.name()),
                        label.lines().stream()
                                .map(Paper::plain)
                                .collect(Collectors.joining(flat(sheet) ? " &#183; " : "<br/>")),
                        label.note().isBlank() ? "" : "<div class=\"note\">%s</div>".formatted(plain(label.note())),
                        mm(code),
                        Paper.qr(label.code()));
    }

    /** The largest size at which a name stays in its room, words whole. */
    static int nameSize(final String name, final double widthMm, final double heightMm) {
        return NAME_SIZES.stream()
                .filter(size ->
                        rows(name, (int) (widthMm / (size * MM_A_PT * LETTER_WIDTH))) * size * MM_A_PT * LINE_HEIGHT
                                <= heightMm)
                .findFirst()
                .orElse(NAME_SIZES.get(NAME_SIZES.size() - 1));
    }

    /** How many rows the words of a name take; more than can ever be had if one of them is longer than a row. */
    private static int rows(final String name, final int letters) {
        int rows = 1;
        int used = 0;
        for (final String word : name.split(" ", -1)) {
            if (word.length() > letters) {
                return name.length();
            }
            if (used > 0 && used + 1 + word.length() > letters) {
                rows++;
                used = word.length();
            } else {
                used += (used > 0 ? 1 : 0) + word.length();
            }
        }
        return rows;
    }

    private static String mm(final double length) {
        return String.format(Locale.ROOT, "%.2f", length);
    }
}
