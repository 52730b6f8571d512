package looseknit.server.blend;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored versions. */
interface VersionRepository extends JpaRepository<BlendVersion, UUID> {

    List<BlendVersion> findByBlendIdOrderByNumberDesc(UUID blendId);

    Optional<BlendVersion> findFirstByBlendIdOrderByNumberDesc(UUID blendId);

    Optional<BlendVersion> findByBlendIdAndNumber(UUID blendId, int number);
}
