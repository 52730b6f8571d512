package looseknit.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import looseknit.server.store.ToldOnce;

/** Something that somebody changed. */
@Entity
@Table(name = "deed")
final class Deed extends ToldOnce {

    @Column(name = "done_at")
    private Instant doneAt;

    @Column(name = "done_by")
    private String doneBy;

    private String what;

    private String address;

    Deed() {}

    Deed(final UUID id, final Instant doneAt, final String doneBy, final String what, final String address) {
        super(id);
        this.doneAt = doneAt;
        this.doneBy = doneBy;
        this.what = what;
        this.address = address;
    }

    Instant doneAt() {
        return doneAt;
    }

    String doneBy() {
        return doneBy;
    }

    String what() {
        return what;
    }

    String address() {
        return address;
    }
}
