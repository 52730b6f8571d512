package looseknit.server.exchange;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a file of everything holds, in the order in which it can be taken in: what is named comes before what names it. The names are those of the
 * format and never change.
 */
enum Kind {
    PLACES("places", "place", List.of("name")),
    PLACE_ORDERS("placeOrders", "place_order", List.of("name")),
    BRIEFS("briefs", "saved_brief", List.of("id")),
    OWN_PLANTS("ownPlants", "own_plant", List.of("id")),
    OWN_MATERIALS("ownMaterials", "own_material", List.of("id")),
    LOTS("lots", "lot", List.of("id")),
    OFFERS("offers", "pack_offer", List.of("id")),
    PACKS("packs", "pack", List.of("material_id")),
    POT_KINDS("potKinds", "pot_kind", List.of("id")),
    BLENDS("blends", "blend", List.of("id")),
    VERSIONS("versions", "blend_version", List.of("id"), null, null, List.of("blend_id", "number")),
    BATCHES("batches", "batch", List.of("id"), null, null, List.of("lot")),
    TAPS("taps", "batch_tap", List.of("id"), "batch_id", BATCHES, List.of("batch_id", "number")),
    STEPS("steps", "bin_event", List.of("id"), "batch_id", BATCHES, List.of("batch_id", "number")),
    FROM_LOTS("fromLots", "batch_lot", List.of("id"), "batch_id", BATCHES, List.of()),
    TESTS("tests", "bench_test", List.of("id")),
    SITTINGS("sittings", "probe_sitting", List.of("id")),
    POTS("pots", "potting", List.of("id")),
    LOOKS("looks", "look", List.of("id"), "potting_id", POTS, List.of()),
    EVENTS("events", "pot_event", List.of("id"), "potting_id", POTS, List.of("potting_id", "number")),
    TROUBLES("troubles", "trouble", List.of("id"), "potting_id", POTS, List.of()),
    PHOTOS("photos", "photo", List.of("id"), "potting_id", POTS, List.of()),
    WEATHER("weather", "climate_day", List.of("place_name", "logged_on"));

    /** Rows that stay where they are: what is worked out anew, and who may sign in to this house. */
    static final Set<String> STAYS =
            Set.of("blend_card", "blend_card_material", "reading_model", "numbering", "account", "deed");

    /** Columns by which rows of a table name others of the same: filled in once all are there. */
    static final Map<Kind, String> OF_THE_SAME = Map.of(BATCHES, "split_from", POTS, "mother_id");

    private final String words;
    private final String table;
    private final List<String> key;
    private final @Nullable String partOf;
    private final @Nullable Kind whole;
    private final List<String> alsoOnce;

    Kind(final String words, final String table, final List<String> key) {
        this(words, table, key, null, null, List.of());
    }

    Kind(
            final String words,
            final String table,
            final List<String> key,
            final @Nullable String partOf,
            final @Nullable Kind whole,
            final List<String> alsoOnce) {
        this.words = words;
        this.table = table;
        this.key = key;
        this.partOf = partOf;
        this.whole = whole;
        this.alsoOnce = alsoOnce;
    }

    /** Its name in a file. */
    String words() {
        return words;
    }

    /** Where its rows are stored. */
    String table() {
        return table;
    }

    /** Columns that tell a row from the others. */
    List<String> key() {
        return key;
    }

    /** The column that names what a row is a part of, if it is a part of something: it comes and stays with that. */
    Optional<String> partOf() {
        return Optional.ofNullable(partOf);
    }

    /** What it is a part of. */
    Optional<Kind> whole() {
        return Optional.ofNullable(whole);
    }

    /** Columns beside the key of which no two rows say the same; none if there are none. */
    List<String> alsoOnce() {
        return alsoOnce;
    }

    /** By their names in a file. */
    static Map<String, Kind> byWords() {
        final Map<String, Kind> kinds = new LinkedHashMap<>();
        Arrays.stream(values()).forEach(each -> kinds.put(each.words, each));
        return Collections.unmodifiableMap(kinds);
    }

    /** What a column is called in a file. */
    static String field(final String column) {
        final StringBuilder name = new StringBuilder();
        for (final String part : column.toLowerCase(Locale.ROOT).split("_")) {
            name.append(name.isEmpty() ? part : Character.toUpperCase(part.charAt(0)) + part.substring(1));
        }
        return name.toString();
    }

    /** Whether a store of H2 has a table of it: earlier versions have fewer. */
    boolean isThere(final Connection store) throws SQLException {
        try (ResultSet tables = store.getMetaData().getTables(null, null, table().toUpperCase(Locale.ROOT), null)) {
            return tables.next();
        }
    }
}
