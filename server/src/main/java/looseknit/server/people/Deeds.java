package looseknit.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;
import org.springframework.http.HttpStatus;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/** Notes who changed what, where several people share a house. */
@Component
@ConditionalOnBooleanProperty("looseknit.share")
class Deeds implements HandlerInterceptor, WebMvcConfigurer {

    private static final int LONGEST_ADDRESS = 300;
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private final DeedRepository deeds;
    private final Clock clock;
    private final Properties words;
    private final List<PathPattern> triedOut;

    Deeds(@Lazy final DeedRepository deeds, final Clock clock) throws IOException {
        this.deeds = deeds;
        this.clock = clock;
        this.words = PropertiesLoaderUtils.loadProperties(new ClassPathResource("deed-words.properties"));
        final PathPatternParser parser = new PathPatternParser();
        this.triedOut = Stream.concat(Arrays.stream(SharedHouse.TRIED_OUT), Stream.of("/api/people/sign-*"))
                .map(parser::parse)
                .toList();
    }

    @Override
    public void addInterceptors(final InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void afterCompletion(
            final HttpServletRequest request,
            final HttpServletResponse response,
            final Object handler,
            final @Nullable Exception failure) {
        final String who = request.getRemoteUser();
        if (who == null
                || failure != null
                || READING.contains(request.getMethod())
                || response.getStatus() >= HttpStatus.MULTIPLE_CHOICES.value()) {
            return;
        }
        final PathContainer path = PathContainer.parsePath(request.getRequestURI());
        if (triedOut.stream().anyMatch(each -> each.matches(path))) {
            return;
        }
        final String pattern = String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE));
        final String key = request.getMethod() + " " + pattern;
        final String address = request.getRequestURI();
        deeds.save(new Deed(
                UUID.randomUUID(),
                clock.instant(),
                who,
                words.getProperty(key, key),
                address.length() > LONGEST_ADDRESS ? address.substring(0, LONGEST_ADDRESS) : address));
    }
}
