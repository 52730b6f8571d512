package looseknit.server.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import looseknit.server.LooseKnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.context.ConfigurableApplicationContext;

/** A start that fails says why in a sentence, with the way out, and makes nothing worse. */
@ExtendWith(OutputCaptureExtension.class)
class StartTest {

    @TempDir
    private Path data;

    private ConfigurableApplicationContext start(final int port) {
        final SpringApplication application = new SpringApplication(LooseKnit.class);
        final HouseStart house = new HouseStart();
        application.addListeners(house);
        try {
            return application.run("--looseknit.data=" + data, "--server.port=" + port);
        } finally {
            final DataFolder held = house.held();
            if (held != null) {
                held.release();
            }
        }
    }

    private void fails(final CapturedOutput output, final String... sentences) {
        assertThatThrownBy(() -> start(0)).isInstanceOf(Throwable.class);
        assertThat(output.getErr())
                .contains("cannot start: ")
                .contains(sentences)
                .doesNotContain("\tat ");
    }

    @Test
    void aDamagedDatabase(final CapturedOutput output) throws Exception {
        Files.writeString(data.resolve(DataFolder.DATABASE), "text ".repeat(3000));
        fails(output, "is damaged and cannot be read", "way out: There is no backup");
    }

    @Test
    void aFolderThatIsAFile(final CapturedOutput output) throws Exception {
        data = Files.writeString(data.resolve("file"), "");
        fails(output, "cannot be written to", "way out: Choose another one with --data");
    }

    @Test
    void aDatabaseOfANewerProgramIsLeftAloneAndAnOlderOneIsBackedUpFirst(final CapturedOutput output) throws Exception {
        start(0).close();
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + data.resolve("looseknit"), "looseknit", "");
                Statement statement = connection.createStatement()) {
            statement.execute("""
                    INSERT INTO "flyway_schema_history" ("installed_rank", "version", "description", "type", "script", "installed_by", "execution_time", "success")
                    VALUES (900, '900', 'from the future', 'SQL', 'V900__from_the_future.sql', 'looseknit', 1, TRUE)""");
        }
        fails(output, "were written by a newer Loose Knit (version 900", "Nothing was changed.");
    }

    @Test
    void aPortThatIsTaken(final CapturedOutput output) throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            assertThatThrownBy(() -> start(taken.getLocalPort())).isInstanceOf(Throwable.class);
        }
        assertThat(output.getErr()).contains("is taken by another program").doesNotContain("\tat ");
    }
}
