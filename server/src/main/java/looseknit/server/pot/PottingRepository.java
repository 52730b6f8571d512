package looseknit.server.pot;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored pottings. */
public interface PottingRepository extends JpaRepository<Potting, UUID> {

    /** A page of all pots, place by place. */
    @Query(
            value = OF_BATCH + "where p.deletedAt is null order by p.placeName nulls last, lower(p.label)",
            countQuery = "select count(p) from Potting p where p.deletedAt is null")
    Page<PottingOfBatch> page(Pageable page);

    /** Pots to look at up to a day, the longest due first. */
    @Query(
            value = OF_BATCH + "where p.deletedAt is null and p.nextLookOn <= :day order by p.nextLookOn, p.label",
            countQuery = "select count(p) from Potting p where p.deletedAt is null and p.nextLookOn <= :day")
    Page<PottingOfBatch> due(LocalDate day, Pageable page);

    /** Pots to look at after a day, the next ones first. */
    @Query(
            value = OF_BATCH + "where p.deletedAt is null and p.nextLookOn > :day order by p.nextLookOn, p.label",
            countQuery = "select count(p) from Potting p where p.deletedAt is null and p.nextLookOn > :day")
    Page<PottingOfBatch> later(LocalDate day, Pageable page);

    @Query(OF_BATCH + "where p.id = :id")
    Optional<PottingOfBatch> ofBatch(UUID id);

    @Query("select count(distinct coalesce(p.placeName, '')) from Potting p where p.deletedAt is null")
    long places();

    @Query(
            "select new looseknit.server.pot.PottingNameBody(p.id, p.label, p.placeName) from Potting p where p.deletedAt is null order by p.label")
    List<PottingNameBody> names();

    /** A potting with where it came from. */
    String OF_BATCH = """
            select new looseknit.server.pot.PottingOfBatch(p, b.lot, b.blendId, b.versionNumber, v.name)
            from Potting p join Batch b on b.id = p.batchId
              join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber
            """;

    /** The potting, locked against a second request at the same moment. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Potting p where p.id = :id")
    Optional<Potting> lock(UUID id);
}
