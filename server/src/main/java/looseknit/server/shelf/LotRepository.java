package looseknit.server.shelf;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LotRepository extends JpaRepository<Lot, UUID> {

    List<Lot> findByRemovedAtIsNullOrderByStoredAt();

    boolean existsByIdAndRemovedAtIsNull(UUID id);

    List<Lot> findByRemovedAtAfterOrderByRemovedAtDesc(Instant moment);
}
