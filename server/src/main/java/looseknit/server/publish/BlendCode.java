package looseknit.server.publish;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.NotFoundException;
import com.google.zxing.ReaderException;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.Base64;
import java.util.Map;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;
import looseknit.server.frame.Refused;

/** A blend as the text of a two-dimensional code: its file, packed (RFC 1951) and written in letters that every code can carry (RFC 4648, section 5). */
final class BlendCode {

    /** What the text begins with. */
    static final String MARK = "LOOSE-KNIT-BLEND-1:";

    /** Letters that the largest code holds (version 40 with the least correction, ISO/IEC 18004), with some room to spare. */
    static final int MOST_LETTERS = 2900;

    private static final int MOST_BYTES = 100_000;
    private static final int CHUNK = 4096;

    private BlendCode() {}

    /** The text of a code. */
    static String text(final byte[] file) {
        final Deflater packing = new Deflater(Deflater.BEST_COMPRESSION, true);
        try {
            packing.setInput(file);
            packing.finish();
            final ByteArrayOutputStream packed = new ByteArrayOutputStream();
            final byte[] chunk = new byte[CHUNK];
            while (!packing.finished()) {
                packed.write(chunk, 0, packing.deflate(chunk));
            }
            return MARK + Base64.getUrlEncoder().withoutPadding().encodeToString(packed.toByteArray());
        } finally {
            packing.end();
        }
    }

    /**
     * The file in the text of a code.
     *
     * @throws Refused if it is none, damaged, or unpacks to more than a blend can be
     */
    static byte[] file(final String text) {
        if (!text.startsWith(MARK)) {
            throw new Refused("Not taken", "The code in this picture is not that of a blend.");
        }
        final Inflater unpacking = new Inflater(true);
        try {
            unpacking.setInput(Base64.getUrlDecoder().decode(text.substring(MARK.length())));
            final ByteArrayOutputStream file = new ByteArrayOutputStream();
            final byte[] chunk = new byte[CHUNK];
            while (!unpacking.finished()) {
                final int read = unpacking.inflate(chunk);
                if (read == 0 || file.size() + read > MOST_BYTES) {
                    throw damaged();
                }
                file.write(chunk, 0, read);
            }
            return file.toByteArray();
        } catch (final DataFormatException | IllegalArgumentException e) {
            throw damaged();
        } finally {
            unpacking.end();
        }
    }

    private static Refused damaged() {
        return new Refused("Not taken", "The code in this picture is damaged: ask for the blend as a file.");
    }

    /**
     * The text of the code in a picture.
     *
     * @throws Refused if there is none, or it cannot be read
     */
    static String read(final BufferedImage picture) {
        try {
            return new QRCodeReader()
                    .decode(
                            new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(picture))),
                            Map.of(DecodeHintType.TRY_HARDER, true))
                    .getText();
        } catch (final NotFoundException e) {
            throw new Refused(
                    "Not taken", "There is no code in this picture. Take it closer, straight and without glare.");
        } catch (final ReaderException e) {
            throw new Refused(
                    "Not taken",
                    "The code in this picture cannot be read. Take it closer, straight and without glare.");
        }
    }
}
