package looseknit.server.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Headers against misuse by other pages, and limits on what is taken in. */
@Component
class Guard extends OncePerRequestFilter {

    /** Largest request body [bytes]. */
    static final long LARGEST_BODY = 1024 * 1024;

    /** Largest file that is read in [bytes]. */
    static final long LARGEST_FILE = 8 * LARGEST_BODY;

    /** Largest photo [bytes]. */
    static final long LARGEST_PHOTO = 10 * LARGEST_BODY;

    /** Styles are set at run time by the component library; scripts come from this server only. */
    static final String POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; "
            + "img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none'; "
            + "frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]", "::1");

    @Override
    protected void doFilterInternal(
            final HttpServletRequest request, final HttpServletResponse response, final FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Permissions-Policy", "camera=(), microphone=(), geolocation=()");
        if (!OWN_NAMES.contains(request.getServerName())) {
            refuse(response, HttpStatus.MISDIRECTED_REQUEST, "This server answers to 127.0.0.1 and localhost only.");
        } else if (request.getContentLengthLong() > largest(request)) {
            refuse(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "A request may be up to 1 MB, a file up to 8 MB, a photo up to 10 MB.");
        } else if ("chunked".equalsIgnoreCase(request.getHeader("Transfer-Encoding"))) {
            refuse(response, HttpStatus.LENGTH_REQUIRED, "A request must state its length.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static long largest(final HttpServletRequest request) {
        final String uri = request.getRequestURI();
        if (uri.startsWith("/api/photos")) {
            return LARGEST_PHOTO;
        }
        return uri.startsWith("/api/imports") ? LARGEST_FILE : LARGEST_BODY;
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
