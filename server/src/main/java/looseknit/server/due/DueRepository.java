package looseknit.server.due;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.server.pot.PotRevision;
import looseknit.server.pot.Potting;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** What the calendar needs of all pots. */
interface DueRepository extends Repository<Potting, UUID> {

    @Query("""
            select new looseknit.server.pot.PotRevision(p.id, p.revision) from Potting p
            where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE
            """)
    List<PotRevision> standing();

    @Query("""
            select count(p) from Potting p
            where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE and p.nextLookOn <= :day
            """)
    long dueLooks(LocalDate day);

    /** Looks that are due up to a day, by place. */
    @Query("""
            select new looseknit.server.due.LookRow(p.placeName, p.label, p.nextLookOn) from Potting p
            where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE and p.nextLookOn <= :day
            order by p.placeName, p.label
            """)
    List<LookRow> looks(LocalDate day, Limit most);
}
