package looseknit.server.assay;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** Weeks, with blanks between. */
@Converter
@Immutable
class AgesColumn implements AttributeConverter<@Nullable List<Double>, @Nullable String> {

    @Override
    public @Nullable String convertToDatabaseColumn(final @Nullable List<Double> weeks) {
        return weeks == null ? null : weeks.stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    @Override
    public @Nullable List<Double> convertToEntityAttribute(final @Nullable String column) {
        if (column == null) {
            return null;
        }
        return Stream.of(column.split(" "))
                .filter(each -> !each.isEmpty())
                .map(Double::valueOf)
                .toList();
    }
}
