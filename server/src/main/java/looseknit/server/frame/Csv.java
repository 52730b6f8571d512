package looseknit.server.frame;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.regex.Pattern;
import looseknit.core.measure.CsvTable;
import org.apache.commons.csv.CSVFormat;

/** Tables as comma-separated values. */
public final class Csv {

    private static final Pattern NUMBER = Pattern.compile("[-+]?[0-9]+([.][0-9]+)?");

    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setRecordSeparator('\n').get();

    private Csv() {}

    /** A table with its head; what a spreadsheet would take for a formula goes out as text, and comes back as it was. */
    public static String of(final List<String> head, final List<List<String>> rows) {
        final StringWriter text = new StringWriter();
        try {
            line(text, head);
            for (final List<String> row : rows) {
                line(text, row);
            }
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** One line of a table that is written piece by piece, guarded in the same way. */
    public static void line(final Appendable into, final List<String> cells) throws IOException {
        FORMAT.printRecord(into, cells.stream().map(Csv::harmless).toArray());
    }

    private static String harmless(final String cell) {
        return !cell.isEmpty()
                        && CsvTable.FORMULA.indexOf(cell.charAt(0)) >= 0
                        && !NUMBER.matcher(cell).matches()
                ? "'" + cell
                : cell;
    }

    /** A number with no more decimals than it needs. */
    public static String number(final double value, final int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
