package looseknit.core.message;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Every code of the core. */
public final class Codes {

    private static final List<Object> CONSTANTS = constants();

    private Codes() {}

    /** Arguments of every code, by its key. */
    public static Map<String, List<String>> all() {
        final Map<String, List<String>> all = new LinkedHashMap<>();
        for (final Object constant : CONSTANTS) {
            final Code code = (Code) constant;
            put(all, code.key(), code.arguments());
            if (constant instanceof Named named) {
                named.facets().forEach(facet -> put(all, named.key() + "." + facet, List.of()));
            }
        }
        return all;
    }

    private static void put(final Map<String, List<String>> all, final String key, final List<String> arguments) {
        if (all.put(key, arguments) != null) {
            throw new IllegalStateException("two codes have the key " + key);
        }
    }

    private static List<Object> constants() {
        final List<Object> constants = new ArrayList<>();
        for (final JavaClass each : new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("looseknit.core")) {
            if (each.isEnum() && each.isAssignableTo(Code.class)) {
                constants.addAll(Arrays.asList(each.reflect().getEnumConstants()));
            }
        }
        return constants;
    }
}
