package looseknit.server.need;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored places. */
public interface NamedPlaces extends JpaRepository<NamedPlace, UUID> {

    List<NamedPlace> findAllByOrderByName();

    Optional<NamedPlace> findByName(String name);
}
