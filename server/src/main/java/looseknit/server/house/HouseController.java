package looseknit.server.house;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The house over HTTP. */
@RestController
@RequestMapping("/api/house")
class HouseController {

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final House house;

    HouseController(final House house) {
        this.house = house;
    }

    /**
     * A backup.
     *
     * @param rows rows that were counted in it; null where it was not opened now
     */
    record BackupBody(
            String name,
            LocalDateTime at,
            Backups.Why why,
            long bytes,
            @Nullable Long rows) {
        static BackupBody of(final Backups.Made made) {
            return new BackupBody(
                    String.valueOf(made.file().getFileName()),
                    made.at(),
                    made.why(),
                    made.bytes(),
                    made.rows().isEmpty() ? null : Long.valueOf(made.rowsInAll()));
        }
    }

    /**
     * What was found when all was read.
     *
     * @param rows rows in all
     * @param problem what could not be read; null where all could
     */
    record HouseCheckBody(
            LocalDateTime at, long rows, @Nullable String problem) {
        static HouseCheckBody of(final House.Checked checked) {
            return new HouseCheckBody(
                    checked.at(),
                    checked.rows().values().stream().mapToLong(Long::longValue).sum(),
                    checked.problem());
        }
    }

    /**
     * The house.
     *
     * @param folder where its data lie
     * @param bytes of its store
     * @param freeBytes that are free there
     * @param check what was found when all was read last; null before that
     * @param onServer whether a database server keeps it, which is backed up there and not from here
     */
    record HouseBody(
            String folder,
            boolean onServer,
            long bytes,
            long freeBytes,
            @Nullable HouseCheckBody check,
            List<BackupBody> backups) {}

    /** What is put back: rows by table. */
    record RestoredBody(Map<String, Long> rows) {}

    @GetMapping
    HouseBody house() {
        return new HouseBody(
                String.valueOf(house.folder()),
                house.isOnServer(),
                house.bytes(),
                house.freeBytes(),
                house.checked().map(HouseCheckBody::of).orElse(null),
                house.backups().stream().map(BackupBody::of).toList());
    }

    /** Reads all data. */
    @PostMapping("/check")
    HouseCheckBody check() {
        return HouseCheckBody.of(house.check());
    }

    /** Makes a backup. */
    @PostMapping("/backups")
    BackupBody backUp() {
        return BackupBody.of(house.backUp(Backups.Why.BY_HAND));
    }

    /** A backup as a file, to keep elsewhere. */
    @GetMapping("/backups/{name}")
    ResponseEntity<Resource> file(@PathVariable final String name) {
        return ResponseEntity.ok()
                .contentType(ZIP)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(house.backup(name)));
    }

    /** Puts a backup in place of all data; what is there now is backed up first. The server starts anew. */
    @PostMapping("/backups/{name}/restore")
    RestoredBody restore(@PathVariable final String name) {
        return new RestoredBody(house.restore(name));
    }
}
