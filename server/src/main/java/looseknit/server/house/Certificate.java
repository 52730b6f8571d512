package looseknit.server.house;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import looseknit.server.frame.OwnAddresses;

/** The certificate of a house that is shared: made by itself on the first day with the tool of the Java that runs it, unless one is given. */
public final class Certificate {

    static final String FILE = "house.p12";

    /** No secret: who can read the file, which is its owner's alone, can read what lies beside it. */
    private static final String PASSWORD = "loose-knit";

    private static final String DAYS = "3650";
    private static final int LONGEST_SECONDS = 60;

    private Certificate() {}

    /**
     * Makes one for the names of this machine if there is none.
     *
     * @throws CannotStart if that fails
     */
    static void make(final Path data) {
        final Path file = data.resolve(FILE);
        if (Files.exists(file)) {
            return;
        }
        try {
            final Path made = data.resolve(FILE + ".new");
            Files.deleteIfExists(made);
            final Process tool = new ProcessBuilder(command(made))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (!tool.waitFor(LONGEST_SECONDS, TimeUnit.SECONDS) || tool.exitValue() != 0) {
                tool.destroy();
                throw cannot("the tool that makes it failed");
            }
            if (Files.getFileStore(made).supportsFileAttributeView("posix")) {
                Files.setPosixFilePermissions(made, PosixFilePermissions.fromString("rw-------"));
            }
            Files.move(made, file);
        } catch (final IOException e) {
            throw cannot(String.valueOf(e.getMessage()));
        } catch (final InterruptedException e) {
            Thread.currentThread().interrupt();
            throw cannot("it was interrupted");
        }
    }

    private static List<String> command(final Path made) {
        final List<String> names = new ArrayList<>(List.of("dns:localhost", "ip:127.0.0.1"));
        OwnAddresses.ofThisMachine().forEach(name -> names.add((name.matches("[0-9.]+") ? "ip:" : "dns:") + name));
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-genkeypair",
                "-alias",
                "house",
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-dname",
                "CN=Loose Knit in this house",
                "-ext",
                "san=" + String.join(",", names),
                "-validity",
                DAYS,
                "-storetype",
                "PKCS12",
                "-storepass",
                PASSWORD,
                "-keystore",
                made.toString());
    }

    /** The fingerprint of the certificate in a key store, as browsers show it: SHA-256, in pairs. */
    public static String fingerprint(final String file, final String password) {
        try (InputStream in = Files.newInputStream(Path.of(file.replaceFirst("^file:", "")))) {
            final KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(in, password.toCharArray());
            final byte[] encoded =
                    store.getCertificate(store.aliases().nextElement()).getEncoded();
            return HexFormat.ofDelimiter(":")
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(encoded))
                    .toUpperCase(Locale.ROOT);
        } catch (final IOException | GeneralSecurityException e) {
            throw new IllegalStateException("the certificate cannot be read", e);
        }
    }

    private static CannotStart cannot(final String why) {
        return new CannotStart(
                "The certificate of the house could not be made (%s).".formatted(why),
                "Give one with --certificate FILE (PKCS 12), or see that the data folder can be written to.");
    }
}
