package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import java.util.List;
import looseknit.server.ApiTest;
import org.hibernate.SessionFactory;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Questions that are read ahead are those that are asked later. */
@ApiTest
class WrittenQuestionsTest {

    @Autowired
    private WrittenQuestions questions;

    @Autowired
    private EntityManagerFactory store;

    @Test
    void allThatAreWrittenCanBeReadAndNoneIsAsked() {
        final List<String> written = questions.written();
        assertThat(written).hasSizeGreaterThan(20).anyMatch(each -> each.contains("Potting"));

        final var statistics = store.unwrap(SessionFactory.class).getStatistics();
        statistics.setStatisticsEnabled(true);
        try {
            questions.read();
            assertThat(statistics.getPrepareStatementCount()).isZero();
            assertThat(statistics.getQueryPlanCacheMissCount() + statistics.getQueryPlanCacheHitCount())
                    .isGreaterThanOrEqualTo(written.size());
        } finally {
            statistics.setStatisticsEnabled(false);
            statistics.clear();
        }
    }
}
