package looseknit.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.io.Serializable;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Ends a session whose account is no longer what it was when it began: another password or role, signed out everywhere, taken out. The store
 * says so, so it holds in whichever instance of the program that was done.
 */
final class SignedOutElsewhere extends OncePerRequestFilter {

    private static final String ATTRIBUTE = SignedOutElsewhere.class.getName();

    /** What may be asked by whoever is not signed in. */
    private static final Set<String> OPEN = Set.of("/api/people/me", "/api/people/sign-in", "/api/units");

    private final AccountRepository accounts;

    SignedOutElsewhere(final AccountRepository accounts) {
        this.accounts = accounts;
    }

    /** An account as it stood when a session began. */
    private record Stood(String name, String stamp) implements Serializable {}

    /** Notes in a session that begins how its account stands. */
    static void note(final HttpSession session, final Account account) {
        session.setAttribute(ATTRIBUTE, new Stood(account.name(), account.stamp()));
    }

    @Override
    protected boolean shouldNotFilter(final HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(
            final HttpServletRequest request, final HttpServletResponse response, final FilterChain chain)
            throws ServletException, IOException {
        final HttpSession session = request.getSession(false);
        if (session != null && session.getAttribute(ATTRIBUTE) instanceof Stood stood && !standsStill(stood)) {
            session.invalidate();
            if (!OPEN.contains(request.getRequestURI())) {
                SharedHouse.refuse(
                        response,
                        HttpStatus.UNAUTHORIZED,
                        "You were signed out. Sign in again to go on; what you typed is kept in this browser.");
                return;
            }
        }
        chain.doFilter(request, response);
    }

    private boolean standsStill(final Stood stood) {
        final Optional<Account> now = accounts.findById(stood.name());
        return now.isPresent() && now.get().stamp().equals(stood.stamp());
    }
}
