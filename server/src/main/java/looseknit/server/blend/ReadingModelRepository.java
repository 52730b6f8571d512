package looseknit.server.blend;

import org.springframework.data.jpa.repository.JpaRepository;

/** The model in use. */
interface ReadingModelRepository extends JpaRepository<ReadingModel, Integer> {}
