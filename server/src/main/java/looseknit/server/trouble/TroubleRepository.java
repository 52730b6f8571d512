package looseknit.server.trouble;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored troubles. */
interface TroubleRepository extends JpaRepository<Trouble, UUID> {

    List<Trouble> findByPottingIdAndRemovedAtIsNullOrderByToldAtDesc(UUID pottingId);

    List<Trouble> findByRemovedAtAfterOrderByRemovedAtDesc(Instant moment);

    /** Troubles of plants that are here, to be looked at again up to a day. */
    @Query("""
            select t from Trouble t join Potting p on p.id = t.pottingId
            where t.outcome is null and t.removedAt is null and t.lookOn <= :day and p.deletedAt is null
              and p.state = looseknit.server.pot.Potting$State.HERE
            order by t.lookOn, t.toldAt
            """)
    List<Trouble> toSee(LocalDate day, Pageable page);
}
