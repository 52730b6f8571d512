package looseknit.server.frame;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.server.message.Speech;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** The OpenAPI document, made in tests only. What may be absent is left out when it is not known; all else is always there. */
@Configuration
class ApiDocument {

    static {
        SpringDocUtils.getConfig()
                .replaceWithClass(Message.class, String.class)
                .replaceWithClass(TableText.class, String.class);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(new Info()
                        .title("Loose Knit")
                        .version("1")
                        .description("Growing media: predict, blend, batch, pot, look.")
                        .license(new License().name("Apache-2.0")));
    }

    @Bean
    @SuppressWarnings({"rawtypes", "unchecked"})
    OpenApiCustomizer stable(final List<RequestMappingHandlerMapping> mappings) {
        return document -> {
            final Map<String, Set<String>> nullable = nullableComponents(mappings);
            document.setServers(null);
            final Map<String, Schema> schemas =
                    new TreeMap<>(document.getComponents().getSchemas());
            schemas.forEach((name, schema) -> require(schema, nullable.getOrDefault(name, Set.of())));
            document.getComponents().setSchemas(schemas);
        };
    }

    /** Every operation answers in the language and units that are asked for. */
    @Bean
    OperationCustomizer languageAndUnits() {
        return (operation, handler) -> operation
                .addParametersItem(new Parameter()
                        .in("query")
                        .name(Speech.UNITS)
                        .required(false)
                        .description("Units in which sentences and figures with a unit of their own are told; metric if"
                                + " nothing is said. Fields with a unit in their name are always metric.")
                        .schema(new StringSchema()._enum(List.of("metric", "us"))))
                .addParametersItem(new Parameter()
                        .in("header")
                        .name("Accept-Language")
                        .required(false)
                        .description(
                                "Language of the sentences. English ships; it also answers where another is asked for.")
                        .schema(new StringSchema()));
    }

    private static void require(final Schema<?> schema, final Set<String> nullable) {
        if (schema.getProperties() != null) {
            schema.setRequired(schema.getProperties().keySet().stream()
                    .filter(name -> !nullable.contains(name))
                    .toList());
        }
    }

    /** By name of each record that travels: its components that may be absent. */
    private static Map<String, Set<String>> nullableComponents(final List<RequestMappingHandlerMapping> mappings) {
        final Set<Class<?>> records = new HashSet<>();
        mappings.forEach(mapping -> mapping.getHandlerMethods().values().forEach(handler -> {
            final Method method = handler.getMethod();
            collect(method.getGenericReturnType(), records);
            Arrays.stream(method.getGenericParameterTypes()).forEach(type -> collect(type, records));
        }));
        return records.stream()
                .collect(Collectors.toMap(
                        Class::getSimpleName,
                        record -> Arrays.stream(record.getRecordComponents())
                                .filter(each -> each.getAccessor()
                                        .getAnnotatedReturnType()
                                        .isAnnotationPresent(Nullable.class))
                                .map(RecordComponent::getName)
                                .collect(Collectors.toSet())));
    }

    private static void collect(final Type type, final Set<Class<?>> records) {
        if (type instanceof ParameterizedType generic) {
            Arrays.stream(generic.getActualTypeArguments()).forEach(each -> collect(each, records));
        } else if (type instanceof Class<?> plain && plain.isRecord() && records.add(plain)) {
            Arrays.stream(plain.getRecordComponents()).forEach(each -> collect(each.getGenericType(), records));
        }
    }
}
