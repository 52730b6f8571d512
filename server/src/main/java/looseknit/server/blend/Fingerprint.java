package looseknit.server.blend;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Tells one model from another: a digest of all classes and tables of the core, so that no change of it can be missed. */
final class Fingerprint {

    private Fingerprint() {}

    /** The digest of the core that is running. */
    static String ofCore() {
        try {
            final MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (final Resource each :
                    new PathMatchingResourcePatternResolver().getResources("classpath*:looseknit/core/**/*.*")) {
                try (InputStream content = each.getInputStream()) {
                    digest.update(content.readAllBytes());
                }
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        } catch (final NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
