package looseknit.server.exchange;

import java.sql.Connection;
import java.sql.JDBCType;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The columns of a kind in some store, and how their values are written.
 *
 * @param names in their order
 * @param types likewise
 * @param counted names of those that the store counts up by itself
 */
record Columns(List<String> names, List<Type> types, List<String> counted) {

    private static final int DEEPEST = 40;
    private static final int LONGEST_TEXT = 2_000_000;

    /** Numbers stay as they are written: 40.0 is not 40. */
    static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxStringLength(LONGEST_TEXT)
                            .build())
                    .build())
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();

    /** How a value is written. */
    enum Type {
        ID,
        MOMENT,
        DAY,
        NUMBER,
        WHOLE,
        YES_OR_NO,
        TEXT,
        PICTURE
    }

    /** Names of those that are told; the store counts up the others. */
    List<String> told() {
        return names.stream().filter(each -> !counted.contains(each)).toList();
    }

    /** Those that are there. */
    static Columns of(final Connection store, final Kind kind) throws SQLException {
        final List<String> names = new ArrayList<>();
        final List<Type> types = new ArrayList<>();
        final List<String> counted = new ArrayList<>();
        try (PreparedStatement none = store.prepareStatement("SELECT * FROM " + kind.table() + " WHERE 1 = 0");
                ResultSet rows = none.executeQuery()) {
            final ResultSetMetaData about = rows.getMetaData();
            for (int i = 1; i <= about.getColumnCount(); i++) {
                names.add(about.getColumnName(i).toLowerCase(Locale.ROOT));
                types.add(type(about.getColumnType(i), about.getColumnTypeName(i)));
                if (about.isAutoIncrement(i)) {
                    counted.add(names.get(names.size() - 1));
                }
            }
        }
        return new Columns(List.copyOf(names), List.copyOf(types), List.copyOf(counted));
    }

    private static Type type(final int number, final String name) {
        if (name.equalsIgnoreCase("uuid")) {
            return Type.ID;
        }
        return switch (JDBCType.valueOf(number)) {
            case TIMESTAMP_WITH_TIMEZONE, TIMESTAMP -> Type.MOMENT;
            case DATE -> Type.DAY;
            case DOUBLE, FLOAT, REAL, DECIMAL, NUMERIC -> Type.NUMBER;
            case BIGINT, INTEGER, SMALLINT -> Type.WHOLE;
            case BOOLEAN, BIT -> Type.YES_OR_NO;
            case BLOB, BINARY, VARBINARY, LONGVARBINARY -> Type.PICTURE;
            default -> Type.TEXT;
        };
    }

    /** Writes a row; texts that hold a document of their own are written as that, and pictures by the names of their files. */
    void write(final JsonGenerator out, final ResultSet row) throws SQLException {
        out.writeStartObject();
        for (int i = 0; i < names.size(); i++) {
            final Object value =
                    types.get(i) == Type.PICTURE ? picture(row, names.get(i)) : value(row, i + 1, types.get(i));
            if (value == null) {
                continue;
            }
            out.writeName(Kind.field(names.get(i)));
            if (value instanceof Double number) {
                out.writeNumber(number);
            } else if (value instanceof Long number) {
                out.writeNumber(number);
            } else if (value instanceof Boolean yes) {
                out.writeBoolean(yes);
            } else {
                text(out, value.toString());
            }
        }
        out.writeEndObject();
    }

    private static void text(final JsonGenerator out, final String text) {
        final JsonNode document = document(text);
        if (document == null) {
            out.writeString(text);
        } else {
            out.writeTree(document);
        }
    }

    /** The document in a text; none if it only looks like one, or would come back as another text. */
    private static @Nullable JsonNode document(final String text) {
        if (!text.startsWith("{\"v\":")) {
            return null;
        }
        try {
            final JsonNode document = JSON.readTree(text);
            return JSON.writeValueAsString(document).equals(text) ? document : null;
        } catch (final JacksonException words) {
            return null;
        }
    }

    static String picture(final ResultSet row, final String column) throws SQLException {
        return "photos/%s/%s.jpg".formatted(row.getString("id"), column);
    }

    static @Nullable Object value(final ResultSet row, final int column, final Type type) throws SQLException {
        return switch (type) {
            case ID -> row.getObject(column, UUID.class);
            case MOMENT -> row.getObject(column, OffsetDateTime.class);
            case DAY -> row.getObject(column, LocalDate.class);
            case NUMBER -> {
                final double number = row.getDouble(column);
                yield row.wasNull() ? null : (Object) number;
            }
            case WHOLE -> {
                final long number = row.getLong(column);
                yield row.wasNull() ? null : (Object) number;
            }
            case YES_OR_NO -> {
                final boolean yes = row.getBoolean(column);
                yield row.wasNull() ? null : (Object) yes;
            }
            case PICTURE -> row.getBytes(column);
            case TEXT -> row.getString(column);
        };
    }

    /**
     * A value of a file as it is stored.
     *
     * @param where it stands, for the sentence about one that is of another kind
     * @throws Unreadable if it is of another kind
     */
    static @Nullable Object read(final JsonNode value, final Type type, final Supplier<String> where) {
        try {
            return switch (type) {
                case ID -> UUID.fromString(text(value, where));
                case MOMENT -> OffsetDateTime.parse(text(value, where));
                case DAY -> LocalDate.parse(text(value, where));
                case NUMBER -> {
                    if (!value.isNumber() || !Double.isFinite(value.doubleValue())) {
                        throw wrong(where, value, "a number");
                    }
                    yield value.doubleValue();
                }
                case WHOLE -> {
                    if (!value.isIntegralNumber() || !value.canConvertToLong()) {
                        throw wrong(where, value, "a whole number");
                    }
                    yield value.longValue();
                }
                case YES_OR_NO -> {
                    if (!value.isBoolean()) {
                        throw wrong(where, value, "true or false");
                    }
                    yield value.booleanValue();
                }
                case PICTURE -> new byte[0];
                case TEXT -> value.isObject() ? JSON.writeValueAsString(value) : text(value, where);
            };
        } catch (final DateTimeException | JacksonException e) {
            throw wrong(where, value, type.name().toLowerCase(Locale.ROOT));
        } catch (final IllegalArgumentException e) {
            throw e instanceof Unreadable known ? known : wrong(where, value, "an id");
        }
    }

    private static String text(final JsonNode value, final Supplier<String> where) {
        if (!value.isString()) {
            throw wrong(where, value, "text");
        }
        return value.asString();
    }

    private static Unreadable wrong(final Supplier<String> where, final JsonNode value, final String allowed) {
        return new Unreadable("%s is %s. Allowed: %s.".formatted(where.get(), shortened(value.toString()), allowed));
    }

    static String shortened(final String text) {
        return text.length() > 60 ? text.substring(0, 59) + "…" : text;
    }
}
