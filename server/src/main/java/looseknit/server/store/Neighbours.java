package looseknit.server.store;

import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.LotsChanged;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.TestsChanged;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Condition;
import org.springframework.context.annotation.ConditionContext;
import org.springframework.context.annotation.Conditional;
import org.springframework.context.event.EventListener;
import org.springframework.core.type.AnnotatedTypeMetadata;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** Instances of the program that share one database server tell each other what has changed, by {@code NOTIFY} and {@code LISTEN}. */
@Component
@Conditional(Neighbours.OnAServer.class)
class Neighbours {

    private static final Logger log = LoggerFactory.getLogger(Neighbours.class);
    private static final String CHANNEL = "loose_knit";
    private static final int WAIT_MS = 500;
    private static final Duration BEFORE_TRYING_AGAIN = Duration.ofSeconds(2);

    private final String self = UUID.randomUUID().toString();
    private final AtomicBoolean over = new AtomicBoolean();
    private final JdbcTemplate store;
    private final String url;
    private final String user;
    private final String password;
    private final ApplicationEventPublisher events;

    Neighbours(
            final JdbcTemplate store,
            @Value("${spring.datasource.url}") final String url,
            @Value("${spring.datasource.username}") final String user,
            @Value("${spring.datasource.password}") final String password,
            final ApplicationEventPublisher events) {
        this.store = store;
        this.url = url;
        this.user = user;
        this.password = password;
        this.events = events;
    }

    /** Whether the store is kept by a database server. */
    static final class OnAServer implements Condition {

        @Override
        public boolean matches(final ConditionContext context, final AnnotatedTypeMetadata any) {
            return context.getEnvironment()
                    .getProperty("spring.datasource.url", "")
                    .startsWith("jdbc:postgresql:");
        }
    }

    @EventListener
    void ready(final ApplicationReadyEvent event) {
        final Thread listening = new Thread(this::listen, "neighbours");
        listening.setDaemon(true);
        listening.start();
    }

    @PreDestroy
    void stop() {
        over.set(true);
    }

    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    @TransactionalEventListener(
            classes = {MaterialsChanged.class, LotsChanged.class, TestsChanged.class},
            fallbackExecution = true)
    void tell() {
        store.execute("NOTIFY %s, '%s'".formatted(CHANNEL, self));
    }

    private void listen() {
        while (!over.get()) {
            try (Connection connection = DriverManager.getConnection(url, user, password);
                    Statement listen = connection.createStatement()) {
                listen.execute("LISTEN " + CHANNEL);
                // what was told while nobody listened
                events.publishEvent(new ChangedElsewhere());
                hear(connection.unwrap(PGConnection.class));
            } catch (final SQLException | DataAccessException e) {
                log.warn("the neighbours are not heard for now: {}", e.getMessage());
                rest();
            }
        }
    }

    private void hear(final PGConnection connection) throws SQLException {
        while (!over.get()) {
            for (final PGNotification told : connection.getNotifications(WAIT_MS)) {
                if (!told.getParameter().equals(self)) {
                    events.publishEvent(new ChangedElsewhere());
                }
            }
        }
    }

    private void rest() {
        try {
            Thread.sleep(BEFORE_TRYING_AGAIN.toMillis());
        } catch (final InterruptedException e) {
            over.set(true);
            Thread.currentThread().interrupt();
        }
    }
}
