package looseknit.server.pot;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored pictures. */
interface PhotoRepository extends JpaRepository<Photo, UUID> {}
