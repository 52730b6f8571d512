package looseknit.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URL;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import javax.imageio.ImageIO;

/** Compares pictures with stored ones. */
final class Pixels {

    /** Channels that differ by less look the same: edges are smoothed a little differently from build to build. */
    private static final int SAME = 40;

    private Pixels() {}

    /**
     * Fails if one of the pictures differs from the stored one of its name in more than this share of its pixels; the pictures as they are
     * now are left beside.
     */
    static void assertLike(final Map<String, byte[]> pictures, final double mostShare) throws IOException {
        final Path folder = Files.createDirectories(Path.of("target", "pictures"));
        for (final Map.Entry<String, byte[]> picture : pictures.entrySet()) {
            Files.write(folder.resolve(picture.getKey() + ".png"), picture.getValue());
        }
        for (final Map.Entry<String, byte[]> picture : pictures.entrySet()) {
            final URL stored = Pixels.class.getResource(picture.getKey() + ".png");
            assertThat(stored)
                    .as("stored picture of %s; what it is now is in %s", picture.getKey(), folder)
                    .isNotNull();
            assertThat(difference(ImageIO.read(stored), ImageIO.read(new ByteArrayInputStream(picture.getValue()))))
                    .as(
                            "share of %s that looks different from the stored picture; what it is now is in %s",
                            picture.getKey(), folder)
                    .isLessThanOrEqualTo(mostShare);
        }
    }

    /** Share of the pixels that look different, 1 for other sizes. */
    static double difference(final BufferedImage one, final BufferedImage other) {
        if (one.getWidth() != other.getWidth() || one.getHeight() != other.getHeight()) {
            return 1;
        }
        long different = 0;
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                different += differs(one.getRGB(x, y), other.getRGB(x, y)) ? 1 : 0;
            }
        }
        return different / (double) (one.getWidth() * one.getHeight());
    }

    private static boolean differs(final int one, final int other) {
        for (int shift = 0; shift <= 16; shift += 8) {
            if (Math.abs((one >> shift & 0xff) - (other >> shift & 0xff)) >= SAME) {
                return true;
            }
        }
        return false;
    }
}
