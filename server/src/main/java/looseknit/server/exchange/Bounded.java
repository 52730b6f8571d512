package looseknit.server.exchange;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** No more than so many bytes come out of it, however small it is or however well it was packed. */
final class Bounded extends FilterInputStream {

    private static final long MOST_BYTES = 4L << 30;

    private final boolean closes;
    private long read;

    /** @param closes whether closing it closes what it reads from */
    Bounded(final InputStream in, final boolean closes) {
        super(in);
        this.closes = closes;
    }

    @Override
    public int read() throws IOException {
        final int got = in.read();
        count(got < 0 ? 0 : 1);
        return got;
    }

    @Override
    public int read(final byte[] bytes, final int from, final int most) throws IOException {
        final int got = in.read(bytes, from, most);
        count(Math.max(0, got));
        return got;
    }

    @Override
    public void close() throws IOException {
        if (closes) {
            in.close();
        }
    }

    private void count(final int more) {
        read += more;
        if (read > MOST_BYTES) {
            throw new Unreadable("The file is larger than 4 GB.");
        }
    }
}
