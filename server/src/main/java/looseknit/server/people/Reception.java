package looseknit.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.Optional;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Where people sign in and out. */
@Component
@ConditionalOnBooleanProperty("looseknit.share")
class Reception {

    private final People people;
    private final SignIns signIns;
    private final AuthenticationManager signingIn;
    private final SecurityContextRepository signedIn;

    Reception(
            final People people,
            final SignIns signIns,
            final AuthenticationManager signingIn,
            final SecurityContextRepository signedIn) {
        this.people = people;
        this.signIns = signIns;
        this.signingIn = signingIn;
        this.signedIn = signedIn;
    }

    /**
     * Signs somebody in, in a session that is new.
     *
     * @throws Refused if name and password do not go together, or there were too many tries
     */
    Account signIn(
            final String typed,
            final String password,
            final HttpServletRequest request,
            final HttpServletResponse response) {
        final String name =
                typed.length() > People.LONGEST_NAME ? typed.substring(0, People.LONGEST_NAME) : typed.strip();
        final Optional<Duration> waits = signIns.waits(name, request.getRemoteAddr());
        if (waits.isPresent()) {
            throw new Refused(
                    "Too many tries",
                    "Too many wrong passwords: wait %d seconds, then try again. Who forgot a password gets a new one from a keeper, or on the machine itself."
                            .formatted(waits.get().toSeconds() + 1));
        }
        final Authentication found = authenticated(name, password).orElseThrow(() -> {
            signIns.failed(name, request.getRemoteAddr());
            return new Refused("Not signed in", "The name and the password do not go together.");
        });
        signIns.succeeded(name);
        end(request);
        final HttpSession session = request.getSession(true);
        final SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(found);
        SecurityContextHolder.setContext(context);
        signedIn.saveContext(context, request, response);
        final Account account = people.find(found.getName()).orElseThrow(() -> new NotThere("person"));
        SignedOutElsewhere.note(session, account);
        return account;
    }

    /** Ends this session of somebody, or all of theirs. */
    void signOut(final String name, final boolean everywhere, final HttpServletRequest request) {
        if (everywhere) {
            people.signOut(name);
        }
        end(request);
        SecurityContextHolder.clearContext();
    }

    /**
     * Changes one's own password; all sessions end.
     *
     * @throws Refused if the one before is another one
     */
    void changePassword(final String name, final String before, final String password) {
        if (authenticated(name, before).isEmpty()) {
            throw new Refused("Not changed", "The password before is another one.");
        }
        people.setPassword(name, password);
    }

    private Optional<Authentication> authenticated(final String name, final String password) {
        try {
            return Optional.of(
                    signingIn.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password)));
        } catch (final AuthenticationException wrong) {
            return Optional.empty();
        }
    }

    private static void end(final HttpServletRequest request) {
        final HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }
}
