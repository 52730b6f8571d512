package looseknit.core.measure;

import java.util.List;

/** A table holds a cell that cannot be used. */
public final class BadCellException extends IllegalArgumentException {

    private BadCellException(final String words) {
        super(words);
    }

    public BadCellException(
            final String table, final long line, final String column, final String value, final String allowed) {
        super("%s, line %d, column %s: \"%s\"; allowed: %s".formatted(table, line, column, value, allowed));
    }

    /** Its header lacks a column. */
    static BadCellException lacks(final String table, final String column, final List<String> columns) {
        return new BadCellException("The first line of %s names no column \"%s\". Allowed: a first line with %s."
                .formatted(table, column, String.join(", ", columns)));
    }
}
