package looseknit.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What came off a lot for a batch. */
@Entity
@Table(name = "batch_lot")
final class BatchLot {

    @Id
    private UUID id;

    @Column(name = "batch_id")
    private UUID batchId;

    /** The batch, or what was added to it later: what gives it back when it is taken back. */
    @Column(name = "for_id")
    private UUID forId;

    @Column(name = "material_id")
    private String materialId;

    /** The lot; null for what was on no lot. */
    @Column(name = "lot_id")
    private @Nullable UUID lotId;

    private double litres;

    BatchLot() {}

    BatchLot(
            final UUID batchId,
            final UUID forId,
            final String materialId,
            final @Nullable UUID lotId,
            final double litres) {
        this.id = UUID.randomUUID();
        this.batchId = batchId;
        this.forId = forId;
        this.materialId = materialId;
        this.lotId = lotId;
        this.litres = litres;
    }

    UUID batchId() {
        return batchId;
    }

    String materialId() {
        return materialId;
    }

    @Nullable
    UUID lotId() {
        return lotId;
    }

    double litres() {
        return litres;
    }
}
