package looseknit.server;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.Scanner;
import looseknit.server.house.CannotStart;
import looseknit.server.house.Commands;
import looseknit.server.house.DataFolder;
import looseknit.server.house.HouseStart;
import looseknit.server.people.LostPassword;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the application, or does something with a house on which no server runs. */
@SpringBootApplication
public class LooseKnit {

    private static final String COMMAND = "--house=";
    private static final int CANNOT = 2;

    /**
     * Starts it.
     *
     * @param args settings; or {@code --house=backup}, {@code --house=check}, {@code --house=restore},
     *     {@code --house=password} with the data folder and, for the last two, a backup or a name
     */
    public static void main(final String[] args) {
        Locale.setDefault(Locale.ROOT);
        if (args.length > 1 && args[0].startsWith(COMMAND)) {
            System.exit(args[0].equals(COMMAND + "password") ? password(args) : command(args));
        }
        start(args);
    }

    /**
     * What runs in this process.
     *
     * @param server the server
     * @param house the hold on its folder, which is let go when the store is closed
     */
    public record Running(ConfigurableApplicationContext server, HouseStart house) implements AutoCloseable {

        @Override
        public void close() {
            server.close();
            Optional.ofNullable(house.held()).ifPresent(DataFolder::release);
        }
    }

    /**
     * Starts the server within this process.
     *
     * @param args settings
     */
    public static Running start(final String... args) {
        ReadBeside.begin();
        final SpringApplication application = new SpringApplication(LooseKnit.class);
        final HouseStart house = new HouseStart();
        application.setMainApplicationClass(LooseKnit.class);
        application.addListeners(house, new AheadOfTime());
        // whether it starts with what was worked out ahead is a setting of the whole process: one start at a time
        synchronized (LooseKnit.class) {
            return new Running(application.run(args), house);
        }
    }

    /** A new password for somebody, as it is typed in: the way back in for who forgot it. */
    @SuppressWarnings("SystemOut")
    private static int password(final String[] args) {
        try {
            final String typed = new Scanner(System.in, StandardCharsets.UTF_8).nextLine();
            System.out.println(LostPassword.set(Path.of(args[1]), args[2], typed));
            return 0;
        } catch (final CannotStart e) {
            System.err.println(e.getMessage() + " " + e.wayOut());
            return CANNOT;
        }
    }

    @SuppressWarnings("SystemOut")
    private static int command(final String[] args) {
        try {
            System.out.println(Commands.run(
                    args[0].substring(COMMAND.length()),
                    Path.of(args[1]),
                    Path.of(args.length > 2 ? args[2] : ""),
                    Clock.system(ZoneId.systemDefault())));
            return 0;
        } catch (final CannotStart e) {
            System.err.println(e.getMessage() + " " + e.wayOut());
            return CANNOT;
        }
    }
}
