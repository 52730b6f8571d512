package looseknit.server.batch;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored batches. */
interface BatchRepository extends JpaRepository<Batch, UUID> {

    List<Batch> findAllByOrderByCreatedAtDesc();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from Batch b where b.id = :id")
    Optional<Batch> lock(UUID id);

    @Query("select b.lot from Batch b where b.lot like concat(:day, '-%')")
    List<String> lotsOf(String day);
}
