package looseknit.server.batch;

import org.springframework.data.jpa.repository.JpaRepository;

/** Stored packs, by material. */
public interface PackRepository extends JpaRepository<StoredPack, String> {}
