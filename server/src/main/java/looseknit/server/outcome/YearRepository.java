package looseknit.server.outcome;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.server.pot.PotEvent;
import looseknit.server.pot.Potting;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** What a year is told of. */
interface YearRepository extends Repository<Potting, UUID> {

    /** A batch that was mixed, and of what blend. */
    record MixedRow(UUID id, long revision, String lot, String blendName, LocalDate mixedOn, Double litres) {}

    /** A plant that was lost on a day, and in what words. */
    record LostRow(UUID potting, String label, LocalDate on, String words) {}

    /** How often something happened to pots, and how much was given in all, as far as it was told. */
    record HappenedRow(PotEvent.Kind kind, long times, Double amount) {}

    @Query("""
            select new looseknit.server.outcome.YearRepository$MixedRow(b.id, b.revision, b.lot, v.name, b.mixedOn, b.litresToMake)
            from Batch b join BlendVersion v on v.blendId = b.blendId and v.number = b.versionNumber
            where b.mixedOn between :from and :to order by b.mixedOn, b.lot
            """)
    List<MixedRow> mixed(LocalDate from, LocalDate to);

    @Query("select count(p) from Potting p where p.deletedAt is null and p.pottedOn between :from and :to")
    long potted(LocalDate from, LocalDate to);

    @Query("""
            select new looseknit.server.outcome.YearRepository$LostRow(p.id, p.label, e.happenedOn, e.words)
            from PotEvent e join Potting p on p.id = e.pottingId
            where p.deletedAt is null and e.happenedOn between :from and :to
              and e.kind = looseknit.server.pot.PotEvent$Kind.LOST
            order by e.happenedOn, p.label
            """)
    List<LostRow> lost(LocalDate from, LocalDate to);

    @Query("""
            select new looseknit.server.outcome.YearRepository$HappenedRow(e.kind, count(e), sum(e.amount))
            from PotEvent e join Potting p on p.id = e.pottingId
            where p.deletedAt is null and e.happenedOn between :from and :to
            group by e.kind
            """)
    List<HappenedRow> happened(LocalDate from, LocalDate to);

    /** When anything was mixed first. */
    @Query("select min(b.mixedOn) from Batch b")
    Optional<LocalDate> first();
}
