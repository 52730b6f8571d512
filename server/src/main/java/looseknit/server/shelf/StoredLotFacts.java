package looseknit.server.shelf;

import java.time.LocalDate;
import looseknit.core.shelf.Stock;
import org.jspecify.annotations.Nullable;

/** What is told of a lot, as it is stored. */
record StoredLotFacts(
        String materialId,
        Stock.Sold sold,
        double amount,
        double swell,
        double leftLitres,
        @Nullable Double lowLitres,
        @Nullable Double price,
        @Nullable LocalDate openedOn,
        @Nullable String supplier,
        boolean fed,
        boolean rinsed,
        boolean quarantined,
        @Nullable StoredMeasured measured) {

    static StoredLotFacts of(final LotFacts lot) {
        return new StoredLotFacts(
                lot.materialId(),
                lot.sold(),
                lot.amount(),
                lot.swell(),
                lot.leftLitres(),
                lot.lowLitres(),
                lot.price(),
                lot.openedOn(),
                lot.supplier(),
                lot.fed(),
                lot.rinsed(),
                lot.quarantined(),
                lot.measured() == null ? null : StoredMeasured.of(lot.measured()));
    }

    LotFacts body() {
        return new LotFacts(
                materialId,
                sold,
                amount,
                swell,
                leftLitres,
                lowLitres,
                price,
                openedOn,
                supplier,
                fed,
                rinsed,
                quarantined,
                measured == null ? null : measured.body());
    }
}
