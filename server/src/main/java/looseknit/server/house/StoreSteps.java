package looseknit.server.house;

import looseknit.server.store.WholeStore;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayConfigurationCustomizer;
import org.springframework.stereotype.Component;

/** Where the steps stand by which a store is brought up to date: a database server begins with the store as the first fifteen steps leave it. */
@Component
class StoreSteps implements FlywayConfigurationCustomizer {

    private final boolean server;

    StoreSteps(@Value("${spring.datasource.url}") final String store) {
        this.server = store.startsWith("jdbc:postgresql:");
    }

    @Override
    public void customize(final FluentConfiguration configuration) {
        configuration.locations(
                (server ? WholeStore.STEPS_OF_A_SERVER : WholeStore.STEPS_OF_A_FILE).toArray(String[]::new));
    }
}
