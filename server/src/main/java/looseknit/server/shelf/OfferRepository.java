package looseknit.server.shelf;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OfferRepository extends JpaRepository<PackOffer, UUID> {

    List<PackOffer> findAllByOrderBySeq();
}
