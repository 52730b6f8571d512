package looseknit.server.care;

import java.time.LocalDate;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored weather. */
interface ClimateDayRepository extends JpaRepository<ClimateDay, ClimateDay.Key> {

    @Query("select c from ClimateDay c where c.key.placeName = :place and c.key.day >= :from order by c.key.day")
    List<ClimateDay> of(String place, LocalDate from);

    /** Places with how many days are logged, and the last of them. */
    @Query("""
            select new looseknit.server.care.LoggedPlaceRow(c.key.placeName, count(c), max(c.key.day))
            from ClimateDay c group by c.key.placeName
            """)
    List<LoggedPlaceRow> places();
}
