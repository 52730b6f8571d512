package looseknit.server.people;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored accounts. */
interface AccountRepository extends JpaRepository<Account, String> {

    List<Account> findAllByOrderByName();

    Optional<Account> findByNameIgnoreCase(String name);

    long countByRole(Role role);
}
