package looseknit.server.store;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A row whose id whoever tells it makes, so that it is stored once however often it is told; known as new without asking the store. */
@MappedSuperclass
public abstract class ToldOnce implements Persistable<UUID> {

    @Id
    private UUID id;

    @Transient
    private boolean stored;

    protected ToldOnce() {}

    protected ToldOnce(final UUID id) {
        this.id = id;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void isStored() {
        stored = true;
    }
}
