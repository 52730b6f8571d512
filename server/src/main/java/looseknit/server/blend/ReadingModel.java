package looseknit.server.blend;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The model with which kept cards were read: one row. */
@Entity
@Table(name = "reading_model")
final class ReadingModel {

    /** The id of the only row. */
    static final int ONLY = 1;

    @Id
    private int id;

    private String fingerprint;

    ReadingModel() {}

    /** Notes the model in use. True if it is another one than before. */
    boolean becomes(final String now) {
        final boolean other = !now.equals(fingerprint);
        this.fingerprint = now;
        return other;
    }
}
