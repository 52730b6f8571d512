package looseknit.server.outcome;

import java.util.List;
import java.util.UUID;
import looseknit.server.pot.Potting;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** What is compared of all pots. */
interface OutcomeRepository extends Repository<Potting, UUID> {

    @Query("""
            select new looseknit.server.outcome.WatchedRow(
              p.id, p.label, p.pottedOn, p.state, p.ownPace, p.paceLooks, p.placeName, p.plantId, p.wall, b.lot, b.blendId, v.name)
            from Potting p join Batch b on b.id = p.batchId
              join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber
            where p.deletedAt is null
            """)
    List<WatchedRow> watched();
}
