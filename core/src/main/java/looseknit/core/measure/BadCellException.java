package looseknit.core.measure;

/** A table holds a cell that cannot be used. */
public final class BadCellException extends IllegalArgumentException {

    public BadCellException(
            final String table, final long line, final String column, final String value, final String allowed) {
        super("%s, line %d, column %s: \"%s\"; allowed: %s".formatted(table, line, column, value, allowed));
    }
}
