package looseknit.server.frame;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Serial;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;

/** A request whose body has arrived. */
final class HeldBody extends HttpServletRequestWrapper {

    private static final int PIECE = 8192;

    private final byte[] body;

    private HeldBody(final HttpServletRequest request, final byte[] body) {
        super(request);
        this.body = body;
    }

    /** The body does not come. */
    static final class TooSlow extends IOException {
        @Serial
        private static final long serialVersionUID = 1;
    }

    /**
     * Reads a body whole.
     *
     * @throws TooSlow if it takes longer
     */
    static HeldBody read(final HttpServletRequest request, final int seconds) throws IOException {
        final long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        final ByteArrayOutputStream body = new ByteArrayOutputStream();
        final byte[] piece = new byte[PIECE];
        try {
            final InputStream in = request.getInputStream();
            for (int read = in.read(piece); read >= 0; read = in.read(piece)) {
                body.write(piece, 0, read);
                if (System.nanoTime() > until) {
                    throw new TooSlow();
                }
            }
        } catch (final SocketTimeoutException late) {
            throw new TooSlow();
        }
        return new HeldBody(request, body.toByteArray());
    }

    @Override
    public ServletInputStream getInputStream() {
        final ByteArrayInputStream in = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public boolean isFinished() {
                return in.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(final ReadListener listener) {
                throw new UnsupportedOperationException("bodies are read at once");
            }

            @Override
            public int read() {
                return in.read();
            }

            @Override
            public int read(final byte[] to, final int from, final int length) {
                return in.read(to, from, length);
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
}
