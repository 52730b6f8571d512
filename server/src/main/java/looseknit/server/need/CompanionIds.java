package looseknit.server.need;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Ids of companions in one column, separated by commas. */
@Converter
class CompanionIds implements AttributeConverter<@Nullable List<String>, @Nullable String> {

    @Override
    public @Nullable String convertToDatabaseColumn(final @Nullable List<String> ids) {
        return ids == null || ids.isEmpty() ? null : String.join(",", ids);
    }

    @Override
    public @Nullable List<String> convertToEntityAttribute(final @Nullable String column) {
        return column == null ? null : List.of(column.split(","));
    }
}
