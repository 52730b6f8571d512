package looseknit.server.message;

import java.util.function.BiFunction;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.message.Wording;
import org.jspecify.annotations.Nullable;
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
}
