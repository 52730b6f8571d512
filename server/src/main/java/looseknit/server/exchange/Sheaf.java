package looseknit.server.exchange;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Rows that are stored many at a time, put together by what they are parts of; those of one whole keep their order. Looks come in by days, and
 * are found by pots: stored one by one, each would touch another page of the way to find them, and every page would be written thousands of times.
 */
final class Sheaf {

    private static final int MOST_ROWS = 50_000;
    private static final long MOST_WEIGHT = 16_000_000;

    /** What a value weighs that is no text and no picture, about [characters]. */
    private static final int SMALL = 16;

    private final PreparedStatement insert;
    private final int wholeAt;
    private final List<@Nullable Object[]> rows = new ArrayList<>();
    private long weight;

    /**
     * Of one kind.
     *
     * @param insert takes the values of a row in their order
     * @param wholeAt the place of the id of what a row is a part of; negative if it is a part of nothing
     */
    Sheaf(final PreparedStatement insert, final int wholeAt) {
        this.insert = insert;
        this.wholeAt = wholeAt;
    }

    /** Lays a row to the others; says whether they are so many or so heavy that it is time to store them. */
    boolean add(final @Nullable Object[] row) {
        rows.add(row);
        for (final Object value : row) {
            weight += weight(value);
        }
        return rows.size() >= MOST_ROWS || weight >= MOST_WEIGHT;
    }

    /** Stores those that lie there. */
    void store() throws SQLException {
        if (wholeAt >= 0) {
            rows.sort(
                    Comparator.comparing(row -> (UUID) row[wholeAt], Comparator.nullsFirst(Comparator.naturalOrder())));
        }
        for (final Object[] row : rows) {
            for (int i = 0; i < row.length; i++) {
                insert.setObject(i + 1, row[i]);
            }
            insert.addBatch();
        }
        insert.executeBatch();
        rows.clear();
        weight = 0;
    }

    private static long weight(final @Nullable Object value) {
        if (value instanceof String text) {
            return text.length();
        }
        return value instanceof byte[] picture ? picture.length : SMALL;
    }
}
