package looseknit.server.frame;

import org.hibernate.resource.jdbc.spi.StatementInspector;

/** Counts what each thread asks of the store. */
public final class CountedStatements implements StatementInspector {

    private static final long serialVersionUID = 1L;

    private static final ThreadLocal<Long> COUNT = ThreadLocal.withInitial(() -> 0L);

    /** Statements of this thread so far. */
    public static long ofThisThread() {
        return COUNT.get();
    }

    @Override
    public String inspect(final String sql) {
        COUNT.set(COUNT.get() + 1);
        return sql;
    }
}
