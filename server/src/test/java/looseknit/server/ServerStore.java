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
public final class ServerStore implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    /** Where the database server is; nothing for a store in memory. */
    public static final String SERVER = "looseknit.postgresql";

    private static final String USER = "looseknit";

    @Override
    public void initialize(final ConfigurableApplicationContext context) {
        final String server = System.getProperty(SERVER, "");
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
