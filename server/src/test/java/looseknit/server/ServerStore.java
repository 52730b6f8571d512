package looseknit.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Gives each test that runs on a database server a database of its own there: with {@code -Dlooseknit.postgresql=jdbc:postgresql://host:port/} the same tests run on it. */
public class ServerStore implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    private static final String ALL = "looseknit.postgresql";

    /** Where a database server is on which only {@link OnPostgresql some tests} run, beside the others. */
    static final String BESIDE = "looseknit.postgresql.beside";

    private static final String USER = "looseknit";

    private final String server;

    /** For tests that run on the database server where all do. */
    public ServerStore() {
        this(System.getProperty(ALL, ""));
    }

    private ServerStore(final String server) {
        this.server = server;
    }

    /** For tests that run on a database server wherever there is one. */
    static final class Beside extends ServerStore {
        Beside() {
            super(anyServer());
        }
    }

    /** Where a database server is; nothing where there is none. */
    public static String anyServer() {
        return System.getProperty(ALL, System.getProperty(BESIDE, ""));
    }

    @Override
    public void initialize(final ConfigurableApplicationContext context) {
        if (!server.isEmpty()) {
            TestPropertyValues.of(
                            "spring.datasource.url=" + newDatabase(server),
                            "spring.datasource.hikari.maximum-pool-size=6")
                    .applyTo(context);
        }
    }

    /** The address of an empty database of its own on a server. */
    public static String newDatabase(final String server) {
        final String name = "t" + UUID.randomUUID().toString().replace("-", "");
        try (Connection connection = DriverManager.getConnection(server + "postgres", USER, "");
                Statement create = connection.createStatement()) {
            create.execute("CREATE DATABASE " + name);
        } catch (final SQLException e) {
            throw new IllegalStateException("the database server at %s does not serve".formatted(server), e);
        }
        return server + name;
    }
}
