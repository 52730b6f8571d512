package looseknit.server.house;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The folder with all data of a house, looked over before anything in it is opened, and held so that no second server opens it. */
public final class DataFolder {

    /** The file of the store. */
    static final String DATABASE = "looseknit.mv.db";

    /** Backups lie in here. */
    static final String BACKUPS = "backups";

    /** Says that there has been a house here, so that an empty folder is not taken for a new one. */
    private static final String MARK = "house.txt";

    private static final String HELD = "held";
    private static final int BLOCK = 4096;
    private static final String HEADER = "H:";
    private static final long SMALLEST = 2L * BLOCK;

    private final Path path;
    private final @Nullable FileChannel channel;

    private DataFolder(final Path path, final @Nullable FileChannel channel) {
        this.path = path;
        this.channel = channel;
    }

    /**
     * Looks a folder over and holds it; it is made if it is not there.
     *
     * @throws CannotStart if it cannot be used, with the way out
     */
    public static DataFolder hold(final Path path) {
        make(path);
        final FileChannel channel = lock(path);
        try {
            Restore.complete(path);
            ownerOnly(path);
            check(path);
            mark(path);
        } catch (final IOException e) {
            release(channel);
            throw unusable(path, e);
        } catch (final CannotStart e) {
            release(channel);
            throw e;
        }
        return new DataFolder(path, channel);
    }

    /** Notes that there is a house here, as soon as there is one: a first start that was broken off is none. */
    static void mark(final Path path) throws IOException {
        if (Files.exists(path.resolve(DATABASE))) {
            Files.writeString(
                    path.resolve(MARK),
                    "All data of a Loose Knit. Copy this folder while nothing runs, or make a backup while it does.\n",
                    StandardCharsets.UTF_8);
        }
    }

    private static void make(final Path path) {
        try {
            Files.createDirectories(path);
            final Path tried = Files.createTempFile(path, "tried", null);
            Files.delete(tried);
        } catch (final IOException e) {
            throw unusable(path, e);
        }
    }

    private static CannotStart unusable(final Path path, final IOException e) {
        return new CannotStart(
                "The folder %s cannot be written to (%s).".formatted(path, e.getMessage()),
                "Choose another one with --data, or make this one writable for you.");
    }

    private static FileChannel lock(final Path path) {
        try {
            final FileChannel channel =
                    FileChannel.open(path.resolve(HELD), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            final FileLock lock = tryLock(channel);
            if (lock == null) {
                channel.close();
                throw new CannotStart(
                        "Another Loose Knit is using the folder %s.".formatted(path),
                        "Go on in that one, stop it first, or choose another folder with --data.");
            }
            return channel;
        } catch (final IOException e) {
            throw unusable(path, e);
        }
    }

    private static @Nullable FileLock tryLock(final FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (final OverlappingFileLockException inThisMachine) {
            return null;
        }
    }

    /** Nobody but the owner reads what is in it. */
    private static void ownerOnly(final Path path) throws IOException {
        if (!FileSystems.getDefault().supportedFileAttributeViews().contains("posix")) {
            return;
        }
        Files.setPosixFilePermissions(path, PosixFilePermissions.fromString("rwx------"));
        try (Stream<Path> files = Files.list(path)) {
            for (final Path file : files.filter(Files::isRegularFile).toList()) {
                Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
            }
        }
    }

    private static void check(final Path path) throws IOException {
        final Path database = path.resolve(DATABASE);
        if (!Files.exists(database)) {
            if (Files.exists(path.resolve(MARK))) {
                throw new CannotStart(
                        "There was a house in %s, but its database %s is gone.".formatted(path, DATABASE),
                        wayBack(path));
            }
            return;
        }
        if (Files.size(database) < SMALLEST || !hasHeader(database)) {
            throw damaged(path);
        }
    }

    /** Either of the first two blocks of the store's file says what it is; one may be broken. */
    private static boolean hasHeader(final Path database) throws IOException {
        try (var in = Files.newInputStream(database)) {
            final String first = new String(in.readNBytes(BLOCK), StandardCharsets.ISO_8859_1);
            final String second = new String(in.readNBytes(BLOCK), StandardCharsets.ISO_8859_1);
            return first.startsWith(HEADER) || second.startsWith(HEADER);
        }
    }

    /** That the database cannot be read, and what to do. */
    static CannotStart damaged(final Path path) {
        return new CannotStart(
                "The database %s is damaged and cannot be read. It was left as it is."
                        .formatted(path.resolve(DATABASE)),
                wayBack(path));
    }

    private static String wayBack(final Path path) {
        final List<Path> backups = Backups.in(path);
        return backups.isEmpty()
                ? "There is no backup in %s: put a copy of the file back if you have one, or begin anew in another folder with --data."
                        .formatted(path.resolve(BACKUPS))
                : "The last backup is %s: put it back with  ./loose-knit restore --data %s %s"
                        .formatted(backups.get(0).getFileName(), path, backups.get(0));
    }

    public Path path() {
        return path;
    }

    /** Lets go of the folder. */
    public void release() {
        release(channel);
    }

    private static void release(final @Nullable FileChannel channel) {
        if (channel != null) {
            try {
                channel.close();
            } catch (final IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
