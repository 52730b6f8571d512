package looseknit.server.frame;

import jakarta.persistence.AttributeConverter;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps a record as JSON in one column.
 *
 * @param <T> the record
 */
public abstract class JsonColumn<T> implements AttributeConverter<@Nullable T, @Nullable String> {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Class<T> type;

    protected JsonColumn(final Class<T> type) {
        this.type = type;
    }

    @Override
    public @Nullable String convertToDatabaseColumn(final @Nullable T value) {
        return value == null ? null : JSON.writeValueAsString(value);
    }

    @Override
    public @Nullable T convertToEntityAttribute(final @Nullable String column) {
        return column == null ? null : JSON.readValue(column, type);
    }
}
