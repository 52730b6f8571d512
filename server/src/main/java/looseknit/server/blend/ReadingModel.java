package looseknit.server.blend;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.DynamicUpdate;

/** What kept cards are read with: one row. */
@Entity
@DynamicUpdate
@Table(name = "reading_model")
@SuppressWarnings("UnusedVariable") // the edition is raised in the store
final class ReadingModel {

    /** The id of the only row. */
    static final int ONLY = 1;

    @Id
    private int id;

    private String fingerprint;

    private int edition;

    ReadingModel() {}

    /** Notes the model in use. True if it is another one than before. */
    boolean becomes(final String now) {
        final boolean other = !now.equals(fingerprint);
        this.fingerprint = now;
        return other;
    }
}
