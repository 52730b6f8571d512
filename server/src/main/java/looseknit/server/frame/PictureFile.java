package looseknit.server.frame;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Whether a file is a picture that may be read: by what is in it, not by its name, and before it is unpacked. */
public final class PictureFile {

    private static final long MOST_PIXELS = 60_000_000;
    private static final Set<String> KNOWN = Set.of("JPEG", "PNG");

    private PictureFile() {}

    /**
     * Its longer side [pixels].
     *
     * @throws Refused if it is none, of a kind that is not known, or of too many pixels
     */
    public static int longerSide(final byte[] file) {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            final Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                throw unknown();
            }
            final ImageReader reader = readers.next();
            try {
                reader.setInput(stream, true, true);
                if (!KNOWN.contains(reader.getFormatName().toUpperCase(Locale.ROOT))) {
                    throw unknown();
                }
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw new Refused(
                            "This picture is too large",
                            "It has %d x %d pixels; up to 60 million are taken. Make it smaller first."
                                    .formatted(reader.getWidth(0), reader.getHeight(0)));
                }
                return Math.max(reader.getWidth(0), reader.getHeight(0));
            } finally {
                reader.dispose();
            }
        } catch (final IOException e) {
            throw unknown();
        }
    }

    /** What is said of a file that is no picture. */
    public static Refused unknown() {
        return new Refused("This is no picture that is known", "JPEG and PNG are read. Save it as one of them first.");
    }
}
