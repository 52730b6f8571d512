package looseknit.server.pot;

import jakarta.persistence.Basic;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import looseknit.server.store.ToldOnce;

/** A picture of a pot on a day: upright, of a size for a page, without anything but the picture. */
@Entity
@Table(name = "photo")
final class Photo extends ToldOnce {

    @Column(name = "potting_id")
    private UUID pottingId;

    @Column(name = "taken_on")
    private LocalDate takenOn;

    @Column(name = "stored_at")
    private Instant storedAt;

    private int width;

    private int height;

    @Basic(fetch = FetchType.LAZY)
    private byte[] picture;

    @Basic(fetch = FetchType.LAZY)
    private byte[] thumbnail;

    Photo() {}

    Photo(final UUID id, final UUID pottingId, final LocalDate takenOn, final Instant storedAt, final Picture picture) {
        super(id);
        this.pottingId = pottingId;
        this.takenOn = takenOn;
        this.storedAt = storedAt;
        this.width = picture.width();
        this.height = picture.height();
        this.picture = picture.jpeg();
        this.thumbnail = picture.thumbnail();
    }

    UUID pottingId() {
        return pottingId;
    }

    LocalDate takenOn() {
        return takenOn;
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    byte[] picture() {
        return picture.clone();
    }

    byte[] thumbnail() {
        return thumbnail.clone();
    }
}
