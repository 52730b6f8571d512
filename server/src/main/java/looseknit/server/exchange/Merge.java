package looseknit.server.exchange;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What a file that was read would change in this house, and the change itself, all or nothing. What is only in the file is new; what is in both
 * and says the same stays; of what differs somebody decides. Looks, steps and other parts come with what they belong to.
 */
final class Merge {

    /** What shall stand of what is in both and differs. */
    enum Wins {
        HERE,
        FILE
    }

    private static final int AT_ONCE = 500;
    private static final String LOT_NUMBER = "lot";
    private static final String REVISION = "revision";

    /** How many rows of a kind are new, the same, or differ. */
    record Count(long fresh, long same, long differing) {}

    /**
     * What it would change.
     *
     * @param clashes what keeps the file from winning, in sentences
     * @param possible whether it can be taken in at all
     * @param numbers batches of the file that get another number, since theirs is another batch's here
     */
    record Found(Map<Kind, Count> counts, List<String> clashes, boolean possible, Map<String, String> numbers) {}

    private final Connection file;
    private final Connection house;
    private final Runnable step;
    private final Set<String> numbersOfFile;

    /** Numbers of versions that are others in the file. */
    private final List<String> otherVersions = new ArrayList<>();

    /**
     * Of a file.
     *
     * @param file a connection of its own: rows are read while others wait
     */
    Merge(final Connection file, final Connection house, final Runnable step) throws SQLException {
        this.file = file;
        this.house = house;
        this.step = step;
        this.numbersOfFile = numbers(file);
        try (Statement rowByRow = file.createStatement()) {
            rowByRow.execute("SET LAZY_QUERY_EXECUTION 1");
        }
    }

    /** What would change; nothing is. */
    Found look() throws SQLException {
        final Map<Kind, Count> counts = new EnumMap<>(Kind.class);
        final List<String> clashes = new ArrayList<>();
        final Map<String, String> numbers = new HashMap<>();
        for (final Kind kind : Kind.values()) {
            counts.put(kind, each(kind, clashes, numbers, null, (columns, row, there) -> {}));
        }
        return new Found(counts, clashes, otherVersions.isEmpty(), numbers);
    }

    /** Does it. Whoever calls ends the transaction. */
    Found take(final Wins wins) throws SQLException {
        final Map<Kind, Count> counts = new EnumMap<>(Kind.class);
        final List<String> clashes = new ArrayList<>();
        final Map<String, String> numbers = new HashMap<>();
        final Map<Kind, Set<Object>> stay = new EnumMap<>(Kind.class);
        for (final Kind kind : Kind.values()) {
            counts.put(kind, take(kind, wins, clashes, numbers, stay));
        }
        return new Found(counts, clashes, true, numbers);
    }

    private Count take(
            final Kind kind,
            final Wins wins,
            final List<String> clashes,
            final Map<String, String> numbers,
            final Map<Kind, Set<Object>> stay)
            throws SQLException {
        final Columns columns = Columns.of(house, kind);
        final List<String> written = columns.told();
        final String self = Kind.OF_THE_SAME.get(kind);
        final List<Object[]> selves = new ArrayList<>();
        final Set<Object> kept = stay.computeIfAbsent(kind, any -> new HashSet<>());
        final int[] open = {0};
        final int whole = kind.partOf().map(written::indexOf).orElse(-1);
        try (PreparedStatement insert = house.prepareStatement("INSERT INTO %s (%s) VALUES (%s)"
                        .formatted(
                                kind.table(),
                                String.join(", ", written),
                                written.stream().map(each -> "?").collect(Collectors.joining(", "))));
                PreparedStatement update = house.prepareStatement("UPDATE %s SET %s WHERE %s"
                        .formatted(
                                kind.table(),
                                written.stream()
                                        // whoever saw what was here before is told that it has changed
                                        .map(each -> each.equals(REVISION) ? "revision = revision + 1" : each + " = ?")
                                        .collect(Collectors.joining(", ")),
                                where(kind.key())))) {
            final Sheaf sheaf = new Sheaf(insert, whole);
            final Count count = each(kind, clashes, numbers, wins == Wins.HERE ? stay : null, (all, row, there) -> {
                if (!clashes.isEmpty() && (wins == Wins.FILE || !otherVersions.isEmpty())) {
                    throw new Unreadable(clashes.get(0));
                }
                final boolean fresh = there == null;
                if (!fresh && wins == Wins.HERE) {
                    kept.add(row[all.names().indexOf(kind.key().get(0))]);
                    return;
                }
                final List<@Nullable Object> values = new ArrayList<>(written.size());
                for (final String name : written) {
                    if (!fresh && name.equals(REVISION)) {
                        continue;
                    }
                    final Object value = row[all.names().indexOf(name)];
                    final boolean later = name.equals(self) && value != null;
                    if (later) {
                        selves.add(new Object[] {value, row[all.names().indexOf("id")]});
                    }
                    values.add(later ? null : value);
                }
                if (fresh) {
                    if (sheaf.add(values.toArray())) {
                        sheaf.store();
                    }
                    return;
                }
                for (final String key : kind.key()) {
                    values.add(row[all.names().indexOf(key)]);
                }
                for (int i = 0; i < values.size(); i++) {
                    update.setObject(i + 1, values.get(i));
                }
                update.addBatch();
                if (++open[0] % AT_ONCE == 0) {
                    update.executeBatch();
                }
            });
            sheaf.store();
            update.executeBatch();
            if (!selves.isEmpty()) {
                try (PreparedStatement name =
                        house.prepareStatement("UPDATE %s SET %s = ? WHERE id = ?".formatted(kind.table(), self))) {
                    for (final Object[] pair : selves) {
                        name.setObject(1, pair[0]);
                        name.setObject(2, pair[1]);
                        name.addBatch();
                    }
                    name.executeBatch();
                }
            }
            return count;
        }
    }

    /** What is done with a row of the file that is new here or differs. */
    private interface Doing {
        void with(Columns columns, @Nullable Object[] row, @Nullable Object @Nullable [] there) throws SQLException;
    }

    private Count each(
            final Kind kind,
            final List<String> clashes,
            final Map<String, String> numbers,
            final @Nullable Map<Kind, Set<Object>> stay,
            final Doing doing)
            throws SQLException {
        final Columns columns = Columns.of(house, kind);
        long fresh = 0;
        long same = 0;
        long differing = 0;
        final List<Integer> told = IntStream.range(0, columns.names().size())
                .filter(i -> !columns.counted().contains(columns.names().get(i))
                        && !columns.names().get(i).equals(REVISION))
                .boxed()
                .toList();
        final boolean empty = isEmpty(kind);
        // in the order of the file, row by row as they are asked for
        try (PreparedStatement all = file.prepareStatement("SELECT %s FROM %s ORDER BY _ROWID_"
                        .formatted(String.join(", ", columns.names()), kind.table()));
                PreparedStatement one = house.prepareStatement("SELECT %s FROM %s WHERE %s"
                        .formatted(String.join(", ", columns.names()), kind.table(), where(kind.key())))) {
            try (ResultSet rows = all.executeQuery()) {
                while (rows.next()) {
                    step.run();
                    final Object[] row = values(rows, columns);
                    final Object[] there = empty ? null : find(one, kind.key(), columns, row);
                    if (stay != null && stays(kind, columns, row, stay)) {
                        continue;
                    }
                    if (there == null) {
                        fresh++;
                        clash(kind, columns, row, clashes, numbers);
                        doing.with(columns, row, null);
                    } else if (told.stream().allMatch(i -> Objects.deepEquals(row[i], there[i]))) {
                        same++;
                        if (stay != null) {
                            stay.computeIfAbsent(kind, any -> new HashSet<>())
                                    .add(row[columns.names().indexOf(kind.key().get(0))]);
                        }
                    } else {
                        differing++;
                        doing.with(columns, row, there);
                    }
                }
            }
        }
        return new Count(fresh, same, differing);
    }

    private boolean isEmpty(final Kind kind) throws SQLException {
        try (PreparedStatement any = house.prepareStatement("SELECT 1 FROM %s LIMIT 1".formatted(kind.table()));
                ResultSet row = any.executeQuery()) {
            return !row.next();
        }
    }

    /** Whether it is a part of something that stays as it is here. */
    private static boolean stays(
            final Kind kind, final Columns columns, final @Nullable Object[] row, final Map<Kind, Set<Object>> stay) {
        return kind.partOf().isPresent()
                && kind.whole().isPresent()
                && stay.getOrDefault(kind.whole().get(), Set.of())
                        .contains(row[columns.names().indexOf(kind.partOf().get())]);
    }

    /** What may be there only once, and is there already as something else. */
    private void clash(
            final Kind kind,
            final Columns columns,
            final @Nullable Object[] row,
            final List<String> clashes,
            final Map<String, String> numbers)
            throws SQLException {
        if (kind.alsoOnce().isEmpty()) {
            return;
        }
        try (PreparedStatement one = house.prepareStatement("SELECT %s FROM %s WHERE %s"
                .formatted(String.join(", ", columns.names()), kind.table(), where(kind.alsoOnce())))) {
            final Object[] there = find(one, kind.alsoOnce(), columns, row);
            if (there == null) {
                return;
            }
            if (kind == Kind.BATCHES) {
                final int at = columns.names().indexOf(LOT_NUMBER);
                final String number = String.valueOf(row[at]);
                final String free = free(number, numbers);
                numbers.put(number, free);
                row[at] = free;
                return;
            }
            if (kind == Kind.VERSIONS) {
                final String number = String.valueOf(row[columns.names().indexOf("number")]);
                final String name = String.valueOf(row[columns.names().indexOf("name")]);
                otherVersions.add(number);
                // batches name a version by its number: they would get another recipe
                clashes.add(
                        "Version %s of “%s” is one here and another in the file, and batches are mixed by its number: take the file into a house of its own."
                                .formatted(number, name));
                return;
            }
            clashes.add(
                    "In both, the %s of one thing go on differently under the same number (%s): the file cannot win there. Leave what is here, or take the file into a house of its own."
                            .formatted(
                                    kind.words(),
                                    kind.alsoOnce().stream()
                                            .map(each -> String.valueOf(
                                                    row[columns.names().indexOf(each)]))
                                            .collect(Collectors.joining(", "))));
        }
    }

    /** The next number of the same day that no batch has, here or by this file. */
    private String free(final String number, final Map<String, String> taken) throws SQLException {
        final String day = number.replaceFirst("-\\d+$", "");
        try (PreparedStatement one = house.prepareStatement("SELECT 1 FROM batch WHERE lot = ?")) {
            for (int next = 1; ; next++) {
                final String tried = "%s-%d".formatted(day, next);
                one.setString(1, tried);
                try (ResultSet here = one.executeQuery()) {
                    if (!here.next() && !numbersOfFile.contains(tried) && !taken.containsValue(tried)) {
                        return tried;
                    }
                }
            }
        }
    }

    private static Set<String> numbers(final Connection file) throws SQLException {
        final Set<String> numbers = new HashSet<>();
        try (PreparedStatement all = file.prepareStatement("SELECT lot FROM batch");
                ResultSet rows = all.executeQuery()) {
            while (rows.next()) {
                numbers.add(rows.getString(1));
            }
        }
        return numbers;
    }

    private static @Nullable Object @Nullable [] find(
            final PreparedStatement one, final List<String> key, final Columns columns, final @Nullable Object[] row)
            throws SQLException {
        int at = 1;
        for (final String each : key) {
            one.setObject(at++, row[columns.names().indexOf(each)]);
        }
        try (ResultSet found = one.executeQuery()) {
            return found.next() ? values(found, columns) : null;
        }
    }

    private static @Nullable Object[] values(final ResultSet row, final Columns columns) throws SQLException {
        final Object[] values = new Object[columns.names().size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = Columns.value(row, i + 1, columns.types().get(i));
        }
        return values;
    }

    private static String where(final List<String> key) {
        return key.stream().map(each -> each + " = ?").collect(Collectors.joining(" AND "));
    }
}
