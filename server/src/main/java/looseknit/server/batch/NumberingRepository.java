package looseknit.server.batch;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** What is numbered. */
interface NumberingRepository extends JpaRepository<Numbering, String> {

    /** Waits until nobody else is giving a number. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select n from Numbering n where n.name = :name")
    Optional<Numbering> hold(String name);
}
