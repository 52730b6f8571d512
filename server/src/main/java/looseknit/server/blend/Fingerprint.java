package looseknit.server.blend;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.JarURLConnection;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.zip.CRC32;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Tells one model from another: a digest of the checksums of all classes and tables of the core, so that no change of it can be missed. */
final class Fingerprint {

    private Fingerprint() {}

    /** The digest of the core that is running. */
    static String ofCore() {
        try {
            final MessageDigest digest = MessageDigest.getInstance("SHA-256");
            final Resource[] all =
                    new PathMatchingResourcePatternResolver().getResources("classpath*:looseknit/core/**/*.*");
            for (final Resource each : all) {
                digest.update("%s %s %d;"
                        .formatted(each.getFilename(), each.contentLength(), sum(each))
                        .getBytes(StandardCharsets.UTF_8));
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        } catch (final NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A checksum of what is in it; where it is packed the package knows it, and nothing has to be read. */
    private static long sum(final Resource file) throws IOException {
        if (file.getURL().openConnection() instanceof JarURLConnection packed) {
            return packed.getJarEntry().getCrc();
        }
        final CRC32 sum = new CRC32();
        sum.update(file.getContentAsByteArray());
        return sum.getValue();
    }
}
