package looseknit.server.table;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.UUID;
import looseknit.core.measure.CsvTable.Row;
import org.jspecify.annotations.Nullable;

/** Cells of a table as they are read and written. */
public final class Cells {

    private Cells() {}

    /** A number, or nothing if the cell is empty. */
    public static @Nullable Double maybe(final Row row, final String column, final double low, final double high) {
        return row.text(column).isEmpty() ? null : row.number(column, low, high);
    }

    /** A number, or nothing if the cell is empty or the table has no such column. */
    public static @Nullable Double ifAny(final Row row, final String column, final double low, final double high) {
        return row.textIfAny(column).isEmpty() ? null : row.number(column, low, high);
    }

    /** A day. */
    public static LocalDate day(final Row row, final String column) {
        try {
            return LocalDate.parse(row.filled(column));
        } catch (final DateTimeParseException e) {
            throw row.bad(column, row.text(column), "a day as 2026-03-31");
        }
    }

    /** An id. */
    public static UUID id(final Row row, final String column) {
        try {
            return UUID.fromString(row.filled(column));
        } catch (final IllegalArgumentException e) {
            throw row.bad(column, row.text(column), "an id as the export writes it, or nothing for what is new");
        }
    }

    /** Yes, no, or nothing for no. */
    public static boolean yes(final Row row, final String column) {
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
    public static double[] pair(final Row row, final String column, final String text) {
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

    public static String text(final @Nullable Double value) {
        return value == null
                ? ""
                : new BigDecimal(Double.toString(value)).stripTrailingZeros().toPlainString();
    }

    public static String text(final boolean yes) {
        return yes ? "yes" : "";
    }

    public static String text(final @Nullable Object value) {
        return value == null ? "" : value.toString();
    }
}
