package looseknit.server.shelf;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OfferRepository extends JpaRepository<PackOffer, UUID> {

    List<PackOffer> findByRemovedAtIsNullOrderBySeq();

    List<PackOffer> findByRemovedAtAfterOrderByRemovedAtDesc(Instant moment);
}
