package looseknit.core.measure;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads a table with a header line. A bad cell fails with line, column, value and what is allowed. */
public final class CsvTable {

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .get();

    /** With these a spreadsheet begins a formula. */
    public static final String FORMULA = "=+-@\t\r";

    private CsvTable() {}

    /** Reads a table that ships beside the given class. */
    public static <T> List<T> resource(final Class<?> beside, final String name, final Function<Row, T> reader) {
        try (var stream = Objects.requireNonNull(beside.getResourceAsStream(name), name)) {
            return read(name, new InputStreamReader(stream, StandardCharsets.UTF_8), reader);
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Reads every row.
     *
     * @param name the table's name, for messages
     * @throws BadCellException if the reader refuses a cell
     */
    public static <T> List<T> read(final String name, final Reader text, final Function<Row, T> reader) {
        final List<T> result = new ArrayList<>();
        try (CSVParser parser = FORMAT.parse(text)) {
            for (final CSVRecord csv : parser) {
                final Row row = new Row(name, parser.getCurrentLineNumber(), csv);
                if (!csv.isConsistent()) {
                    throw row.bad("(all)", csv.size() + " cells", "one cell for each of the header's columns");
                }
                result.add(reader.apply(row));
            }
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
        return List.copyOf(result);
    }

    /**
     * A line that was read, or why it could not be.
     *
     * @param line its number in the file
     * @param value what it holds; nothing if it could not be read
     * @param problem why it could not be read; nothing if it could
     */
    public record Outcome<T>(long line, Optional<T> value, Optional<String> problem) {}

    /**
     * Reads every line, each on its own: a bad one is reported and the rest still read.
     *
     * @param columns columns that the header must have; further ones are left alone
     * @throws BadCellException if the header lacks a column
     */
    public static <T> List<Outcome<T>> each(
            final String name, final Reader text, final List<String> columns, final Function<Row, T> reader) {
        final List<Outcome<T>> outcomes = new ArrayList<>();
        try (CSVParser parser = FORMAT.parse(text)) {
            for (final String column : columns) {
                if (!parser.getHeaderNames().contains(column)) {
                    throw BadCellException.lacks(name, column, columns);
                }
            }
            for (final CSVRecord csv : parser) {
                outcomes.add(outcome(new Row(name, parser.getCurrentLineNumber(), csv), csv, reader));
            }
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
        return List.copyOf(outcomes);
    }

    private static <T> Outcome<T> outcome(final Row row, final CSVRecord csv, final Function<Row, T> reader) {
        try {
            if (!csv.isConsistent()) {
                throw row.bad("(all)", csv.size() + " cells", "one cell for each of the header's columns");
            }
            return new Outcome<>(row.line, Optional.of(reader.apply(row)), Optional.empty());
        } catch (final IllegalArgumentException e) {
            return new Outcome<>(row.line, Optional.empty(), Optional.of(String.valueOf(e.getMessage())));
        }
    }

    /** One line of a table. */
    public static final class Row {

        private final String table;
        private final long line;
        private final CSVRecord csv;

        private Row(final String table, final long line, final CSVRecord csv) {
            this.table = table;
            this.line = line;
            this.csv = csv;
        }

        /** Number of the line in its file. */
        public long line() {
            return line;
        }

        /** The cell's text, stripped; may be empty. */
        public String text(final String column) {
            if (!csv.isSet(column)) {
                throw bad(column, "missing", "a cell in this column");
            }
            return unharmed(csv.get(column).strip());
        }

        /** What went out as text, so that no spreadsheet takes it for a formula, comes back as it was. */
        private static String unharmed(final String cell) {
            return cell.length() > 1 && cell.charAt(0) == '\'' && FORMULA.indexOf(cell.charAt(1)) >= 0
                    ? cell.substring(1)
                    : cell;
        }

        /** The cell's text, stripped; empty where the table has no such column, as those of earlier versions. */
        public String textIfAny(final String column) {
            return csv.isMapped(column) ? text(column) : "";
        }

        /** The cell's text, which must not be empty. */
        public String filled(final String column) {
            final String text = text(column);
            if (text.isEmpty()) {
                throw bad(column, "empty", "some text");
            }
            return text;
        }

        /** The cell's parts, separated by semicolons. */
        public List<String> list(final String column) {
            final String text = text(column);
            return text.isEmpty()
                    ? List.of()
                    : List.of(text.split(";")).stream().map(String::strip).toList();
        }

        /** A number within the limits; the word {@code inf} stands for infinity. */
        public double number(final String column, final double low, final double high) {
            final String text = filled(column);
            double value;
            try {
                value = text.equals("inf") ? Double.POSITIVE_INFINITY : Double.parseDouble(text);
            } catch (final NumberFormatException e) {
                value = Double.NaN;
            }
            if (!(value >= low && value <= high)) {
                throw bad(column, text, "a number from %s to %s".formatted(Require.plain(low), Require.plain(high)));
            }
            return value;
        }

        /** A number within the limits, or the given value if the cell is empty or the table has no such column. */
        public double numberOr(final String column, final double low, final double high, final double otherwise) {
            return textIfAny(column).isEmpty() ? otherwise : number(column, low, high);
        }

        /** One of the constants of an enum, in any case. */
        public <E extends Enum<E>> E oneOf(final String column, final Class<E> type) {
            return constant(column, filled(column), type);
        }

        /** One of the constants of an enum, or the given one if the cell is empty. */
        public <E extends Enum<E>> E oneOfOr(final String column, final Class<E> type, final E otherwise) {
            return text(column).isEmpty() ? otherwise : oneOf(column, type);
        }

        /** Constants of an enum, separated by semicolons. */
        public <E extends Enum<E>> List<E> someOf(final String column, final Class<E> type) {
            return list(column).stream()
                    .map(each -> constant(column, each, type))
                    .toList();
        }

        private <E extends Enum<E>> E constant(final String column, final String text, final Class<E> type) {
            for (final E each : type.getEnumConstants()) {
                if (each.name().equals(text.toUpperCase(Locale.ROOT))) {
                    return each;
                }
            }
            throw bad(column, text, "one of " + List.of(type.getEnumConstants()));
        }

        /** The failure to throw for a cell of this row. */
        public BadCellException bad(final String column, final String value, final String allowed) {
            return new BadCellException(table, line, column, value, allowed);
        }
    }
}
