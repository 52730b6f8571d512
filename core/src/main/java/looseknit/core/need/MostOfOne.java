package looseknit.core.need;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import looseknit.core.material.Material;
import looseknit.core.measure.CsvTable;
import looseknit.core.message.TableText;

/** Most of one material in a mix for anybody but its specialists. Common practice put into figures by judgement, no source. */
public final class MostOfOne {

    /** Most of a material of which the table says nothing: hardly anybody pots into one thing alone [vol/vol]. */
    private static final Row ORDINARY =
            new Row(List.of(), 0.85, false, TableText.NONE, "common practice put into figures by judgement, no source");

    private static final Map<String, Row> ROWS = rows();

    private MostOfOne() {}

    /**
     * A row of the table.
     *
     * @param materials ids of the materials for which it holds
     * @param most greatest usual share [vol/vol]
     * @param together whether it holds for them together; else for each by itself
     * @param because why
     */
    public record Row(List<String> materials, double most, boolean together, TableText because, String source) {}

    private static Map<String, Row> rows() {
        final Map<String, Row> rows = new HashMap<>();
        CsvTable.resource(
                        MostOfOne.class,
                        "most-of-one.csv",
                        row -> new Row(
                                row.list("materials"),
                                row.number("most", 1, 100) / 100,
                                row.filled("together").equals("yes"),
                                new TableText(row.filled("because")),
                                row.filled("source")))
                .forEach(row -> row.materials().forEach(id -> rows.put(id, row)));
        return Map.copyOf(rows);
    }

    /** The rows of the table, by the id of the material. */
    public static Map<String, Row> table() {
        return ROWS;
    }

    /** What holds for a plain material; one that the table does not name follows what it is likest to. */
    public static Row of(final Material material) {
        final Row row = ROWS.get(plain(material));
        if (row != null) {
            return row;
        }
        return material.advice().standIns().stream()
                .limit(1)
                .map(ROWS::get)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(ORDINARY);
    }

    /** Id of a material, or of what it is in a mix. */
    static String plain(final Material material) {
        return material.id().substring(material.id().indexOf('/') + 1);
    }
}
