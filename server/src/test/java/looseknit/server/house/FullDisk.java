package looseknit.server.house;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.util.concurrent.atomic.AtomicBoolean;
import org.h2.store.fs.FileBase;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/** A disk that can be filled up: files with {@code full:} before their path. */
public final class FullDisk extends FilePathWrapper {

    /** Whether there is no room. */
    static final AtomicBoolean FULL = new AtomicBoolean();

    static void mount() {
        FilePath.register(new FullDisk());
    }

    @Override
    public String getScheme() {
        return "full";
    }

    @Override
    public FileChannel open(final String mode) throws IOException {
        return new File(super.open(mode));
    }

    private static void needRoom() throws IOException {
        if (FULL.get()) {
            throw new IOException("No space left on device");
        }
    }

    /** A file on it. */
    private static final class File extends FileBase {

        private final FileChannel file;

        File(final FileChannel file) {
            this.file = file;
        }

        @Override
        public int read(final ByteBuffer into) throws IOException {
            return file.read(into);
        }

        @Override
        public int read(final ByteBuffer into, final long at) throws IOException {
            return file.read(into, at);
        }

        @Override
        public int write(final ByteBuffer from) throws IOException {
            needRoom();
            return file.write(from);
        }

        @Override
        public int write(final ByteBuffer from, final long at) throws IOException {
            needRoom();
            return file.write(from, at);
        }

        @Override
        public long position() throws IOException {
            return file.position();
        }

        @Override
        public FileChannel position(final long to) throws IOException {
            file.position(to);
            return this;
        }

        @Override
        public long size() throws IOException {
            return file.size();
        }

        @Override
        public FileChannel truncate(final long to) throws IOException {
            file.truncate(to);
            return this;
        }

        @Override
        public void force(final boolean all) throws IOException {
            file.force(all);
        }

        @Override
        public FileLock tryLock(final long from, final long size, final boolean shared) throws IOException {
            return file.tryLock(from, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            file.close();
        }
    }
}
