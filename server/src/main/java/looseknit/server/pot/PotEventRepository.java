package looseknit.server.pot;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored events of pots. */
interface PotEventRepository extends JpaRepository<PotEvent, UUID> {

    /** What happened to a pot, the newest first. */
    List<PotEvent> findByPottingIdOrderByNumberDesc(UUID pottingId);

    /** What happened last, of some kind. */
    Optional<PotEvent> findFirstByPottingIdAndKindOrderByHappenedOnDesc(UUID pottingId, PotEvent.Kind kind);

    /** The last day on which something of some kinds happened to a pot. */
    @Query("select max(e.happenedOn) from PotEvent e where e.pottingId = :pottingId and e.kind in :kinds")
    Optional<LocalDate> lastOf(UUID pottingId, Collection<PotEvent.Kind> kinds);

    /** The same of each of some pots of which anything of these kinds was told. */
    @Query("""
            select new looseknit.server.pot.LastDay(e.pottingId, max(e.happenedOn))
            from PotEvent e where e.pottingId in :pots and e.kind in :kinds group by e.pottingId
            """)
    List<LastDay> lastOf(Collection<UUID> pots, Collection<PotEvent.Kind> kinds);

    @Query("select coalesce(max(e.number), 0) from PotEvent e where e.pottingId = :pottingId")
    long last(UUID pottingId);

    /** The number of the last step of each of some pots that has any. */
    @Query("""
            select new looseknit.server.pot.LastNumber(e.pottingId, max(e.number))
            from PotEvent e where e.pottingId in :pots group by e.pottingId
            """)
    List<LastNumber> last(Collection<UUID> pots);

    /** Which of some steps are told. */
    @Query("select e.id from PotEvent e where e.id in :ids")
    Set<UUID> told(Collection<UUID> ids);

    /** The last day of each of some kinds of steps, of all pots. */
    @Query("""
            select new looseknit.server.pot.LastStep(e.pottingId, e.kind, max(e.happenedOn))
            from PotEvent e where e.kind in :kinds group by e.pottingId, e.kind
            """)
    List<LastStep> lastOfEach(Collection<PotEvent.Kind> kinds);

    /** How often each of some kinds of steps was told, of all pots. */
    @Query("""
            select new looseknit.server.pot.StepCount(e.pottingId, e.kind, count(e))
            from PotEvent e where e.kind in :kinds group by e.pottingId, e.kind
            """)
    List<StepCount> countsOfEach(Collection<PotEvent.Kind> kinds);
}
