package looseknit.server.frame;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the pages: hashed assets for a year, everything else fresh; a deep link gets the application's page. */
@Configuration
class Pages implements WebMvcConfigurer {

    private static final String ROOT = "classpath:/META-INF/resources/";

    @Override
    public void addResourceHandlers(final ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(ROOT + "assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(ROOT)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(false)
                .addResolver(new DeepLinks());
    }

    private static final class DeepLinks extends PathResourceResolver {

        @Override
        protected @Nullable Resource getResource(final String path, final Resource location) throws IOException {
            final Resource found = super.getResource(path, location);
            if (found != null || path.startsWith("api/") || path.contains(".")) {
                return found;
            }
            return super.getResource("index.html", location);
        }
    }
}
