package looseknit.server.care;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored looks. */
interface LookRepository extends JpaRepository<Look, UUID> {

    List<Look> findTop500ByPottingIdOrderBySequenceDesc(UUID pottingId);

    List<Look> findByPottingIdOrderBySequenceDesc(UUID pottingId, Limit most);

    Optional<Look> findFirstByPottingIdOrderBySequenceDesc(UUID pottingId);
}
