package looseknit.server.batch;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BatchTapRepository extends JpaRepository<BatchTap, UUID> {

    List<BatchTap> findByBatchIdOrderByNumber(UUID batchId);

    boolean existsByBatchIdAndKind(UUID batchId, BatchTap.Kind kind);

    long countByBatchId(UUID batchId);
}
