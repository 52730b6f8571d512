package looseknit.server.care;

import java.time.LocalDate;
import java.util.List;
import looseknit.server.pot.PottingOfBatch;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** The order in which places are walked, and pots in that order. */
interface PlaceOrderRepository extends JpaRepository<PlaceOrder, String> {

    String DUE = """
            where p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE and p.nextLookOn <= :day
            """;

    /** Pots to look at up to a day: place by place as they are walked, places without an order last; the longest due first. */
    @Query(
            value = """
            select new looseknit.server.pot.PottingOfBatch(p, b.lot, b.blendId, b.versionNumber, v.name)
            from Potting p join Batch b on b.id = p.batchId
              join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber
              left join PlaceOrder o on o.name = p.placeName
            """ + DUE + "order by o.rank nulls last, p.placeName nulls last, p.nextLookOn, lower(p.label)",
            countQuery = "select count(p) from Potting p " + DUE)
    Page<PottingOfBatch> walked(LocalDate day, Pageable page);

    /** All places where something stands, as they are walked. */
    @Query("""
            select p.placeName from Potting p left join PlaceOrder o on o.name = p.placeName
            where p.deletedAt is null and p.placeName is not null and p.state = looseknit.server.pot.Potting$State.HERE
            group by p.placeName, o.rank order by o.rank nulls last, p.placeName
            """)
    List<String> places();
}
