package looseknit.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;

/** Slows down who guesses passwords: after five wrong ones for a name, or thirty from an address, each further try waits twice as long. */
@Component
@ConditionalOnBooleanProperty("looseknit.share")
class SignIns {

    static final int FREE = 5;
    private static final int FREE_OF_ADDRESS = 30;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(15);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final int MOST_REMEMBERED = 2000;

    private record Wrong(int times, Instant until) {}

    private final Clock clock;
    private final Map<String, Wrong> wrong = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(final Map.Entry<String, Wrong> eldest) {
            return size() > MOST_REMEMBERED;
        }
    };

    SignIns(final Clock clock) {
        this.clock = clock;
    }

    /** How long a name or an address has to wait; nothing if it may try now. */
    synchronized Optional<Duration> waits(final String name, final String address) {
        final Instant now = clock.instant();
        Duration longest = Duration.ZERO;
        for (final String key : new String[] {ofName(name), ofAddress(address)}) {
            final Wrong found = wrong.get(key);
            if (found != null && Duration.between(now, found.until()).compareTo(longest) > 0) {
                longest = Duration.between(now, found.until());
            }
        }
        return longest.isZero() ? Optional.empty() : Optional.of(longest);
    }

    synchronized void failed(final String name, final String address) {
        note(ofName(name), FREE);
        note(ofAddress(address), FREE_OF_ADDRESS);
    }

    synchronized void succeeded(final String name) {
        wrong.remove(ofName(name));
    }

    private void note(final String key, final int free) {
        final Wrong before = wrong.get(key);
        final int times = before == null ? 1 : before.times() + 1;
        final int beyond = Math.min(10, times - free);
        final Duration wait = beyond < 0 ? Duration.ZERO : FIRST_WAIT.multipliedBy(1L << beyond);
        final Duration kept = wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait;
        wrong.put(key, new Wrong(times, clock.instant().plus(kept)));
    }

    private static String ofName(final String name) {
        return "name " + name.strip().toLowerCase(Locale.ROOT);
    }

    private static String ofAddress(final String address) {
        return "address " + address;
    }
}
