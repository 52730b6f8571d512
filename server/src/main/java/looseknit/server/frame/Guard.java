package looseknit.server.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.stream.Stream;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Headers against misuse by other pages, and limits on what is taken in. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class Guard extends OncePerRequestFilter {

    /** Largest request body [bytes]. */
    static final long LARGEST_BODY = 1024 * 1024;

    /** Largest file that is read in [bytes]. */
    static final long LARGEST_FILE = 8 * LARGEST_BODY;

    /** Largest file of everything [bytes]. */
    static final long LARGEST_EVERYTHING = 2048L * LARGEST_BODY;

    private static final String EVERYTHING = "/api/house/incoming/";

    /** Largest photo [bytes]. */
    static final long LARGEST_PHOTO = 10 * LARGEST_BODY;

    /**
     * Scripts come from this server only, and so do styles, but for those that the component library puts in with the page's own nonce; drawings carry
     * styles in attributes, which can name colours and sizes and nothing else.
     */
    private static final String POLICY =
            "default-src 'self'; script-src 'self'; style-src 'self'; style-src-elem 'self' 'nonce-%s'; "
                    + "style-src-attr 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none'; "
                    + "frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

    /** Under this name a request carries the nonce of the page that it is answered with. */
    static final String NONCE = "looseknit.nonce";

    private static final int NONCE_BYTES = 18;
    private static final int LONGEST_PATH = 600;

    private final SecureRandom random = new SecureRandom();
    private final Stopping stopping;
    private final OwnAddresses addresses;

    Guard(final Stopping stopping, final OwnAddresses addresses) {
        this.stopping = stopping;
        this.addresses = addresses;
    }

    private static final Set<String> KINDS = Set.of(
            "application/json",
            "multipart/form-data",
            "text/csv",
            "text/plain",
            "text/markdown",
            "image/jpeg",
            "image/png");

    /** Bodies that arrive at the same time, and seconds in which one has to. */
    private static final int MOST_BODIES = 60;

    private static final int MOST_LARGE_BODIES = 4;
    private static final int MOST_SECONDS = 10;

    private final Semaphore bodies = new Semaphore(MOST_BODIES);
    private final Semaphore largeBodies = new Semaphore(MOST_LARGE_BODIES);

    @Override
    protected void doFilterInternal(
            final HttpServletRequest request, final HttpServletResponse response, final FilterChain chain)
            throws ServletException, IOException {
        final String nonce = nonce();
        request.setAttribute(NONCE, nonce);
        response.setHeader("Content-Security-Policy", POLICY.formatted(nonce));
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Permissions-Policy", "camera=(), microphone=(), geolocation=()");
        if (stopping.stopping()) {
            response.setHeader("Retry-After", "10");
            refuse(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Loose Knit is being stopped. Repeat this once it runs again.");
        } else if (!addresses.has(request.getServerName())) {
            refuse(response, HttpStatus.MISDIRECTED_REQUEST, "This server does not answer to this name.");
        } else if (request.getRequestURI().length() > LONGEST_PATH) {
            refuse(response, HttpStatus.URI_TOO_LONG, "An address has up to 600 characters before its question mark.");
        } else if (request.getContentLengthLong() > largest(request)) {
            refuse(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "A request may be up to 1 MB, a file up to 8 MB, a photo up to 10 MB.");
        } else if ("chunked".equalsIgnoreCase(request.getHeader("Transfer-Encoding"))) {
            refuse(response, HttpStatus.LENGTH_REQUIRED, "A request must state its length.");
        } else if (changes(request) && !fromHere(request)) {
            refuse(response, HttpStatus.FORBIDDEN, "Another page may not change anything here.");
        } else if (hasBody(request) && !isOfAKnownKind(request)) {
            refuse(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "A request carries JSON, a table, a picture or a form with a file.");
        } else if (hasBody(request)) {
            withBody(request, response, chain);
        } else {
            chain.doFilter(request, response);
        }
    }

    private String nonce() {
        final byte[] bytes = new byte[NONCE_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().encodeToString(bytes);
    }

    private static boolean changes(final HttpServletRequest request) {
        return !Set.of("GET", "HEAD", "OPTIONS").contains(request.getMethod());
    }

    /** Browsers say from which page a change comes; programs that are no browsers say nothing. */
    private static boolean fromHere(final HttpServletRequest request) {
        final String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            return false;
        }
        final String origin = request.getHeader("Origin");
        return origin == null || origin.replaceFirst("^https?://", "").equalsIgnoreCase(request.getHeader("Host"));
    }

    private static boolean isOfAKnownKind(final HttpServletRequest request) {
        final String type = request.getContentType();
        if (type != null && type.startsWith("application/zip")) {
            return request.getRequestURI().startsWith(EVERYTHING);
        }
        return type != null && KINDS.stream().anyMatch(type.toLowerCase(Locale.ROOT)::startsWith);
    }

    private static boolean isForm(final HttpServletRequest request) {
        return request.getContentType() != null && request.getContentType().startsWith("multipart/");
    }

    private static boolean hasBody(final HttpServletRequest request) {
        return request.getContentLengthLong() > 0;
    }

    /** A body is read whole before anything else is done with it, a few at a time: whoever sends half of one keeps no other waiting. */
    private void withBody(final HttpServletRequest request, final HttpServletResponse response, final FilterChain chain)
            throws ServletException, IOException {
        final boolean large = largest(request) > LARGEST_BODY || isForm(request);
        final Semaphore places = large ? largeBodies : bodies;
        if (!places.tryAcquire()) {
            response.setHeader("Retry-After", "2");
            refuse(response, HttpStatus.SERVICE_UNAVAILABLE, "Too much is being sent at once. Try again in a moment.");
            return;
        }
        if (large) {
            try {
                chain.doFilter(request, response);
            } finally {
                places.release();
            }
            return;
        }
        final HeldBody held;
        try {
            held = HeldBody.read(request, MOST_SECONDS);
        } catch (final HeldBody.TooSlow slow) {
            refuse(
                    response,
                    HttpStatus.REQUEST_TIMEOUT,
                    "The request did not arrive within %d seconds.".formatted(MOST_SECONDS));
            return;
        } finally {
            places.release();
        }
        chain.doFilter(held, response);
    }

    private static long largest(final HttpServletRequest request) {
        final String uri = request.getRequestURI();
        if (uri.startsWith(EVERYTHING)) {
            return LARGEST_EVERYTHING;
        }
        if (uri.startsWith("/api/photos")) {
            return LARGEST_PHOTO;
        }
        return Stream.of("/api/imports", "/api/climate/file", "/api/shared-blends/read")
                        .anyMatch(uri::startsWith)
                ? LARGEST_FILE
                : LARGEST_BODY;
    }

    private static void refuse(final HttpServletResponse response, final HttpStatus status, final String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType("application/problem+json");
        response.getWriter()
                .write("{\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
                        .formatted(status.getReasonPhrase(), status.value(), detail));
    }
}
