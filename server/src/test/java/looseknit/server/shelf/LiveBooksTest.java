package looseknit.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.shelf.Stock;
import looseknit.server.ApiTest;
import looseknit.server.frame.Books;
import looseknit.server.frame.MaterialsChanged;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationEventPublisher;
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
    private LotRepository lots;

    @Autowired
    private Shelf shelf;

    @Autowired
    private ApplicationEventPublisher events;

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

    private Material cork() {
        return books.materials().material("cork").orElseThrow();
    }

    private static LotFacts lot(final boolean rinsed, final boolean quarantined) {
        return lot(10, null, rinsed, quarantined);
    }

    private static LotFacts lot(
            final double leftLitres,
            final @Nullable LocalDate openedOn,
            final boolean rinsed,
            final boolean quarantined) {
        return new LotFacts(
                "cork",
                Stock.Sold.LOOSE_LITRES,
                10,
                0,
                leftLitres,
                null,
                null,
                openedOn,
                null,
                false,
                rinsed,
                quarantined,
                null);
    }

    /** As when cards are read anew while somebody changes a lot twice. */
    @Test
    void whoHadReadALotBeforeItChangedDoesNotTellOthersOfItAsItWas() {
        final TransactionTemplate template = new TransactionTemplate(transactions);
        final UUID id = UUID.randomUUID();
        final Material shipped = cork();
        template.executeWithoutResult(status -> {
            lots.save(new Lot(id, lot(true, false), Instant.now()));
            events.publishEvent(new MaterialsChanged());
        });
        final Material rinsed = cork();
        assertThat(rinsed).isNotEqualTo(shipped);
        template.executeWithoutResult(status -> events.publishEvent(new MaterialsChanged()));

        template.executeWithoutResult(status -> {
            assertThat(lots.findById(id)).isPresent();
            CompletableFuture.runAsync(() -> template.executeWithoutResult(other -> {
                        lots.findById(id).orElseThrow().become(lot(false, true));
                        events.publishEvent(new MaterialsChanged());
                    }))
                    .join();
            assertThat(cork()).isEqualTo(rinsed);
        });

        assertThat(cork()).isNotIn(shipped, rinsed);
        template.executeWithoutResult(status -> {
            lots.deleteById(id);
            events.publishEvent(new MaterialsChanged());
        });
        assertThat(cork()).isEqualTo(shipped);
    }

    /** Neither change alone makes the Book say something else: the bag that is rinsed is not in use, the bag that is used up is followed by one as it comes. */
    @Test
    void twoChangesAtTheSameMomentComeToWhatTheySayTogether() throws Exception {
        final TransactionTemplate template = new TransactionTemplate(transactions);
        final UUID open = UUID.randomUUID();
        final UUID next = UUID.randomUUID();
        final LocalDate openedOn = LocalDate.of(2026, 3, 1);
        final Material shipped = cork();
        shelf.add(open, lot(10, openedOn, false, false));
        shelf.add(next, lot(false, false));

        template.executeWithoutResult(status -> {
            shelf.change(next, 0, lot(true, false));
            CompletableFuture.runAsync(() -> shelf.change(open, 0, lot(0, openedOn, false, false)))
                    .join();
        });

        for (int i = 0; i < 200 && cork().equals(shipped); i++) {
            Thread.sleep(25);
        }
        assertThat(cork()).isNotEqualTo(shipped);
        shelf.remove(open);
        shelf.remove(next);
        assertThat(cork()).isEqualTo(shipped);
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
