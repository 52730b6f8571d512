package looseknit.server.due;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import looseknit.server.pot.PotEvent;
import looseknit.server.pot.Potting;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** What the calendar needs of all pots. */
interface DueRepository extends Repository<Potting, UUID> {

    /** The last day of a kind of step of a pot. */
    record LastStep(UUID pottingId, PotEvent.Kind kind, LocalDate on) {}

    @Query("""
            select new looseknit.server.due.StandingRow(p.id, p.revision) from Potting p
            where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE
            """)
    List<StandingRow> standing();

    @Query("""
            select new looseknit.server.due.DueRepository$LastStep(e.pottingId, e.kind, max(e.happenedOn))
            from PotEvent e where e.kind in :kinds group by e.pottingId, e.kind
            """)
    List<LastStep> last(Collection<PotEvent.Kind> kinds);
}
