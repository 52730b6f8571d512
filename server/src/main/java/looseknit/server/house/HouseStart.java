package looseknit.server.house;

import java.nio.file.Path;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.Ordered;

/** Looks the data folder over before anything in it is opened. */
public final class HouseStart implements ApplicationListener<ApplicationEnvironmentPreparedEvent>, Ordered {

    /** Held for as long as the server runs; let go with it. */
    private @Nullable DataFolder held;

    @Override
    public void onApplicationEvent(final ApplicationEnvironmentPreparedEvent event) {
        final String folder = Objects.requireNonNull(event.getEnvironment().getProperty("looseknit.data"));
        held = DataFolder.hold(Path.of(folder));
        if (event.getEnvironment().getProperty("looseknit.share", Boolean.class, false)
                && event.getEnvironment().getProperty("looseknit.certificate") == null) {
            Certificate.make(Path.of(folder));
        }
    }

    /** The folder that is held; nothing before the start. */
    public @Nullable DataFolder held() {
        return held;
    }

    @Override
    public int getOrder() {
        // after the files of settings are read
        return Ordered.LOWEST_PRECEDENCE;
    }
}
