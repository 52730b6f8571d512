package looseknit.server.outcome;

import java.util.List;
import java.util.UUID;
import looseknit.server.pot.Potting;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Where a batch or a bag went. */
interface RecallRepository extends Repository<Potting, UUID> {

    /** A batch with something in it. */
    record TracedRow(UUID id, String lot, String blendName, double litres) {}

    /** Batches into which a bag went, and how much of it. */
    @Query("""
            select new looseknit.server.outcome.RecallRepository$TracedRow(b.id, b.lot, v.name, sum(u.litres))
            from BatchLot u join Batch b on b.id = u.batchId
              join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber
            where u.lotId = :bag group by b.id, b.lot, v.name, b.mixedOn order by b.mixedOn, b.lot
            """)
    List<TracedRow> batchesOf(UUID bag);

    @Query("""
            select new looseknit.server.outcome.RecallRepository$TracedRow(b.id, b.lot, v.name, coalesce(b.litresToMake, 0))
            from Batch b join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber where b.id = :batch
            """)
    List<TracedRow> batch(UUID batch);

    /** Pots that hold any of some batches, those that were split off from them too. */
    @Query("""
            select p.id from Potting p where p.deletedAt is null
              and (p.batchId in :batches or p.batchId in (select b.id from Batch b where b.splitFrom in :batches))
            """)
    List<UUID> pots(List<UUID> batches);
}
