package looseknit.server.pot;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import looseknit.server.frame.Refused;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A picture as it is kept: turned upright and drawn anew as JPEG, so that nothing but the picture is left of the file - no place, no camera, no
 * hidden content.
 *
 * @param jpeg for a page
 * @param thumbnail for a list
 */
@SuppressWarnings("ArrayRecordComponent")
record Picture(int width, int height, byte[] jpeg, byte[] thumbnail) {

    private static final int LARGEST = 1600;
    private static final int SMALL = 240;
    private static final double QUALITY = 0.85;
    private static final long MOST_PIXELS = 60_000_000;
    private static final Set<String> KNOWN = Set.of("JPEG", "PNG");

    /**
     * The picture in a file, by what is in it and not by its name.
     *
     * @throws Refused if it is none, of a kind that is not known, or of too many pixels
     */
    static Picture of(final byte[] file) {
        final int largest = Math.min(LARGEST, checked(file));
        try {
            final BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(file))
                    .useExifOrientation(true)
                    .size(largest, largest)
                    .keepAspectRatio(true)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            return new Picture(upright.getWidth(), upright.getHeight(), jpeg(upright, largest), jpeg(upright, SMALL));
        } catch (final IOException e) {
            throw unknown();
        }
    }

    /** Its longer side, if it may be read [pixels]. */
    private static int checked(final byte[] file) {
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

    private static byte[] jpeg(final BufferedImage picture, final int largest) throws IOException {
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(picture)
                .size(Math.min(largest, picture.getWidth()), Math.min(largest, picture.getHeight()))
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }

    private static Refused unknown() {
        return new Refused("This is no picture that is known", "JPEG and PNG are read. Save it as one of them first.");
    }
}
