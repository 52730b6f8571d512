package looseknit.server.care;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored looks. */
interface LookRepository extends JpaRepository<Look, UUID> {

    List<Look> findTop500ByPottingIdOrderBySequenceDesc(UUID pottingId);

    List<Look> findByPottingIdOrderBySequenceDesc(UUID pottingId, Limit most);

    Optional<Look> findFirstByPottingIdOrderBySequenceDesc(UUID pottingId);

    /** Which of some looks are stored. */
    @Query("select l.id from Look l where l.id in :ids")
    Set<UUID> stored(Collection<UUID> ids);

    /** What is counted of the looks at some pots that were stored after one: pot by pot, so that earlier ones are not read to be left out. */
    @Query("""
            select new looseknit.server.care.LookRow(
              l.pottingId, l.sequence, l.lookedOn, l.answer, l.beforeWateredOn, l.beforeLightly)
            from Potting p join Look l on l.pottingId = p.id and l.sequence > :last
            where p.id in :pots
            """)
    List<LookRow> after(long last, Collection<UUID> pots);

    /** How many there are at each of some pots that has any. */
    @Query("""
            select new looseknit.server.care.LookCount(l.pottingId, count(l))
            from Look l where l.pottingId in :pots group by l.pottingId
            """)
    List<LookCount> counts(Collection<UUID> pots);

    /** How many there are at each pot that has any. */
    @Query("select new looseknit.server.care.LookCount(l.pottingId, count(l)) from Look l group by l.pottingId")
    List<LookCount> counts();
}
