package looseknit.server.blend;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import looseknit.server.ApiTest;
import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.MaterialsChanged;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Cards are known to have been read with what stood before a change, also by whoever reads while it is being stored. */
@ApiTest
class CardEditionTest {

    @Autowired
    private CardEdition edition;

    @Autowired
    private ReadingModelRepository model;

    @Autowired
    private ApplicationEventPublisher events;

    @Autowired
    private PlatformTransactionManager transactions;

    private TransactionTemplate template;
    private int before;

    @BeforeEach
    void asItStands() {
        template = new TransactionTemplate(transactions);
        before = edition.current();
    }

    private void materialsChange() {
        template.executeWithoutResult(any -> events.publishEvent(new MaterialsChanged()));
    }

    @Test
    void aChangeCountsOnceItIsStored() {
        template.executeWithoutResult(status -> {
            events.publishEvent(new MaterialsChanged());
            status.setRollbackOnly();
        });
        assertThat(edition.current()).as("rolled back").isEqualTo(before);

        materialsChange();
        assertThat(edition.current()).isEqualTo(before + 1).isEqualTo(model.edition());
    }

    @Test
    void whoBeganBeforeAChangeReadsWithWhatStoodThen() {
        template.executeWithoutResult(status -> {
            assertThat(edition.readingWith()).isEqualTo(before);
            CompletableFuture.runAsync(this::materialsChange).join();
            assertThat(edition.current()).isEqualTo(before + 1);
            assertThat(edition.readingWith()).as("to be read anew").isEqualTo(before);
        });
        assertThat(edition.readingWith()).isEqualTo(before + 1);
    }

    /** Until it is told the Book here is the one before. */
    @Test
    void aChangeOfAnotherInstanceCountsOnceItIsTold() {
        template.executeWithoutResult(any -> model.raise());
        assertThat(edition.current()).isEqualTo(before);

        events.publishEvent(new ChangedElsewhere());
        assertThat(edition.current()).isEqualTo(before + 1);
    }
}
