package looseknit.server;

import java.util.Locale;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application. */
@SpringBootApplication
public class LooseKnit {

    public static void main(final String[] args) {
        Locale.setDefault(Locale.ROOT);
        SpringApplication.run(LooseKnit.class, args);
    }
}
