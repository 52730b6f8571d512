package looseknit.core.need;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import looseknit.core.material.Component;
import looseknit.core.measure.CsvTable;
import looseknit.core.message.TableText;

/** The table of what usually is in a mix, by group of plants. */
public final class MakeUpBook {

    private static final List<Component> COLUMNS = List.of(
            Component.MINERAL,
            Component.HOLDER,
            Component.CHUNK,
            Component.WOODY,
            Component.MOSS,
            Component.RICH,
            Component.SOIL,
            Component.CHAR);

    private static final Map<String, List<UsualMakeUp.Way>> WAYS = ways();

    private MakeUpBook() {}

    private record Line(String group, UsualMakeUp.Way way) {}

    private static Map<String, List<UsualMakeUp.Way>> ways() {
        final Map<String, List<UsualMakeUp.Way>> ways = new LinkedHashMap<>();
        CsvTable.resource(MakeUpBook.class, "make-up.csv", MakeUpBook::line)
                .forEach(line -> ways.computeIfAbsent(line.group(), any -> new ArrayList<>())
                        .add(line.way()));
        return ways;
    }

    private static Line line(final CsvTable.Row row) {
        final List<UsualMakeUp.Bound> bounds =
                COLUMNS.stream().map(component -> bound(row, component)).toList();
        final Set<Component> alone = EnumSet.noneOf(Component.class);
        alone.addAll(row.someOf("alone", Component.class));
        return new Line(
                row.filled("group"),
                new UsualMakeUp.Way(
                        row.text("school").isEmpty()
                                ? Optional.empty()
                                : Optional.of(row.oneOf("school", School.class)),
                        row.filled("unasked").equals("yes"),
                        UsualMakeUp.completed(bounds),
                        alone,
                        Set.copyOf(row.list("seldom")),
                        row.number("weight", 0.1, 5),
                        new TableText(row.filled("because"))));
    }

    /** A range in per cent, "45-85", or one figure for "that at most and no less". */
    private static UsualMakeUp.Bound bound(final CsvTable.Row row, final Component component) {
        final String column = component.name().toLowerCase(Locale.ROOT);
        final String[] ends = row.filled(column).split("-");
        try {
            final double low = Double.parseDouble(ends[0]) / 100;
            final double high = Double.parseDouble(ends[ends.length - 1]) / 100;
            if (ends.length <= 2 && low >= 0 && low <= high && high <= 1) {
                return new UsualMakeUp.Bound(component, low, high);
            }
        } catch (final NumberFormatException notANumber) {
            // told below
        }
        throw row.bad(column, row.text(column), "per cent from-to, like 10-45");
    }

    /** The groups of the table. */
    public static Set<String> groups() {
        return WAYS.keySet();
    }

    /** The ways of a group; none if the table does not name it. */
    public static List<UsualMakeUp.Way> of(final String group) {
        return WAYS.getOrDefault(group, List.of());
    }
}
