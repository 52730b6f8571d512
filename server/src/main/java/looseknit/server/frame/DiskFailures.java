package looseknit.server.frame;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Set;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** The store cannot write or read: a full disk, a folder that became read-only. A store that gave up is opened again, and then for reading at least. */
@Component
class DiskFailures {

    /** Codes with which H2 says so: the file cannot be written or is closed, the store has been closed or can only be read. */
    private static final Set<Integer> CODES = Set.of(90028, 90031, 90097, 90098, 90121);

    private final ObjectProvider<HikariDataSource> store;

    DiskFailures(final ObjectProvider<HikariDataSource> store) {
        this.store = store;
    }

    /** Whether something failed because of the disk. */
    static boolean isOne(final Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof IOException
                    || (cause instanceof SQLException sql && CODES.contains(sql.getErrorCode()))) {
                return true;
            }
        }
        return false;
    }

    /** Lets go of all connections, so that the next one opens the store anew. */
    void openAnew() {
        store.ifAvailable(pool -> {
            final HikariPoolMXBean connections = pool.getHikariPoolMXBean();
            if (connections != null) {
                connections.softEvictConnections();
            }
        });
    }
}
