package looseknit.server.assay;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored tests. */
interface MadeTestRepository extends JpaRepository<MadeTest, UUID> {

    List<MadeTest> findByRemovedAtIsNullOrderByStoredAt();

    List<MadeTest> findByRemovedAtAfterOrderByRemovedAtDesc(Instant moment);

    List<MadeTest> findByBatchIdAndRemovedAtIsNullOrderByMadeOnDescStoredAtDesc(UUID batchId);

    List<MadeTest> findByBlendIdAndRemovedAtIsNullOrderByMadeOnDescStoredAtDesc(UUID blendId);
}
