package looseknit.server.exchange;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import looseknit.server.frame.NotThere;

/** What goes out as a table to reckon with elsewhere: a line for each thing that is here, in metric units, as the heads of the columns say. */
enum Table {
    POTS(
            """
            SELECT p.*, v.name AS blend, b.lot FROM potting p
            JOIN batch b ON b.id = p.batch_id JOIN blend_version v ON v.blend_id = b.blend_id AND v.number = b.version_number
            WHERE p.deleted_at IS NULL ORDER BY p.potted_on, p.id""",
            column("id", "id"),
            column("label", "label"),
            column("plant", "plant_id"),
            column("state", "state"),
            column("place", "place_name"),
            column("potted_on", "potted_on"),
            column("blend", "blend"),
            column("lot", "lot"),
            column("shape", "brief", "/pot/shape"),
            column("top_cm", "brief", "/pot/topCm"),
            column("bottom_cm", "brief", "/pot/bottomCm"),
            column("height_cm", "brief", "/pot/heightCm"),
            column("wall", "brief", "/pot/wall"),
            column("predicted_days", "predicted_days"),
            column("pace", "pace"),
            column("last_watered_on", "last_watered_on"),
            column("next_look_on", "next_look_on")),
    LOOKS(
            """
            SELECT l.*, p.label FROM look l JOIN potting p ON p.id = l.potting_id
            WHERE p.deleted_at IS NULL ORDER BY l.seq""",
            column("id", "id"),
            column("pot", "potting_id"),
            column("label", "label"),
            column("looked_on", "looked_on"),
            column("answer", "answer"),
            column("watered_before_on", "before_watered_on"),
            column("predicted_days", "predicted_days"),
            column("dry_after_days", "dry_days"),
            column("weighed_g", "grams")),
    BATCHES(
            """
            SELECT b.*, v.name AS blend, v.recipe FROM batch b
            JOIN blend_version v ON v.blend_id = b.blend_id AND v.number = b.version_number ORDER BY b.created_at, b.id""",
            column("id", "id"),
            column("lot", "lot"),
            column("blend", "blend"),
            column("version", "version_number"),
            column("mixed_on", "mixed_on"),
            column("made_l", "litres_to_make"),
            column("left_l", "left_litres"),
            column("pots", "pots"),
            column("recipe", "recipe", "/parts"),
            column("doses_g_per_l", "recipe", "/doses")),
    TESTS(
            """
            SELECT t.*, v.name AS blend, b.lot FROM bench_test t
            JOIN blend v ON v.id = t.blend_id LEFT JOIN batch b ON b.id = t.batch_id
            WHERE t.removed_at IS NULL ORDER BY t.made_on, t.stored_at, t.id""",
            column("id", "id"),
            column("blend", "blend"),
            column("lot", "lot"),
            column("made_on", "made_on"),
            column("temperature_c", "temperature_c"),
            column("kind", "test", "/kind"),
            column("container_l", "test", "/containerL"),
            column("height_cm", "test", "/heightCm"),
            column("water_in_l", "test", "/waterInL"),
            column("drained_l", "test", "/drainedL"),
            column("moisture_l", "test", "/moistureL"),
            column("wet_g", "test", "/wetG"),
            column("dry_g", "test", "/dryG"),
            column("squeeze", "test", "/shows"),
            column("depth_cm", "test", "/depthCm"),
            column("seconds", "test", "/seconds"),
            column("ph", "test", "/reading"),
            column("ph_method", "test", "/method"),
            column("weeks", "test", "/weeks"),
            column("ec_ds_per_m", "test", "/dsPerM"),
            column("ec_extract", "test", "/extract"),
            column("water_share", "test", "/water"));

    private final String rows;
    private final List<Column> columns;

    Table(final String rows, final Column... columns) {
        this.rows = rows;
        this.columns = List.of(columns);
    }

    /**
     * A column of the table.
     *
     * @param from the column of the store
     * @param path where it stands in a document (RFC 6901); empty where the column is no document
     */
    record Column(String name, String from, String path) {}

    private static Column column(final String name, final String from) {
        return new Column(name, from, "");
    }

    private static Column column(final String name, final String from, final String path) {
        return new Column(name, from, path);
    }

    /**
     * The table of a name.
     *
     * @throws NotThere if there is none
     */
    static Table named(final String name) {
        return Arrays.stream(values())
                .filter(each -> each.file().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotThere("table; there are %s"
                        .formatted(Arrays.stream(values()).map(Table::file).collect(Collectors.joining(", ")))));
    }

    /** What it is called in an address. */
    String file() {
        return name().toLowerCase(Locale.ROOT);
    }

    String rows() {
        return rows;
    }

    List<Column> columns() {
        return columns;
    }
}
