package looseknit.server.shelf;

import java.util.List;
import java.util.Map;
import looseknit.core.measure.CsvTable.Row;

/**
 * A kind of table that can be read from a file and written to one.
 *
 * @param <T> what a line holds
 */
interface TableFile<T> {

    /** The kind of table in an address. */
    String kind();

    /** Columns, in their order. */
    List<String> columns();

    /**
     * What a line holds, checked on its own.
     *
     * @param before how often each thing stood in the file before
     * @throws IllegalArgumentException if a cell cannot be used
     */
    T read(Row row, Occurrences before);

    /** What tells a line from the others. */
    String key(T line);

    /** What the line is called. */
    String name(T line);

    /** What is stored, by key. */
    Map<String, T> stored();

    /**
     * Checks all lines together.
     *
     * @throws IllegalArgumentException if they do not go together
     */
    default void checkTogether(final List<T> lines) {}

    /** Stores one line; whoever calls has opened a transaction and tells others of the change. */
    void store(T line);

    /** The cells of what is stored. */
    List<List<String>> cells();
}
