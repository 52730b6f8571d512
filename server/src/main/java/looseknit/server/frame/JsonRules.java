package looseknit.server.frame;

import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How requests are read: a list has no empty places. */
@Configuration
class JsonRules {

    @Bean
    JsonMapperBuilderCustomizer listsHaveNoEmptyPlaces() {
        return builder -> builder.changeDefaultNullHandling(handling -> handling.withContentNulls(Nulls.FAIL));
    }
}
