package looseknit.server.frame;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Properties;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;
import org.springframework.stereotype.Component;

/** What the fields of requests are called in sentences. */
@Component
public class FieldWords {

    private final Properties words;

    FieldWords() {
        try {
            this.words = PropertiesLoaderUtils.loadProperties(new ClassPathResource("field-words.properties"));
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What a field is called: by its whole path, by its last name, or as it is written. */
    public String of(final String field) {
        final String known = words.getProperty(field);
        if (known != null) {
            return known;
        }
        final String last = field.substring(field.lastIndexOf('.') + 1);
        return words.getProperty(last, field);
    }
}
