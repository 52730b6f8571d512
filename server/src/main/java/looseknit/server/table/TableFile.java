package looseknit.server.table;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.measure.CsvTable.Row;
import looseknit.server.frame.NotThere;

/**
 * A kind of table that can be read from a file and written to one.
 *
 * @param <T> what a line holds
 */
public interface TableFile<T> {

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

    /**
     * What is stored, by key.
     *
     * @param lines what the file holds: what is of none of them need not be told
     */
    Map<String, T> stored(List<T> lines);

    /** Why a line may not take the place of what is stored; nothing if it may. */
    default Optional<String> stays(final T stored, final T line) {
        return Optional.empty();
    }

    /**
     * Checks all lines together.
     *
     * @throws IllegalArgumentException if they do not go together
     */
    default void checkTogether(final List<T> lines) {}

    /** The lines in the order in which they are stored; that of the file, unless what they hold is waited for by others at the same time. */
    default List<T> inOrder(final List<T> lines) {
        return lines;
    }

    /** Stores one line; whoever calls has opened a transaction and tells others of the change. */
    void store(T line);

    /**
     * The cells of what is stored.
     *
     * @throws NotThere where it is written out in another way
     */
    default List<List<String>> cells() {
        throw new NotThere("table of this kind here; it is among those of the house");
    }
}
