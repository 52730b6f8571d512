package looseknit.server.house;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Optional;
import javax.sql.DataSource;
import looseknit.server.store.WholeStore;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** Brings a store up to date, after a backup; one that is newer than the program is left alone. */
@Component
class Migration implements FlywayMigrationStrategy {

    private final DataSource store;
    private final Path data;
    private final Clock clock;

    Migration(final DataSource store, @Value("${looseknit.data}") final Path data, final Clock clock) {
        this.store = store;
        this.data = data;
        this.clock = clock;
    }

    @Override
    public void migrate(final Flyway flyway) {
        final MigrationInfoService info = flyway.info();
        final Optional<MigrationVersion> there =
                Optional.ofNullable(info.current()).map(MigrationInfo::getVersion);
        final MigrationVersion known = Arrays.stream(info.all())
                .filter(each -> each.getScript() != null && !each.getState().isFailed())
                .filter(each -> !each.getState().name().startsWith("FUTURE"))
                .map(MigrationInfo::getVersion)
                .max(MigrationVersion::compareTo)
                .orElseThrow();
        if (there.isPresent() && there.get().compareTo(known) > 0) {
            throw new CannotStart(
                    "The data in %s were written by a newer Loose Knit (version %s of the store; this program knows %s)."
                            .formatted(data, there.get(), known),
                    "Start the newer program, or choose another folder with --data. Nothing was changed.");
        }
        final boolean upToDate = there.isPresent()
                && info.pending().length == 0
                && Arrays.stream(info.all()).noneMatch(each -> each.getState().isFailed());
        if (upToDate) {
            return;
        }
        if (there.isPresent() && info.pending().length > 0 && Backups.isFile(store)) {
            backUp();
        }
        WholeStore.begin(flyway);
        flyway.migrate();
    }

    private void backUp() {
        try (Connection connection = store.getConnection()) {
            Backups.make(connection, data, Backups.Why.BEFORE_UPGRADE, LocalDateTime.now(clock));
        } catch (final SQLException | IOException | IllegalStateException e) {
            throw new CannotStart(
                    "Before the upgrade a backup is made, and that failed (%s). Nothing was changed."
                            .formatted(e.getMessage()),
                    "Make room in %s, or see that it can be written to, and start again.".formatted(data));
        }
    }
}
