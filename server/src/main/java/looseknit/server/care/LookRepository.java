package looseknit.server.care;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.care.Answer;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored looks. */
interface LookRepository extends JpaRepository<Look, UUID> {

    List<Look> findTop500ByPottingIdOrderBySequenceDesc(UUID pottingId);

    List<Look> findByPottingIdOrderBySequenceDesc(UUID pottingId, Limit most);

    Optional<Look> findFirstByPottingIdOrderBySequenceDesc(UUID pottingId);

    /** Full waterings since a day that followed on full ones, the newest first, of pots that stand here. */
    @Query("""
            select new looseknit.server.care.WateringRow(p.id, p.placeName, l.beforeWateredOn, l.lookedOn)
            from Look l join Potting p on p.id = l.pottingId
            where l.lookedOn >= :since and l.beforeLightly = false and l.answer in :waters
              and p.deletedAt is null and p.state = looseknit.server.pot.Potting$State.HERE
            order by l.lookedOn desc
            """)
    List<WateringRow> waterings(LocalDate since, Collection<Answer> waters, Limit most);

    /** The same of one pot. */
    @Query("""
            select new looseknit.server.care.WateringRow(p.id, p.placeName, l.beforeWateredOn, l.lookedOn)
            from Look l join Potting p on p.id = l.pottingId
            where p.id = :potting and l.lookedOn >= :since and l.beforeLightly = false and l.answer in :waters
            order by l.lookedOn desc
            """)
    List<WateringRow> wateringsOf(UUID potting, LocalDate since, Collection<Answer> waters);
}
