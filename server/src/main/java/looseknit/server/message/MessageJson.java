package looseknit.server.message;

import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import java.util.List;
import java.util.function.BiFunction;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.message.Wording;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Messages travel as text. Which words and units they are put into comes from the request that is answered, or from the attribute {@link
 * Wording} of whoever writes JSON outside of one.
 */
@Configuration(proxyBeanMethods = false)
class MessageJson {

    static {
        SpringDocUtils.getConfig()
                .replaceWithClass(Message.class, String.class)
                .replaceWithClass(TableText.class, String.class);
    }

    @Bean
    JacksonModule messages(final Speech speech) {
        return new SimpleModule("messages")
                .addSerializer(Message.class, new Said<>(speech, Wording::of))
                .addSerializer(TableText.class, new Said<>(speech, Wording::of));
    }

    private static final class Said<T> extends ValueSerializer<T> {

        private final Speech speech;
        private final BiFunction<Wording, T, String> words;

        private Said(final Speech speech, final BiFunction<Wording, T, String> words) {
            this.speech = speech;
            this.words = words;
        }

        @Override
        public void serialize(final T value, final JsonGenerator json, final SerializationContext context) {
            final @Nullable Object given = context.getAttribute(Wording.class);
            json.writeString(words.apply(given instanceof Wording wording ? wording : speech.wording(), value));
        }
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
}
