package looseknit.server.pot;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import looseknit.server.frame.PictureFile;
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

    /**
     * The picture in a file, by what is in it and not by its name.
     *
     * @throws Refused if it is none, of a kind that is not known, or of too many pixels
     */
    static Picture of(final byte[] file) {
        final int largest = Math.min(LARGEST, PictureFile.longerSide(file));
        try {
            final BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(file))
                    .useExifOrientation(true)
                    .size(largest, largest)
                    .keepAspectRatio(true)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            return new Picture(upright.getWidth(), upright.getHeight(), jpeg(upright, largest), jpeg(upright, SMALL));
        } catch (final IOException e) {
            throw PictureFile.unknown();
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
}
