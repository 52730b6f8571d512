package looseknit.server.batch;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Something that is numbered; whoever gives the next number holds its row until that is stored. */
@Entity
@Table(name = "numbering")
final class Numbering {

    /** Lots of batches. */
    static final String LOT = "lot";

    @Id
    private String name;

    Numbering() {}
}
