package looseknit.server.care;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored looks. */
interface LookRepository extends JpaRepository<Look, UUID> {

    List<Look> findTop500ByPottingIdOrderBySequenceDesc(UUID pottingId);

    List<Look> findByPottingIdOrderBySequenceDesc(UUID pottingId, Limit most);

    Optional<Look> findFirstByPottingIdOrderBySequenceDesc(UUID pottingId);

    /** What is counted of all looks at some pots. */
    @Query("""
            select new looseknit.server.care.LookRow(l.pottingId, l.lookedOn, l.answer, l.beforeWateredOn, l.beforeLightly)
            from Look l where l.pottingId in :pots
            """)
    List<LookRow> rows(Collection<UUID> pots);
}
