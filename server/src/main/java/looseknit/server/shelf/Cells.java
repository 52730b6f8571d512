package looseknit.server.shelf;

import java.math.BigDecimal;
import java.util.Locale;
import looseknit.core.measure.CsvTable.Row;
import org.jspecify.annotations.Nullable;

/** Cells of a table as they are read and written. */
final class Cells {

    private Cells() {}

    /** A number, or nothing if the cell is empty. */
    static @Nullable Double maybe(final Row row, final String column, final double low, final double high) {
        return row.text(column).isEmpty() ? null : row.number(column, low, high);
    }

    /** Yes, no, or nothing for no. */
    static boolean yes(final Row row, final String column) {
        final String text = row.text(column).toLowerCase(Locale.ROOT);
        if (text.isEmpty() || text.equals("no") || text.equals("false")) {
            return false;
        }
        if (text.equals("yes") || text.equals("true")) {
            return true;
        }
        throw row.bad(column, row.text(column), "yes or no");
    }

    /** Two numbers with a colon between. */
    static double[] pair(final Row row, final String column, final String text) {
        final String[] both = text.split(":");
        try {
            if (both.length == 2) {
                return new double[] {Double.parseDouble(both[0].strip()), Double.parseDouble(both[1].strip())};
            }
        } catch (final NumberFormatException e) {
            throw row.bad(column, text, "two numbers with a colon between, as 2:40");
        }
        throw row.bad(column, text, "two numbers with a colon between, as 2:40");
    }

    static String text(final @Nullable Double value) {
        return value == null
                ? ""
                : new BigDecimal(Double.toString(value)).stripTrailingZeros().toPlainString();
    }

    static String text(final boolean yes) {
        return yes ? "yes" : "";
    }

    static String text(final @Nullable Object value) {
        return value == null ? "" : value.toString();
    }
}
