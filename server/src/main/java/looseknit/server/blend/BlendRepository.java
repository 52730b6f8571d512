package looseknit.server.blend;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored blends. */
interface BlendRepository extends JpaRepository<Blend, UUID> {

    List<Blend> findByDeletedAtIsNullOrderByChangedAtDesc();

    /** The blend, locked against a second request at the same moment. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from Blend b where b.id = :id")
    Optional<Blend> lock(UUID id);

    List<Blend> findByDeletedAtAfterOrderByDeletedAtDesc(Instant moment);
}
