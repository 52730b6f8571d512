package looseknit.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** Somebody who signs in. */
@Entity
@Table(name = "account")
final class Account {

    @Id
    private String name;

    @Version
    private long revision;

    @Enumerated(EnumType.STRING)
    private Role role;

    private String password;

    @Column(name = "made_at")
    private Instant madeAt;

    Account() {}

    Account(final String name, final Role role, final String password, final Instant madeAt) {
        this.name = name;
        this.role = role;
        this.password = password;
        this.madeAt = madeAt;
    }

    String name() {
        return name;
    }

    long revision() {
        return revision;
    }

    Role role() {
        return role;
    }

    void become(final Role other) {
        this.role = other;
    }

    String password() {
        return password;
    }

    void setPassword(final String encoded) {
        this.password = encoded;
    }

    Instant madeAt() {
        return madeAt;
    }

    /** Another one after each change, and another one for each who has had this name. */
    String stamp() {
        return madeAt.toEpochMilli() + "/" + revision;
    }
}
