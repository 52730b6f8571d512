package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import looseknit.server.ApiTest;
import org.hibernate.SessionFactory;
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

    private final List<String> asked = new ArrayList<>();

    @Test
    void allThatAreWrittenCanBeReadAndNoneIsAsked() {
        final EntityManager reads = spy(watched());
        final EntityManagerFactory opens = mock();
        when(opens.createEntityManager()).thenReturn(reads);
        final WrittenQuestions questions = new WrittenQuestions(opens, repositories);

        questions.read();

        assertThat(questions.written()).hasSizeGreaterThan(20).anyMatch(each -> each.contains("Potting"));
        try (EntityManager again = watched()) {
            for (final String question : questions.written()) {
                verify(reads).createQuery(question);
                assertThat(again.createQuery(question)).as(question).isNotNull();
            }
        }
        assertThat(asked).isEmpty();
    }

    /** A session that notes what it asks, whatever else of the server asks meanwhile. */
    private EntityManager watched() {
        final UnaryOperator<String> notes = sql -> {
            asked.add(sql);
            return sql;
        };
        return store.unwrap(SessionFactory.class)
                .withOptions()
                .statementInspector(notes)
                .openSession();
    }
}
