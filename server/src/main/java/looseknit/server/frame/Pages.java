package looseknit.server.frame;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;
import org.springframework.web.servlet.resource.ResourceTransformerChain;
import org.springframework.web.servlet.resource.TransformedResource;

/** Serves the pages: hashed assets for a year, everything else fresh; a deep link gets the application's page. */
@Configuration
class Pages implements WebMvcConfigurer {

    private static final String PAGE = "index.html";

    /** Stands in the page where its nonce goes. */
    private static final String PLACE_OF_NONCE = "@nonce@";

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
                .addResolver(new DeepLinks())
                .addTransformer(Pages::withNonce);
    }

    /** The page carries the nonce of its answer, for the styles that are put in at run time. */
    private static Resource withNonce(
            final HttpServletRequest request, final Resource resource, final ResourceTransformerChain chain)
            throws IOException {
        final Resource transformed = chain.transform(request, resource);
        final Object nonce = request.getAttribute(Guard.NONCE);
        if (!PAGE.equals(resource.getFilename()) || nonce == null) {
            return transformed;
        }
        return new Page(transformed, nonce.toString());
    }

    /** The page with its nonce: never the one that a browser kept, whose nonce would be another. */
    private static final class Page extends TransformedResource {

        Page(final Resource page, final String nonce) throws IOException {
            super(
                    page,
                    page.getContentAsString(StandardCharsets.UTF_8)
                            .replace(PLACE_OF_NONCE, nonce)
                            .getBytes(StandardCharsets.UTF_8));
        }

        @Override
        public long lastModified() {
            return -1;
        }
    }

    private static final class DeepLinks extends PathResourceResolver {

        @Override
        protected @Nullable Resource getResource(final String path, final Resource location) throws IOException {
            final Resource found = super.getResource(path, location);
            if (found != null || path.startsWith("api/") || path.contains(".")) {
                return found;
            }
            return super.getResource(PAGE, location);
        }
    }
}
