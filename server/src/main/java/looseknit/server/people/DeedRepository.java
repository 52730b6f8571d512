package looseknit.server.people;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored deeds. */
interface DeedRepository extends JpaRepository<Deed, UUID> {

    List<Deed> findAllByOrderByDoneAtDesc(Limit most);

    List<Deed> findByAddressContainingOrderByDoneAtDesc(String part, Limit most);
}
