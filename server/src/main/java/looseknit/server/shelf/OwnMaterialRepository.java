package looseknit.server.shelf;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnMaterialRepository extends JpaRepository<StoredOwnMaterial, String> {

    List<StoredOwnMaterial> findAllByOrderByStoredAtAscIdAsc();

    List<StoredOwnMaterial> findByRemovedAtAfterOrderByRemovedAtDesc(Instant moment);
}
