package looseknit.server.shelf;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnRepository extends JpaRepository<StoredOwn, String> {

    List<StoredOwn> findAllByOrderByStoredAtAscIdAsc();
}
