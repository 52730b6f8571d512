package looseknit.server;

import org.springframework.aot.AotDetector;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.Ordered;
import org.springframework.core.SpringProperties;
import org.springframework.core.env.Environment;
import org.springframework.util.ClassUtils;

/**
 * Starts the usual house with what the build has worked out beforehand: which parts there are, how they hang together, and how the store is asked.
 * That takes half of the start otherwise. It holds for a house in a file on its own machine; one that is shared, or lies on a database server,
 * has other parts and works them out at its start.
 */
final class AheadOfTime implements ApplicationListener<ApplicationEnvironmentPreparedEvent>, Ordered {

    private static final String WORKED_OUT = "looseknit.server.LooseKnit__ApplicationContextInitializer";

    @Override
    public void onApplicationEvent(final ApplicationEnvironmentPreparedEvent event) {
        final boolean use =
                fits(event.getEnvironment()) && ClassUtils.isPresent(WORKED_OUT, LooseKnit.class.getClassLoader());
        SpringProperties.setProperty(AotDetector.AOT_ENABLED, String.valueOf(use));
    }

    /** Whether the house is a usual one. */
    static boolean fits(final Environment settings) {
        return settings.getProperty("looseknit.ahead-of-time", Boolean.class, true)
                && !settings.getProperty("looseknit.share", Boolean.class, false)
                && !settings.containsProperty("looseknit.database");
    }

    @Override
    public int getOrder() {
        // after the files of settings are read
        return Ordered.LOWEST_PRECEDENCE;
    }
}
