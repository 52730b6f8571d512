package looseknit.server.blend;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** The model in use. */
interface ReadingModelRepository extends JpaRepository<ReadingModel, Integer> {

    @Query("select m.edition from ReadingModel m")
    int edition();

    @Modifying(flushAutomatically = true)
    @Query("update ReadingModel m set m.edition = m.edition + 1")
    void raise();
}
