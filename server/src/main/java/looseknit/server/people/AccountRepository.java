package looseknit.server.people;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Stored accounts. */
interface AccountRepository extends JpaRepository<Account, String> {

    List<Account> findAllByOrderByName();

    Optional<Account> findByNameIgnoreCase(String name);

    long countByRole(Role role);

    /** Makes it another one than those who are signed in have seen. */
    @Modifying(clearAutomatically = true)
    @Query("update Account a set a.revision = a.revision + 1 where a.name = :name")
    void touch(String name);
}
