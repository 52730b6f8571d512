package looseknit.server.frame;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock that everything goes by. */
@Configuration(proxyBeanMethods = false)
class TimeOfDay {

    /** That of the house: days begin where the program runs. */
    @Bean
    @SuppressWarnings("JavaTimeDefaultTimeZone")
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
