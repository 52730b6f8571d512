package looseknit.server.paper;

import java.util.Arrays;
import java.util.stream.Collectors;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import org.jspecify.annotations.Nullable;

/**
 * Sheets of labels, told apart by the size of a label. Common practice, no source: the sizes and margins are those in which ready-cut sheets are widely sold, from memory; strips and the two sizes to cut
 * out are our own. All lengths are in millimetres.
 */
public enum LabelSheet {
    /** 3 by 10 to cut out with scissors. */
    CUT_SMALL(null, 3, 10, 62, 26, 12, 12, 62, 26, true),
    /** 2 by 6 to cut out with scissors. */
    CUT_LARGE(null, 2, 6, 93, 42, 12, 12, 93, 42, true),
    /** Long strips to cut out, for stakes or to go round a pot. */
    STRIPS(null, 1, 13, 180, 19, 15, 14, 180, 19, true),
    MM_48X25(Paper.Size.A4, 4, 11, 48.3, 25.4, 8.4, 8.8, 48.3, 25.4, false),
    MM_63X38(Paper.Size.A4, 3, 7, 63.5, 38.1, 7.2, 15.1, 66, 38.1, false),
    MM_70X37(Paper.Size.A4, 3, 8, 70, 37, 0, 0.5, 70, 37, false),
    MM_99X68(Paper.Size.A4, 2, 4, 99.1, 67.7, 4.65, 13.1, 101.6, 67.7, false),
    IN_2X1(Paper.Size.LETTER, 3, 10, 66.7, 25.4, 4.8, 12.7, 69.85, 25.4, false),
    IN_4X2(Paper.Size.LETTER, 2, 5, 101.6, 50.8, 3.97, 12.7, 106.36, 50.8, false),
    IN_4X3(Paper.Size.LETTER, 2, 3, 101.6, 84.7, 3.97, 12.7, 106.36, 84.7, false);

    private final Paper.@Nullable Size paper;
    private final int across;
    private final int down;
    private final double width;
    private final double height;
    private final double left;
    private final double top;
    private final double stepAcross;
    private final double stepDown;
    private final boolean cut;

    LabelSheet(
            final Paper.@Nullable Size paper,
            final int across,
            final int down,
            final double width,
            final double height,
            final double left,
            final double top,
            final double stepAcross,
            final double stepDown,
            final boolean cut) {
        this.paper = paper;
        this.across = across;
        this.down = down;
        this.width = width;
        this.height = height;
        this.left = left;
        this.top = top;
        this.stepAcross = stepAcross;
        this.stepDown = stepDown;
        this.cut = cut;
    }

    /**
     * The sheet of a name.
     *
     * @throws OutOfRangeException if there is none
     */
    public static LabelSheet named(final String name) {
        return Arrays.stream(values())
                .filter(each -> each.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new OutOfRangeException(
                        "label",
                        name,
                        TableText.said(Arrays.stream(values()).map(Enum::name).collect(Collectors.joining(", ")))));
    }

    /** The paper that it is made of; the wished one where it is cut out. */
    Paper.Size paper(final Paper.Size wished) {
        return paper == null ? wished : paper;
    }

    /** How many labels are on a sheet. */
    public int labels() {
        return across * down;
    }

    /** Width of a label [mm]. */
    public double width() {
        return width;
    }

    /** Height of a label [mm]. */
    public double height() {
        return height;
    }

    /** From the left edge of the sheet to the label at a place, counted along the rows from 0 [mm]. */
    double leftOf(final int place) {
        return left + Math.floorMod(place, across) * stepAcross;
    }

    /** From the upper edge of the sheet to the label at a place [mm]. */
    double topOf(final int place) {
        return top + Math.floorDiv(place, across) * stepDown;
    }

    /** Whether a line shows where to cut. */
    boolean cut() {
        return cut;
    }
}
