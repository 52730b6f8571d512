package looseknit.server.pot;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored pottings. */
public interface PottingRepository extends JpaRepository<Potting, UUID> {

    List<Potting> findByDeletedAtIsNullOrderByNextLookOnAscLabelAsc();

    /** The potting, locked against a second request at the same moment. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Potting p where p.id = :id")
    Optional<Potting> lock(UUID id);
}
