package looseknit.server.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.aop.framework.AopProxyUtils;
import org.springframework.aot.AotDetector;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Questions to the store that are written down, read once while nobody waits. A house that starts with what was worked out ahead reads each
 * question when it is first asked, and the first of them are slow.
 */
@Component
class WrittenQuestions {

    private static final Logger LOG = LoggerFactory.getLogger(WrittenQuestions.class);
    private static final long SOON_MS = 3000;

    private final EntityManagerFactory store;
    private final ObjectProvider<Repository<?, ?>> repositories;

    WrittenQuestions(final EntityManagerFactory store, final ObjectProvider<Repository<?, ?>> repositories) {
        this.store = store;
        this.repositories = repositories;
    }

    @Scheduled(initialDelay = SOON_MS)
    void readAhead() {
        if (AotDetector.useGeneratedArtifacts()) {
            read();
        }
    }

    /** Reads them; none is asked. */
    void read() {
        try (EntityManager entities = store.createEntityManager()) {
            for (final String question : written()) {
                try {
                    entities.createQuery(question);
                } catch (final IllegalArgumentException e) {
                    LOG.warn("A question to the store cannot be read: {}", e.getMessage());
                }
            }
        }
    }

    /** All that are written in the language of the entities. */
    List<String> written() {
        return repositories.stream()
                .flatMap(each -> Stream.of(AopProxyUtils.proxiedUserInterfaces(each)))
                .flatMap(each -> Arrays.stream(each.getMethods()))
                .flatMap(each -> question(each).stream())
                .distinct()
                .toList();
    }

    private static Optional<String> question(final Method method) {
        return Optional.ofNullable(method.getAnnotation(Query.class))
                .filter(query -> !query.nativeQuery())
                .map(Query::value)
                .filter(each -> !each.isEmpty());
    }
}
