package looseknit.server.need;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnPlantRepository extends JpaRepository<StoredPlant, String> {

    List<StoredPlant> findAllByOrderByStoredAtAscIdAsc();

    List<StoredPlant> findByRemovedAtAfterOrderByRemovedAtDesc(Instant moment);
}
