package looseknit.server.device;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SittingRepository extends JpaRepository<Sitting, UUID> {

    List<Sitting> findByKeptIsNotNullAndBegunAtAfterOrderByBegunAt(Instant since);
}
