package looseknit.server.house;

import java.io.IOException;
import java.sql.Connection;
import java.sql.Driver;
import java.sql.DriverManager;
import java.sql.DriverPropertyInfo;
import java.sql.SQLException;
import java.util.Properties;
import java.util.logging.Logger;
import org.jspecify.annotations.Nullable;

/** Opens a store; one in a file that cannot be written just now, for reading: who has a full disk still finds everything. */
public final class StoreDriver implements Driver {

    private static final String IN_A_FILE = "jdbc:h2:file:";
    private static final String FOR_READING = ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE";

    @Override
    public @Nullable Connection connect(final String url, final Properties settings) throws SQLException {
        final Driver driver = DriverManager.getDriver(url);
        try {
            return driver.connect(url, settings);
        } catch (final SQLException e) {
            if (!url.startsWith(IN_A_FILE) || !isOfTheDisk(e)) {
                throw e;
            }
            try {
                return driver.connect(url + FOR_READING, settings);
            } catch (final SQLException neither) {
                e.addSuppressed(neither);
                throw e;
            }
        }
    }

    private static boolean isOfTheDisk(final SQLException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof IOException) {
                return true;
            }
        }
        return false;
    }

    @Override
    public boolean acceptsURL(final String url) {
        return url.startsWith("jdbc:h2:") || url.startsWith("jdbc:postgresql:");
    }

    @Override
    public DriverPropertyInfo[] getPropertyInfo(final String url, final Properties settings) {
        return new DriverPropertyInfo[0];
    }

    @Override
    public int getMajorVersion() {
        return 1;
    }

    @Override
    public int getMinorVersion() {
        return 0;
    }

    @Override
    public boolean jdbcCompliant() {
        return false;
    }

    @Override
    public Logger getParentLogger() {
        return Logger.getLogger(Logger.GLOBAL_LOGGER_NAME);
    }
}
