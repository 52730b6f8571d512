package looseknit.server.message;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses units that nobody knows, before anything is worked out. */
@Component
class UnitsFilter extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(
            final HttpServletRequest request, final HttpServletResponse response, final FilterChain chain)
            throws ServletException, IOException {
        final @Nullable String units = request.getQueryString() == null ? null : request.getParameter(Speech.UNITS);
        if (units != null && !Speech.known(units)) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            response.setContentType("application/problem+json");
            response.getWriter()
                    .write("{\"title\":\"This value cannot be used\",\"status\":422,\"field\":\"units\","
                            + "\"detail\":\"These units are not known. Allowed: metric or us.\"}");
            return;
        }
        chain.doFilter(request, response);
    }
}
