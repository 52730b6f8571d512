package looseknit.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import looseknit.core.material.MakeUp;
import looseknit.server.ApiTest;
import looseknit.server.frame.Books;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** The Book as it stands while somebody changes it. */
@ApiTest
class LiveBooksTest {

    @Autowired
    private Books books;

    @Autowired
    private OwnMaterials own;

    @Autowired
    private PlatformTransactionManager transactions;

    private boolean has(final String id) {
        return books.materials().material(id).isPresent();
    }

    @Test
    void aChangeIsSeenByWhoeverMakesItAtOnceAndByOthersOnceItStands() {
        final TransactionTemplate template = new TransactionTemplate(transactions);
        template.setPropagationBehavior(TransactionTemplate.PROPAGATION_REQUIRES_NEW);
        assertThat(has("own_half_told")).isFalse();

        template.executeWithoutResult(status -> {
            own.add("own_half_told", mix());
            assertThat(has("own_half_told")).isTrue();
            assertThat(CompletableFuture.supplyAsync(() -> has("own_half_told")).join())
                    .as("seen by another before it stands")
                    .isFalse();
            status.setRollbackOnly();
        });
        assertThat(has("own_half_told")).isFalse();

        template.executeWithoutResult(status -> own.add("own_told", mix()));
        assertThat(has("own_told")).isTrue();
        template.executeWithoutResult(status -> own.remove("own_told"));
    }

    private static OwnMaterialFacts mix() {
        return new OwnMaterialFacts(
                "Half told",
                null,
                null,
                new OwnMaterialFacts.OwnMixBody(
                        List.of(new OwnMaterialFacts.MixPartBody("peat", 1)), MakeUp.Certainty.KNOWN, false));
    }
}
