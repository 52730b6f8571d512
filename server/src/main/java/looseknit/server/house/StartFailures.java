package looseknit.server.house;

import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.EnvironmentAware;
import org.springframework.core.env.Environment;

/** Why the server does not start, in a sentence with the way out. */
public final class StartFailures implements FailureAnalyzer, EnvironmentAware {

    /** By these numbers H2 says that a file is in use. */
    private static final Set<Integer> IN_USE = Set.of(90020);

    /** By these, that it cannot make sense of a file. */
    private static final Set<Integer> DAMAGED = Set.of(90030, 90028, 90048);

    private @Nullable Environment environment;

    /** The environment is there in all but the earliest failures. */
    @Override
    public void setEnvironment(final Environment known) {
        this.environment = known;
    }

    @Override
    public @Nullable FailureAnalysis analyze(final Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            final Optional<CannotStart> why = why(cause);
            if (why.isPresent()) {
                return new FailureAnalysis(why.get().getMessage(), why.get().wayOut(), cause);
            }
        }
        return null;
    }

    private Optional<CannotStart> why(final Throwable cause) {
        if (cause instanceof CannotStart known) {
            return Optional.of(known);
        }
        if (cause instanceof PortInUseException taken) {
            return Optional.of(new CannotStart(
                    "Port %d is taken by another program.".formatted(taken.getPort()),
                    "Stop that, or choose another one with --port."));
        }
        if (cause instanceof SQLException sql && IN_USE.contains(sql.getErrorCode())) {
            return Optional.of(new CannotStart(
                    "Another program has the database open.", "Stop it, or choose another folder with --data."));
        }
        if (cause instanceof SQLException sql && DAMAGED.contains(sql.getErrorCode())) {
            return folder().map(DataFolder::damaged);
        }
        return Optional.empty();
    }

    private Optional<Path> folder() {
        return Optional.ofNullable(environment)
                .map(known -> known.getProperty("looseknit.data"))
                .map(Path::of);
    }
}
