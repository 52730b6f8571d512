package looseknit.server.people;

import static looseknit.core.measure.Require.text;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.Seen;
import looseknit.server.frame.StaleRevision;
import looseknit.server.house.CannotStart;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** People who share a house. */
@Service
@ConditionalOnBooleanProperty("looseknit.share")
@Transactional
class People {

    static final int LONGEST_NAME = 60;

    private final AccountRepository accounts;
    private final Clock clock;

    People(final AccountRepository accounts, final Clock clock) {
        this.accounts = accounts;
        this.clock = clock;
    }

    /**
     * Makes the first keeper if there is none yet.
     *
     * @throws CannotStart if there is none and none is told
     */
    void first(final @Nullable String name, final @Nullable String password) {
        if (accounts.countByRole(Role.KEEPER) > 0) {
            return;
        }
        if (name == null || name.isBlank() || password == null || password.isEmpty()) {
            throw new CannotStart(
                    "This house shall be shared, and has no keeper yet.",
                    "Start it with --share on a terminal: it asks for a first name and password.");
        }
        try {
            add(name, Role.KEEPER, password);
        } catch (final OutOfRangeException e) {
            throw new CannotStart("There is no keeper yet. " + e.getMessage(), "Start it again with another one.");
        }
    }

    @Transactional(readOnly = true)
    List<Account> all() {
        return accounts.findAllByOrderByName();
    }

    @Transactional(readOnly = true)
    Optional<Account> find(final String name) {
        return accounts.findByNameIgnoreCase(name.strip());
    }

    Account add(final String name, final Role role, final String password) {
        final String checked = text("person.name", name, LONGEST_NAME);
        if (find(checked).isPresent()) {
            throw new OutOfRangeException(
                    "person.name", checked, TableText.said("a name that nobody in this house has yet"));
        }
        return accounts.saveAndFlush(new Account(checked, role, Passwords.encoded(checked, password), clock.instant()));
    }

    /**
     * Gives somebody another role, and signs them out wherever they are.
     *
     * @throws StaleRevision if it was changed since it was seen
     */
    Account change(final String name, final long revision, final Role role) {
        final Account account = get(name);
        Seen.check("person", revision, account.revision(), () -> PeopleController.PersonBody.of(account));
        if (account.role() == Role.KEEPER && role != Role.KEEPER) {
            needsAnotherKeeper();
        }
        account.become(role);
        return accounts.saveAndFlush(account);
    }

    void remove(final String name) {
        final Account account = get(name);
        if (account.role() == Role.KEEPER) {
            needsAnotherKeeper();
        }
        accounts.delete(account);
    }

    /** Gives somebody a new password, and signs them out wherever they are. */
    void setPassword(final String name, final String password) {
        final Account account = get(name);
        account.setPassword(Passwords.encoded(account.name(), password));
    }

    /** Ends all sessions of somebody, as every change of an account does. */
    void signOut(final String name) {
        accounts.touch(name);
    }

    private void needsAnotherKeeper() {
        if (accounts.countByRole(Role.KEEPER) < 2) {
            throw new Refused(
                    "The last keeper", "A house needs a keeper: make somebody else one first, then repeat this.");
        }
    }

    private Account get(final String name) {
        return find(name).orElseThrow(() -> new NotThere("person"));
    }

    /** Sees on the start that there is a keeper. */
    @Component
    @ConditionalOnBooleanProperty("looseknit.share")
    static class First implements SmartInitializingSingleton {

        private final People people;
        private final @Nullable String name;
        private final @Nullable String password;

        First(
                final People people,
                @Value("${looseknit.first.name:#{null}}") final @Nullable String name,
                @Value("${looseknit.first.password:#{null}}") final @Nullable String password) {
            this.people = people;
            this.name = name;
            this.password = password;
        }

        @Override
        public void afterSingletonsInstantiated() {
            people.first(name, password);
        }
    }
}
