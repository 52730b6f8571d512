package looseknit.server.planting;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored kinds of pots. */
interface PotKinds extends JpaRepository<PotKind, UUID> {

    List<PotKind> findByRemovedAtIsNullOrderByName();

    List<PotKind> findByRemovedAtAfterOrderByRemovedAtDesc(Instant moment);
}
