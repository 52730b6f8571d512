package looseknit.server.pot;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.server.frame.NotThere;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of pots over HTTP. They stay on this machine. */
@RestController
@RequestMapping("/api/photos")
class PhotosController {

    private final PhotoRepository photos;
    private final Pottings pottings;
    private final PotWork work;
    private final Clock clock;

    PhotosController(final PhotoRepository photos, final Pottings pottings, final PotWork work, final Clock clock) {
        this.photos = photos;
        this.pottings = pottings;
        this.work = work;
        this.clock = clock;
    }

    /** A picture: of which pot, on which day, and how large. */
    record PhotoBody(UUID id, UUID pottingId, LocalDate takenOn, int width, int height) {
        static PhotoBody of(final Photo photo) {
            return new PhotoBody(photo.getId(), photo.pottingId(), photo.takenOn(), photo.width(), photo.height());
        }
    }

    /** Keeps a picture of a pot; the id is made by the caller, so that a repeated call stores nothing twice. */
    @PutMapping(
            value = "/{id}",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    @Transactional
    PhotoBody keep(
            @PathVariable final UUID id,
            @RequestParam final UUID potting,
            @RequestParam @Nullable final LocalDate on,
            @RequestBody final byte[] file) {
        return PhotoBody.of(photos.findById(id).orElseGet(() -> {
            final LocalDate today = LocalDate.now(clock);
            final LocalDate day = on == null ? today : on;
            if (day.isAfter(today)) {
                throw new OutOfRangeException("on", String.valueOf(day), TableText.said("today or a day before"));
            }
            final Potting of = pottings.get(potting);
            final Photo photo = photos.saveAndFlush(new Photo(id, of.id(), day, clock.instant(), Picture.of(file)));
            work.note(of, id, day, PotEvent.Kind.PICTURED, "", null, id);
            return photo;
        }));
    }

    @GetMapping(value = "/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> picture(@PathVariable final UUID id) {
        return jpeg(photos.findById(id).orElseThrow(PhotosController::gone).picture());
    }

    @GetMapping(value = "/{id}/thumbnail", produces = MediaType.IMAGE_JPEG_VALUE)
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> thumbnail(@PathVariable final UUID id) {
        return jpeg(photos.findById(id).orElseThrow(PhotosController::gone).thumbnail());
    }

    private static NotThere gone() {
        return new NotThere("picture");
    }

    private static ResponseEntity<byte[]> jpeg(final byte[] content) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .contentType(MediaType.IMAGE_JPEG)
                .body(content);
    }
}
