package looseknit.server.pot;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.planting.SetUpKind;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored pottings. */
public interface PottingRepository extends JpaRepository<Potting, UUID> {

    /** What pots are asked for; whatever is empty counts for all. */
    String ASKED = """
            where p.deletedAt is null and p.state in :states
              and (:place is null or p.placeName = :place)
              and (:kind is null or p.setUpKind = :kind)
              and (:blend is null or b.blendId = :blend)
              and (:due is null or p.nextLookOn <= :due)
              and (:words is null or lower(p.label) like :words or p.plantId in :plants)
            """;

    /** A page of the pots that are asked for, place by place. */
    @Query(
            value = OF_BATCH + ASKED + "order by p.placeName nulls last, lower(p.label)",
            countQuery = "select count(p) from Potting p join Batch b on b.id = p.batchId " + ASKED)
    Page<PottingOfBatch> page(
            Collection<Potting.State> states,
            @Nullable String place,
            @Nullable SetUpKind kind,
            @Nullable UUID blend,
            @Nullable LocalDate due,
            @Nullable String words,
            Collection<String> plants,
            Pageable page);

    /** How many pots stand in each place. */
    @Query("""
            select new looseknit.server.pot.PlaceCountBody(p.placeName, count(p))
            from Potting p where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE
            group by p.placeName order by p.placeName nulls last
            """)
    List<PlaceCountBody> countsByPlace();

    /** Whatever came from a plant. */
    @Query(OF_BATCH + "where p.motherId = :mother and p.deletedAt is null order by p.pottedOn, p.label")
    List<PottingOfBatch> from(UUID mother);

    /** Pots by their ids. */
    @Query(OF_BATCH + "where p.id in :ids and p.deletedAt is null order by p.placeName nulls last, lower(p.label)")
    List<PottingOfBatch> ofBatches(Collection<UUID> ids);

    /** Pots to look at up to a day, the longest due first. */
    @Query(
            value =
                    OF_BATCH
                            + "where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE and p.nextLookOn <= :day order by p.nextLookOn, p.label",
            countQuery =
                    "select count(p) from Potting p where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE and p.nextLookOn <= :day")
    Page<PottingOfBatch> due(LocalDate day, Pageable page);

    /** Pots to look at after a day, the next ones first. */
    @Query(
            value =
                    OF_BATCH
                            + "where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE and p.nextLookOn > :day order by p.nextLookOn, p.label",
            countQuery =
                    "select count(p) from Potting p where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE and p.nextLookOn > :day")
    Page<PottingOfBatch> later(LocalDate day, Pageable page);

    /** Pots by their ids, those that were taken away among them. */
    @Query(OF_BATCH + "where p.id in :ids")
    List<PottingOfBatch> ofEach(Collection<UUID> ids);

    @Query(OF_BATCH + "where p.id = :id")
    Optional<PottingOfBatch> ofBatch(UUID id);

    @Query(
            "select new looseknit.server.pot.PottingNameBody(p.id, p.label, p.placeName) from Potting p where p.deletedAt is null order by p.label")
    List<PottingNameBody> names();

    /** A potting with where it came from. */
    String OF_BATCH = """
            select new looseknit.server.pot.PottingOfBatch(p, b.lot, b.blendId, b.versionNumber, v.name)
            from Potting p join Batch b on b.id = p.batchId
              join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber
            """;

    /** The pots that stand in a place. */
    @Query(
            "select p from Potting p where p.placeName = :place and p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE")
    List<Potting> at(String place);

    /** What pots that stand here have taught, those with most looks first. */
    @Query("""
            select new looseknit.server.pot.LikePotsRow(
              p.id, p.placeName, b.blendId, p.wall, p.predictedDays, p.predictedSdDays, p.ownPace, p.ownPaceLogSd, p.paceLooks)
            from Potting p join Batch b on b.id = p.batchId
            where p.deletedAt is null and p.paceLooks > 0 and p.state = looseknit.server.pot.Potting$State.HERE
            order by p.paceLooks desc, p.id
            """)
    List<LikePotsRow> teaching(Pageable page);

    /** All pots that there ever were, those that were taken away among them. */
    @Query("select new looseknit.server.pot.PotRevision(p.id, p.revision) from Potting p")
    List<PotRevision> revisions();

    /** The potting, locked against a second request at the same moment. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Potting p where p.id = :id")
    Optional<Potting> lock(UUID id);

    /** Several pottings, locked likewise, in an order that is always the same, so that two who want several never wait for one another. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Potting p where p.id in :ids order by p.id")
    List<Potting> lockAll(Collection<UUID> ids);

    List<Potting> findTop500ByDeletedAtAfterOrderByDeletedAtDesc(Instant moment);
}
