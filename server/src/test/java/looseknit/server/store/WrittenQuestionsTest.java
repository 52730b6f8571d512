package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import looseknit.server.ApiTest;
import looseknit.server.frame.CountedStatements;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.data.repository.Repository;

/** Questions that are read ahead are those that are asked later. */
@ApiTest
class WrittenQuestionsTest {

    @Autowired
    private ObjectProvider<Repository<?, ?>> repositories;

    @Autowired
    private EntityManagerFactory store;

    @Test
    void allThatAreWrittenCanBeReadAndNoneIsAsked() {
        final EntityManager reads = spy(store.createEntityManager());
        final EntityManagerFactory opens = mock();
        when(opens.createEntityManager()).thenReturn(reads);
        final WrittenQuestions questions = new WrittenQuestions(opens, repositories);
        final long asked = CountedStatements.ofThisThread();

        questions.read();

        assertThat(CountedStatements.ofThisThread()).isEqualTo(asked);
        assertThat(questions.written()).hasSizeGreaterThan(20).anyMatch(each -> each.contains("Potting"));
        try (EntityManager again = store.createEntityManager()) {
            for (final String question : questions.written()) {
                verify(reads).createQuery(question);
                assertThat(again.createQuery(question)).as(question).isNotNull();
            }
        }
    }
}
