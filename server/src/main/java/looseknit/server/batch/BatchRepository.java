package looseknit.server.batch;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Stored batches. */
interface BatchRepository extends JpaRepository<Batch, UUID> {

    @Query(
            value = OF_VERSION + "order by case when b.mixedOn is null then 0 else 1 end, b.createdAt desc",
            countQuery = "select count(b) from Batch b")
    Page<BatchOfVersion> page(Pageable page);

    @Query(OF_VERSION + "where b.mixedOn is null order by b.createdAt desc")
    List<BatchOfVersion> toMix(Limit most);

    @Query(OF_VERSION
            + "where b.testOn <= :upTo and (b.leftLitres is null or b.leftLitres > 0.05) order by b.testOn, b.lot")
    List<BatchOfVersion> toTest(LocalDate upTo, Limit most);

    /** Batches but one of which something is left, and whose blend or lot is like a text; the newest first. */
    @Query("""
            select new looseknit.server.batch.BinNameBody(b.id, b.lot, v.name, b.leftLitres)
            from Batch b join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber
            where b.id <> :but and b.mixedOn is not null and b.leftLitres > 0.05
            and (lower(v.name) like :like escape '!' or lower(b.lot) like :like escape '!')
            order by b.mixedOn desc, b.lot""")
    List<BinNameBody> withSomethingLeft(UUID but, String like, Limit most);

    @Query("""
            select new looseknit.server.batch.BatchNameBody(b.id, b.lot, v.name)
            from Batch b join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber order by b.createdAt desc""")
    List<BatchNameBody> names();

    /** A batch with the version that it is made of. */
    String OF_VERSION = """
            select new looseknit.server.batch.BatchOfVersion(b, v)
            from Batch b join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber
            """;

    List<Batch> findByLitresToMakeIsNull();

    @Modifying
    @Query("update Batch b set b.litresToMake = :litres, b.pots = :pots where b.id = :id")
    void planned(UUID id, double litres, int pots);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from Batch b where b.id = :id")
    Optional<Batch> lock(UUID id);

    @Query("select b.lot from Batch b where b.lot like concat(:day, '-%')")
    List<String> lotsOf(String day);
}
