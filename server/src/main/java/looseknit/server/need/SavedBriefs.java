package looseknit.server.need;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored briefs. */
interface SavedBriefs extends JpaRepository<SavedBrief, UUID> {

    List<SavedBrief> findByRemovedAtIsNullOrderByName();

    Optional<SavedBrief> findFirstByNameIgnoreCaseAndRemovedAtIsNull(String name);

    List<SavedBrief> findByRemovedAtAfterOrderByRemovedAtDesc(Instant moment);
}
