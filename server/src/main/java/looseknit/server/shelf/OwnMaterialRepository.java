package looseknit.server.shelf;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnMaterialRepository extends JpaRepository<StoredOwnMaterial, String> {

    List<StoredOwnMaterial> findAllByOrderByStoredAtAscIdAsc();
}
