package looseknit.server.exchange;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.Table;
import jakarta.persistence.metamodel.EntityType;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Documents that are stored in rows: each is read as the program reads it, before any of them comes into the house. */
@Component
class Documents {

    private final EntityManagerFactory entities;

    Documents(final EntityManagerFactory entities) {
        this.entities = entities;
    }

    /**
     * Reads every document in the rows.
     *
     * @throws Unreadable if one cannot be read
     */
    void lookThrough(final Connection store) throws SQLException {
        final Map<String, Kind> kinds = new HashMap<>();
        for (final Kind kind : Kind.values()) {
            kinds.put(kind.table(), kind);
        }
        for (final EntityType<?> entity : entities.getMetamodel().getEntities()) {
            final Class<?> type = entity.getJavaType();
            final Table table = type.getAnnotation(Table.class);
            final Kind kind = table == null || !type.isAnnotationPresent(Entity.class) ? null : kinds.get(table.name());
            if (kind == null) {
                continue;
            }
            for (final Field field : type.getDeclaredFields()) {
                final Convert convert = field.getAnnotation(Convert.class);
                if (convert != null) {
                    look(store, kind, column(field), converter(convert));
                }
            }
        }
    }

    private static String column(final Field field) {
        final jakarta.persistence.Column named = field.getAnnotation(jakarta.persistence.Column.class);
        return named == null || named.name().isEmpty()
                ? field.getName().replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT)
                : named.name();
    }

    @SuppressWarnings("unchecked")
    private static AttributeConverter<Object, Object> converter(final Convert convert) {
        try {
            final Constructor<?> made = convert.converter().getDeclaredConstructor();
            made.setAccessible(true);
            return (AttributeConverter<Object, Object>) made.newInstance();
        } catch (final ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void look(
            final Connection store, final Kind kind, final String column, final AttributeConverter<Object, Object> as)
            throws SQLException {
        try (Statement all = store.createStatement();
                ResultSet row = all.executeQuery(
                        "SELECT %s, %s FROM %s".formatted(kind.key().get(0), column, kind.table()))) {
            while (row.next()) {
                try {
                    as.convertToEntityAttribute(row.getString(2));
                } catch (final RuntimeException e) {
                    throw new Unreadable("The %s of %s in %s cannot be read."
                            .formatted(Kind.field(column), Columns.shortened(row.getString(1)), kind.words()));
                }
            }
        }
    }
}
