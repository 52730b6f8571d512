package looseknit.server.batch;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BinEventRepository extends JpaRepository<BinEvent, UUID> {

    List<BinEvent> findByBatchIdOrderByNumber(UUID batchId);
}
