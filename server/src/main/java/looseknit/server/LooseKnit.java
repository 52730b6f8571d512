package looseknit.server;

import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Locale;
import looseknit.server.house.CannotStart;
import looseknit.server.house.Commands;
import looseknit.server.house.HouseStart;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application, or does something with a house on which no server runs. */
@SpringBootApplication
public class LooseKnit {

    private static final String COMMAND = "--house=";
    private static final int CANNOT = 2;

    /**
     * Starts it.
     *
     * @param args settings; or {@code --house=backup}, {@code --house=check}, {@code --house=restore} with the data folder and, for the last, a backup
     */
    public static void main(final String[] args) {
        Locale.setDefault(Locale.ROOT);
        if (args.length > 1 && args[0].startsWith(COMMAND)) {
            System.exit(command(args));
        }
        final SpringApplication application = new SpringApplication(LooseKnit.class);
        application.addListeners(new HouseStart());
        application.run(args);
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
