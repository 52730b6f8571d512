package looseknit.server.batch;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BatchTapRepository extends JpaRepository<BatchTap, UUID> {

    List<BatchTap> findByBatchIdOrderByNumber(UUID batchId);

    boolean existsByBatchIdAndKind(UUID batchId, BatchTap.Kind kind);

    long countByBatchId(UUID batchId);

    @Query("select distinct t.batchId from BatchTap t where t.batchId in :ids")
    Set<UUID> begun(Collection<UUID> ids);
}
